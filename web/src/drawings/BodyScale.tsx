import type { BoundWord } from '@ironpan/core/steps';
import { BODY_WORDS } from '@ironpan/core/words';

/** From water to set, by the logarithm of the relative viscosity: 1 … 30. */
const MOST = 30;
const at = (relative: number | null): number =>
  relative === null || relative >= MOST ? 1 : Math.max(0, Math.log(relative) / Math.log(MOST));
type From = Readonly<Record<BoundWord<'thick'>, number>>;
const wordsOf = (from: From) =>
  [
    ['thin', 1],
    ['likeMilk', from.likeMilk],
    ['creamy', from.creamy],
    ['thick', from.thick],
    ['sets', MOST],
  ] as const;

interface BodyScaleProps {
  /** Relative viscosity from the fridge; null: it sets. */
  readonly cold: number | null;
  /** After heating to 80 °C. */
  readonly hot: number | null;
  readonly range?: readonly [number, number] | undefined;
  readonly words?: boolean;
  /** Where each word begins in this kitchen, × water. */
  readonly from: From;
  readonly width: number;
}
/** The body from thin to set: filled mark cold, outlined mark when it is heated to 80 °C, the range as a band. */
export function BodyScale({ cold, hot, range, words = false, from, width }: BodyScaleProps) {
  const WORDS = wordsOf(from);
  const pad = 7;
  const x = (r: number | null): number => pad + at(r) * (width - 2 * pad);
  const y = 12;
  return (
    <svg
      width={width}
      height={words ? 42 : 24}
      viewBox={`0 0 ${width} ${words ? 42 : 24}`}
      aria-hidden="true"
      className="block"
    >
      <defs>
        <linearGradient id="body-scale">
          <stop offset="0" stopColor="var(--water-fill)" />
          <stop offset="0.3" stopColor="var(--milk)" />
          <stop offset="1" stopColor="var(--tiger-nut)" />
        </linearGradient>
      </defs>
      <rect x={pad} y={y - 3} width={width - 2 * pad} height={6} rx={3} fill="url(#body-scale)" stroke="var(--edge)" />
      {WORDS.slice(1).map(([w, r]) => (
        <line key={w} x1={x(r)} x2={x(r)} y1={y - 5} y2={y + 5} stroke="var(--edge)" strokeWidth={1} />
      ))}
      {range && (
        <rect
          x={x(range[0])}
          y={y - 7}
          width={Math.max(2, x(range[1]) - x(range[0]))}
          height={14}
          fill="var(--ink)"
          opacity={0.18}
        />
      )}
      <rect
        x={x(hot) - 4}
        y={y - 9}
        width={8}
        height={18}
        rx={3}
        fill="var(--plate)"
        stroke="var(--flame)"
        strokeWidth={2}
      />
      <rect x={x(cold) - 4} y={y - 9} width={8} height={18} rx={3} fill="var(--ink)" />
      {words &&
        WORDS.slice(0, 4).map(([w, r], i) => (
          <text
            key={w}
            x={(x(r) + x(WORDS[i + 1]?.[1] ?? MOST)) / 2}
            y={38}
            textAnchor="middle"
            fontSize={12.5}
            fill="var(--ash)"
          >
            {BODY_WORDS[w]}
          </text>
        ))}
    </svg>
  );
}
