import { useId } from 'react';

interface BowlProps {
  /** Share of what they can hold that the beans have drunk, 0..1. */
  readonly uptake: number;
  /** How full the bowl is, 0..1. */
  readonly full: number;
  readonly width?: number;
}
/** A bowl of beans that swell as they drink: the water falls, the beans rise. */
export function Bowl({ uptake, full, width: w = 200 }: BowlProps) {
  const id = useId();
  const h = w * 0.44;
  const u = Math.max(0, Math.min(1, uptake));
  const level = h * (0.92 - 0.74 * Math.max(0.25, Math.min(1, full)));
  const bed = h - (h - level) * (0.42 + 0.42 * u);
  const wall = `M2 2 C${w * 0.06} ${h * 0.8} ${w * 0.18} ${h} ${w * 0.34} ${h} H${w * 0.66} C${w * 0.82} ${h} ${w * 0.94} ${h * 0.8} ${w - 2} 2`;
  return (
    <svg width={w} height={h + 4} viewBox={`0 0 ${w} ${h + 4}`} aria-hidden="true" className="block max-w-full">
      <clipPath id={id}>
        <path d={`${wall} Z`} />
      </clipPath>
      <path d={`${wall} Z`} fill="var(--glass)" />
      <g clipPath={`url(#${id})`}>
        <rect x={0} y={level} width={w} height={h} fill="var(--water-fill)" />
        <rect x={0} y={bed} width={w} height={h} fill="var(--soy)" />
        <line x1={0} x2={w} y1={level} y2={level} stroke="var(--edge)" strokeWidth={1.5} />
        <line x1={0} x2={w} y1={bed} y2={bed} stroke="var(--edge)" strokeWidth={1.5} />
      </g>
      <path d={wall} fill="none" stroke="var(--iron)" strokeWidth={2.5} strokeLinecap="round" />
    </svg>
  );
}
