interface BowlProps {
  /** Share of what they can hold that the beans have drunk, 0..1. */
  readonly uptake: number;
  /** How full the bowl is, 0..1. */
  readonly full: number;
  readonly width?: number;
}
/** A bowl of beans that swell as they drink: the water falls, the beans rise. */
export function Bowl({ uptake, full, width = 200 }: BowlProps) {
  const h = width * 0.42;
  const u = Math.max(0, Math.min(1, uptake));
  const level = h * (1 - 0.15 - 0.7 * Math.max(0.25, Math.min(1, full)));
  const bed = h - 4 - (h - level - 6) * (0.42 + 0.45 * u);
  const side = (y: number): number => 4 + width * 0.22 * (y / h) ** 2.4;
  const cup = (y: number): string =>
    `M${side(y)} ${y} L${width - side(y)} ${y} Q${width - width * 0.22} ${h} ${width * 0.68} ${h - 2} L${width * 0.32} ${h - 2} Q${width * 0.22} ${h} ${side(y)} ${y} Z`;
  return (
    <svg width={width} height={h + 4} viewBox={`0 0 ${width} ${h + 4}`} aria-hidden="true" className="block max-w-full">
      <path d={cup(level)} fill="var(--water-fill)" stroke="var(--edge)" strokeWidth={1} />
      <path d={cup(bed)} fill="var(--soy)" stroke="var(--edge)" strokeWidth={1.5} />
      <path
        d={`M2 2 Q${width * 0.1} ${h} ${width * 0.32} ${h} L${width * 0.68} ${h} Q${width * 0.9} ${h} ${width - 2} 2 Z`}
        fill="none"
        stroke="var(--iron)"
        strokeWidth={2.5}
        strokeLinejoin="round"
      />
    </svg>
  );
}
