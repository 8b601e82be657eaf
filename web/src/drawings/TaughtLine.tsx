/** One batch's word: how many times the usual, with its 80 % range; it may count or not. */
export interface TaughtDot {
  readonly key: string;
  readonly value: number;
  readonly low: number;
  readonly high: number;
  readonly counts: boolean;
}
/** How it was over some of them: from one dot to another, both counted. */
export interface TaughtLevel {
  readonly from: number;
  readonly to: number;
  readonly value: number;
}
interface TaughtLineProps {
  readonly dots: readonly TaughtDot[];
  readonly levels: readonly TaughtLevel[];
  /** The usual range, before anything was measured. */
  readonly usual: readonly [number, number];
  readonly width: number;
}
const HIGH = 110;
const PAD = 12;

/** What batches said one after the other, on a scale of times the usual; where it changed, the level steps. */
export function TaughtLine({ dots, levels, usual, width }: TaughtLineProps) {
  const all = [...dots.flatMap((d) => [d.low, d.high]), ...usual].map(Math.log);
  const [low, high] = [Math.min(...all), Math.max(...all)];
  const y = (v: number): number => {
    const share = (Math.log(v) - low) / Math.max(1e-9, high - low);
    return PAD + (1 - Math.min(1, Math.max(0, share))) * (HIGH - 2 * PAD);
  };
  const gap = (width - 2 * PAD) / Math.max(1, dots.length);
  const x = (i: number): number => PAD + (i + 0.5) * gap;
  return (
    <svg width={width} height={HIGH} viewBox={`0 0 ${width} ${HIGH}`} aria-hidden="true" className="block max-w-full">
      <rect
        x={0}
        y={y(usual[1])}
        width={width}
        height={Math.max(1, y(usual[0]) - y(usual[1]))}
        fill="var(--water-soft)"
      />
      <line x1={0} x2={width} y1={y(1)} y2={y(1)} stroke="var(--ash)" strokeDasharray="3 4" />
      {levels.map((l) => (
        <line
          key={l.from}
          x1={x(l.from) - gap / 2}
          x2={x(l.to) + gap / 2}
          y1={y(l.value)}
          y2={y(l.value)}
          stroke="var(--ink)"
          strokeWidth={2}
        />
      ))}
      {levels.slice(1).map((l) => (
        <line
          key={l.from}
          x1={x(l.from) - gap / 2}
          x2={x(l.from) - gap / 2}
          y1={4}
          y2={HIGH - 4}
          stroke="var(--flame)"
          strokeDasharray="4 3"
          strokeWidth={1.5}
        />
      ))}
      {dots.map((d, i) => (
        <g key={d.key} stroke="var(--water-text)">
          <line x1={x(i)} x2={x(i)} y1={y(d.high)} y2={y(d.low)} strokeWidth={1.5} />
          <circle
            cx={x(i)}
            cy={y(d.value)}
            r={Math.min(4.5, Math.max(1.5, gap / 3))}
            fill={d.counts ? 'var(--water-text)' : 'var(--plate)'}
            strokeWidth={1.5}
          />
        </g>
      ))}
    </svg>
  );
}
