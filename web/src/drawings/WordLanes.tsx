/** One word of a scale: from which figure to which it holds here, and where it usually does. */
export interface WordLane {
  readonly word: string;
  readonly from: number;
  readonly to: number;
  readonly usualFrom: number;
  readonly usualTo: number;
  /** The figures of what was called so, and whether each counts. */
  readonly said: readonly { readonly x: number; readonly counts: boolean }[];
}
interface WordLanesProps {
  readonly lanes: readonly WordLane[];
  /** The figure of nothing at all: told as times water it is 1. */
  readonly none: number;
  readonly width: number;
}
const ROW = 30;
const NAME = 84;
const PAD = 8;

/** Each word a row: the figures to which this kitchen gives it, the usual ones outlined, and every time it was said. */
export function WordLanes({ lanes, none, width }: WordLanesProps) {
  const ends = lanes.flatMap((l) => [l.from, l.usualFrom, ...l.said.map((s) => s.x)]).filter((x) => x > none);
  const [low, high] = [Math.log(Math.min(...ends) - none) - 0.5, Math.log(Math.max(...ends) - none) + 0.5];
  const x = (v: number): number => {
    const share = v <= none ? 0 : (Math.log(v - none) - low) / (high - low);
    return NAME + Math.min(1, Math.max(0, share)) * (width - NAME - PAD);
  };
  const high_ = ROW * lanes.length + 4;
  return (
    <svg width={width} height={high_} viewBox={`0 0 ${width} ${high_}`} aria-hidden="true" className="block max-w-full">
      {lanes.map((l, i) => {
        const y = 2 + i * ROW;
        return (
          <g key={l.word}>
            <text x={0} y={y + ROW / 2 + 4} fontSize={13.5} fill="var(--ink)">
              {l.word}
            </text>
            <rect
              x={x(l.from)}
              y={y + 4}
              width={Math.max(1, x(l.to) - x(l.from))}
              height={ROW - 8}
              fill="var(--water-soft)"
              stroke="var(--water)"
              strokeWidth={1.5}
            />
            <rect
              x={x(l.usualFrom)}
              y={y + 4}
              width={Math.max(1, x(l.usualTo) - x(l.usualFrom))}
              height={ROW - 8}
              fill="none"
              stroke="var(--ash)"
              strokeDasharray="3 4"
            />
            {l.said.map((s, k) => (
              // What was said is never moved.
              <circle
                key={k}
                cx={x(s.x)}
                cy={y + ROW / 2}
                r={5}
                fill={s.counts ? 'var(--ink)' : 'none'}
                stroke="var(--ink)"
                strokeWidth={1.5}
              />
            ))}
          </g>
        );
      })}
    </svg>
  );
}
