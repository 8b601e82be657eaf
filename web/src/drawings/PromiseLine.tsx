/** One promise: what came and its range, as shares of what was promised (1: just so). */
export interface PromiseDot {
  readonly key: string;
  readonly came: number;
  readonly low: number;
  readonly high: number;
}
const HIGH = 150;
const PAD = 12;
/** Never drawn closer than this about the promise: a hundredth is no mountain. */
const LEAST = 0.08;

/** Promises one after the other: the range that was said as a bar, what came as a dot, hollow where it lies outside. */
export function PromiseLine({ dots, width }: { readonly dots: readonly PromiseDot[]; readonly width: number }) {
  const far = Math.max(LEAST, ...dots.flatMap((d) => [d.came, d.low, d.high]).map((v) => Math.abs(v - 1)));
  const y = (v: number): number => HIGH / 2 - ((v - 1) / far) * (HIGH / 2 - PAD);
  const left = 44;
  const gap = (width - left - PAD) / Math.max(1, dots.length);
  const x = (i: number): number => left + (i + 0.5) * gap;
  const bar = Math.min(14, gap * 0.7);
  const by = `${Math.round(100 * far)}\u00a0%`;
  return (
    <svg width={width} height={HIGH} viewBox={`0 0 ${width} ${HIGH}`} aria-hidden="true" className="block max-w-full">
      <line x1={left} x2={width} y1={HIGH / 2} y2={HIGH / 2} stroke="var(--ink)" strokeWidth={1.5} />
      {[1, -1].map((s) => (
        <text key={s} x={0} y={y(1 + s * far) + 5} fontSize={12.5} fill="var(--ash)">
          {s > 0 ? '+' : '−'}
          {by}
        </text>
      ))}
      {dots.map((d, i) => {
        const within = d.came >= d.low && d.came <= d.high;
        return (
          <g key={d.key}>
            <rect
              x={x(i) - bar / 2}
              y={y(d.high)}
              width={bar}
              height={Math.max(1, y(d.low) - y(d.high))}
              rx={2}
              fill="var(--water-soft)"
              stroke="var(--water-text)"
              strokeWidth={0.8}
            />
            <circle
              cx={x(i)}
              cy={y(d.came)}
              r={Math.min(5, Math.max(2, gap / 3))}
              fill={within ? 'var(--ink)' : 'var(--plate)'}
              stroke={within ? 'var(--ink)' : 'var(--flame-text)'}
              strokeWidth={2}
            />
          </g>
        );
      })}
    </svg>
  );
}
