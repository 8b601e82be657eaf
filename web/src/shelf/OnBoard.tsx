import { milkName, milkOf } from '@ironpan/core/words';
import { foodStyle } from '../drawings/foodStyle';
import { Barred, JarShape, TubShape } from '../drawings/Jar';
import { amountLeft, timeLeft } from './say';
import type { ShelfJar } from './useShelf';

const TAG = {
  good: { background: 'var(--leaf-soft)', color: 'var(--leaf-text)' },
  soon: { background: 'var(--amber-soft)', color: 'var(--amber-text)' },
  past: { background: 'var(--flame-soft)', color: 'var(--flame-text)' },
} as const;

/** What the tag says first: pulp always tells its state, milk only when it is not to be drunk; else whose milk it is. */
function tag(j: ShelfJar): string {
  if (j.danger) return 'not boiled';
  if (!j.now.done) return `raw ${j.name}`;
  return j.pulp ? `${j.now.hygiene} ${j.name}` : milkName(milkOf(j.batch.recipe));
}
/** Which of its milks it is, where it is not the plain one. */
const which = (j: ShelfJar): string => (j.danger ? '' : j.part);

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
    <li className="flex flex-col items-center justify-start overflow-hidden" style={foodStyle(milkOf(j.batch.recipe))}>
      <button
        type="button"
        className="group flex h-full w-full flex-col items-center rounded-md px-1"
        aria-label={`${j.name}, batch ${j.batch.number}, ${amountLeft(j)}, ${said}`}
        onClick={onOpen}
      >
        <span
          className={`num mt-auto mb-1.5 block rounded-sm px-2 py-0.5 text-center whitespace-nowrap ${small ? 'text-[0.8rem]' : 'small min-w-24'}`}
          style={TAG[j.danger ? 'past' : j.tone]}
        >
          {j.danger ? 'boil it' : small && j.tone === 'past' ? 'past' : timeLeft(j)}
        </span>
        <svg width={w} height={h} viewBox={`0 0 ${w} ${h}`} aria-hidden="true" className="block shrink-0">
          {j.pulp ? (
            <TubShape width={w} height={h} share={Math.min(0.92, share)} fill="var(--pulp)" />
          ) : (
            <JarShape width={w} height={h} share={share} fill="var(--milk)" />
          )}
          {j.danger && <Barred width={w} height={h} />}
        </svg>
        {/* The plank is drawn by the board; the tag hangs under its edge, so that nothing hides the fill. */}
        <span
          className={`mt-[13px] block w-full shrink-0 text-center leading-tight group-hover:underline ${small ? 'h-[37px] text-[0.8rem]' : j.pulp ? 'h-[39px] text-[0.85rem]' : 'h-[61px] text-[0.88rem]'}`}
        >
          <b className="block truncate">{tag(j)}</b>
          {!small && which(j) !== '' && <span className="block truncate">{which(j)}</span>}
          <span className="num block truncate">{amountLeft(j)}</span>
          {!small && !j.pulp && which(j) === '' && (
            <span className="quiet block text-[0.8rem]">batch {j.batch.number}</span>
          )}
        </span>
      </button>
    </li>
  );
}
