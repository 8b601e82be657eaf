export interface ClimbZone {
  /** Where it begins on the scale, 0..1. */
  readonly from: number;
  readonly word: string;
  readonly fill: string;
}
interface ClimbProps {
  readonly zones: readonly ClimbZone[];
  /** Where it stands now, 0..1. */
  readonly now: number;
  /** Where the plan stops, and what is said there. */
  readonly stop: number;
  readonly stopWord: string;
  /** More of it is worse: past the stop the column turns to the colour of a warning. */
  readonly isWorse: boolean;
}
const W = 150;
const H = 190;
const BAR = 40;
/** Words closer than this would lie on each other. */
const APART = 16;
/** So near to the stop it is at it, share of the scale. */
const AT_STOP = 0.01;

/** A column that climbs while the jug turns: what it is called at each height, where it is, and where to stop. */
export function Climb({ zones, now, stop, stopWord, isWorse }: ClimbProps) {
  const y = (share: number): number => H - 6 - Math.max(0, Math.min(1, share)) * (H - 14);
  const stopY = y(stop);
  return (
    <svg width="100%" viewBox={`0 0 ${W} ${H}`} aria-hidden="true" className="mx-auto block max-h-64 max-w-48">
      {zones.map((z, i) => (
        <rect
          key={z.word}
          x={8}
          width={BAR}
          y={y(zones[i + 1]?.from ?? 1)}
          height={y(z.from) - y(zones[i + 1]?.from ?? 1)}
          fill={z.fill}
        />
      ))}
      <rect
        x={8}
        width={BAR}
        y={y(now)}
        height={y(0) - y(now)}
        fill={isWorse && now > stop + AT_STOP ? 'var(--flame)' : 'var(--leaf-text)'}
      />
      <rect x={8} y={y(1)} width={BAR} height={y(0) - y(1)} fill="none" stroke="var(--iron)" strokeWidth={2} rx={3} />
      {zones.map((z, i) => {
        const mid = y((z.from + (zones[i + 1]?.from ?? 1)) / 2) + 5;
        // The line at which to stop is the more important word.
        if (Math.abs(mid - 5 - stopY) < APART) return null;
        return (
          <text key={z.word} x={BAR + 20} y={mid} fontSize={14} fill="var(--ink)">
            {z.word}
          </text>
        );
      })}
      <line x1={2} x2={BAR + 16} y1={stopY} y2={stopY} stroke="var(--flame-text)" strokeWidth={3} />
      <text x={BAR + 20} y={stopY + 5} fontSize={14.5} fontWeight={700} fill="var(--flame-text)">
        {stopWord}
      </text>
      <line x1={2} x2={BAR + 14} y1={y(now)} y2={y(now)} stroke="var(--iron)" strokeWidth={4} />
    </svg>
  );
}
