import { milkOf } from '@ironpan/core/words';
import { foodStyle } from '../drawings/foodStyle';
import { Barred, JarShape, TubShape } from '../drawings/Jar';
import { amountLeft, timeLeft } from './say';
import type { ShelfJar } from './useShelf';

const TAG = {
  good: { background: 'var(--leaf-soft)', color: 'var(--leaf-text)' },
  soon: { background: 'var(--amber-soft)', color: 'var(--amber-text)' },
  past: { background: 'var(--flame-soft)', color: 'var(--flame-text)' },
} as const;

/** What the tag says first: pulp always tells its state, milk only when it is not to be drunk. */
function tag(j: ShelfJar, small: boolean): string {
  if (j.danger) return 'not boiled';
  if (!j.now.done) return `raw ${j.name}`;
  if (small) return `no. ${j.batch.number}`;
  // "third extract" is too long for a tag; the jar's whole name is in its label for readers.
  return j.pulp ? `${j.now.hygiene} ${j.name}` : j.name.replace(/ extract$/, '');
}

/** One jar or tub as it stands: its time left above it, its fill, its tag. */
export function OnBoard({
  j,
  small,
  onOpen,
}: {
  readonly j: ShelfJar;
  readonly small: boolean;
  readonly onOpen: () => void;
}) {
  const share = j.now.leftMl / Math.max(1, j.jar.vesselMl);
  const w = small ? 62 : j.pulp ? 124 : 86;
  const h = j.pulp
    ? 64
    : Math.round((small ? 80 : 132) * Math.min(1.05, Math.max(0.62, (j.jar.vesselMl / 1000) ** 0.33)));
  const said = j.danger ? 'not boiled enough: do not drink it' : `${timeLeft(j)} left${j.now.done ? '' : ', raw'}`;
  return (
    <li className="flex flex-col items-center justify-end pb-[10px]" style={foodStyle(milkOf(j.batch.recipe))}>
      <button
        type="button"
        className="group flex flex-col items-center rounded-md px-1"
        aria-label={`${j.name}, batch ${j.batch.number}, ${amountLeft(j)}, ${said}`}
        onClick={onOpen}
      >
        <span
          className={`num mb-1.5 block rounded-sm px-2 py-0.5 text-center whitespace-nowrap ${small ? 'text-[0.8rem]' : 'small min-w-24'}`}
          style={TAG[j.danger ? 'past' : j.tone]}
        >
          {j.danger ? 'boil it' : small && j.tone === 'past' ? 'past' : timeLeft(j)}
        </span>
        <span className="relative block">
          <svg width={w} height={h} viewBox={`0 0 ${w} ${h}`} aria-hidden="true" className="block">
            {j.pulp ? (
              <TubShape width={w} height={h} share={Math.min(0.92, share)} fill="var(--pulp)" />
            ) : (
              <JarShape width={w} height={h} share={share} fill="var(--milk)" />
            )}
            {j.danger && <Barred width={w} height={h} />}
          </svg>
          <span
            className={`absolute inset-x-0 mx-auto block rounded-sm border px-1 leading-tight group-hover:underline ${small ? 'bottom-3 w-[86%] text-[0.8rem]' : j.pulp ? 'bottom-2 w-24 text-[0.85rem]' : 'bottom-6 w-[86%] text-[0.88rem]'}`}
            style={{ background: 'var(--plate)', borderColor: 'var(--iron)' }}
          >
            <b className={j.danger ? 'block leading-tight' : 'block truncate'}>{tag(j, small)}</b>
            <span className="num block">{amountLeft(j)}</span>
            {!small && !j.pulp && <span className="quiet block text-[0.8rem]">batch {j.batch.number}</span>}
          </span>
        </span>
      </button>
    </li>
  );
}
