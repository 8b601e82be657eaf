import { milkOf } from '@ironpan/core/words';
import { foodStyle } from '../drawings/foodStyle';
import { Barred, JarShape, Stamp, TubShape } from '../drawings/Jar';
import { PLANK, ROW } from './boardSizes';
import type { BoardSize } from './boardSizes';
import { amountLeft, saidOf, shortTime, tagOf } from '../live/say';
import type { ShelfJar } from '../live/shelf';

const CHIP = {
  good: { background: 'var(--leaf-soft)', color: 'var(--leaf-text)' },
  soon: { background: 'var(--amber-soft)', color: 'var(--amber-text)' },
  past: { background: 'var(--flame-soft)', color: 'var(--flame-text)' },
} as const;
/** Widths and heights of a drawn litre, px; a tub of pulp is always as large. */
const SIZE = { large: { w: 86, h: 138 }, small: { w: 60, h: 86 }, tub: { w: 122, h: 58 } } as const;

/** One jar or tub as it stands: its tag at the neck, its layers, what must be known of it, its time on the plank's edge. */
export function OnBoard({
  j,
  size,
  onOpen,
}: {
  readonly j: ShelfJar;
  readonly size: BoardSize;
  readonly onOpen: () => void;
}) {
  const row = ROW[size];
  const plank = PLANK[size];
  const share = Math.min(size === 'tub' ? 0.92 : 1, j.now.leftMl / Math.max(1, j.jar.vesselMl));
  const by = size === 'tub' ? 1 : Math.min(1.05, Math.max(0.62, (j.jar.vesselMl / 1000) ** 0.33));
  const { w } = SIZE[size];
  const h = Math.round(SIZE[size].h * by);
  const small = size === 'small';
  const tag = tagOf(j, small);
  // In the empty part of the jar, so that the layers stay seen; in a full one across the middle.
  const empty = (h - 8) * 0.9 * (1 - share);
  const stampY = size === 'tub' || j.stamp?.stop || empty < 26 ? h * 0.6 : h * 0.1 + 6 + empty / 2;
  return (
    <li style={foodStyle(milkOf(j.batch.recipe))}>
      <button
        type="button"
        className="group flex w-full flex-col items-center rounded-md"
        style={{ height: row + plank }}
        aria-label={`${j.name}, batch ${j.batch.number}, ${amountLeft(j)}, ${saidOf(j)}`}
        onClick={onOpen}
      >
        <span
          className={`relative mt-auto block max-w-full rounded-sm border-[1.5px] py-0.5 pr-1.5 pl-4 text-left leading-tight group-hover:underline ${small ? 'text-[0.8rem]' : 'text-[0.88rem]'}`}
          style={{ background: 'var(--plate)', borderColor: 'var(--iron)' }}
        >
          {/* The hole for the string. */}
          <span
            className="absolute bottom-1.5 left-1.5 size-1.5 rounded-full border"
            style={{ borderColor: 'var(--iron)', background: 'var(--ground)' }}
          />
          <b className="block truncate">{tag.name}</b>
          {tag.part !== '' && !small && <span className="block truncate">{tag.part}</span>}
          <span className="num block truncate text-[0.8rem]">{amountLeft(j)}</span>
        </span>
        <svg
          width={w + 16}
          height={h + 8}
          viewBox={`-8 -8 ${w + 16} ${h + 8}`}
          aria-hidden="true"
          className="block shrink-0"
        >
          {size !== 'tub' && (
            <path
              d={`M${w * 0.22} -8 q-4 6 ${w * 0.03} ${h * 0.1 + 10}`}
              fill="none"
              stroke="var(--iron)"
              strokeWidth={1.2}
            />
          )}
          {j.pulp ? (
            <TubShape width={w} height={h} share={share} fill="var(--pulp)" />
          ) : (
            <JarShape
              width={w}
              height={h}
              share={share}
              fill="var(--milk)"
              {...(j.layers ? { layers: j.layers } : {})}
              seen={j.now.seenLayers !== null}
              ajar={j.now.hygiene === 'touched'}
            />
          )}
          {j.danger && <Barred width={w} height={h} />}
          {j.stamp && (
            <Stamp
              width={w}
              y={stampY}
              word={j.stamp.word}
              stop={j.stamp.stop}
              size={small ? 11 : j.stamp.stop ? 15 : 13}
            />
          )}
        </svg>
        <span className="flex w-full shrink-0 items-center justify-center" style={{ height: plank }}>
          <span
            className={`num block rounded-sm px-1.5 text-center whitespace-nowrap ${small ? 'min-w-16 text-[0.8rem]' : 'min-w-22 text-[0.88rem]'}`}
            style={CHIP[j.tone]}
          >
            {shortTime(j)}
          </span>
        </span>
      </button>
    </li>
  );
}
