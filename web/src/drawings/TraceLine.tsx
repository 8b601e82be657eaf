interface TraceLineProps {
  readonly points: readonly { readonly s: number; readonly v: number }[];
  /** Between these it should be, in the unit of the trace; null: that side is open. */
  readonly band: { readonly low: number | null; readonly high: number | null; readonly label: string } | null;
  readonly label: string;
}
const W = 300;
const H = 120;
const LEFT = 34;
const BOTTOM = 16;
/** Room above and below what is drawn, as a share of it, and the least that is shown, K. */
const MARGIN = 0.1;
const LEAST = 8;

/** A trace as it comes, with where it should be behind it. */
export function TraceLine({ points, band, label }: TraceLineProps) {
  const [first, last] = [points[0], points.at(-1)];
  if (!first || !last || last.s <= first.s) return null;
  const wanted = [band?.low, band?.high].filter((x) => x !== null && x !== undefined);
  const all = [...points.map((p) => p.v), ...wanted];
  const middle = (Math.min(...all) + Math.max(...all)) / 2;
  const half = Math.max(LEAST / 2, (0.5 + MARGIN) * (Math.max(...all) - Math.min(...all)));
  const [low, high] = [middle - half, middle + half];
  const x = (s: number): number => LEFT + ((s - first.s) / (last.s - first.s)) * (W - LEFT - 4);
  const y = (v: number): number => 4 + ((high - v) / (high - low)) * (H - BOTTOM - 4);
  const bandTop = y(band?.high ?? high);
  const bandBottom = y(band?.low ?? low);
  const minutes = Math.round((last.s - first.s) / 60);
  return (
    <svg width="100%" viewBox={`0 0 ${W} ${H}`} role="img" aria-label={label} className="block">
      {band && (
        <g>
          <rect
            x={LEFT}
            y={bandTop}
            width={W - LEFT - 4}
            height={Math.max(2, bandBottom - bandTop)}
            fill="var(--leaf-soft)"
          />
          <text x={LEFT + 4} y={bandTop > 18 ? bandTop - 3 : bandBottom + 13} fontSize={12.5} fill="var(--leaf-text)">
            {band.label}
          </text>
        </g>
      )}
      <path
        d={points.map((p, i) => `${i === 0 ? 'M' : 'L'}${x(p.s).toFixed(1)} ${y(p.v).toFixed(1)}`).join('')}
        fill="none"
        stroke="var(--flame)"
        strokeWidth={2}
        strokeLinejoin="round"
      />
      <line x1={LEFT} x2={LEFT} y1={4} y2={H - BOTTOM} stroke="var(--edge)" />
      {[Math.max(...all), Math.min(...all)].map((v) => (
        <text key={v} x={LEFT - 4} y={y(v) + 4} textAnchor="end" fontSize={12.5} fill="var(--ash)">
          {Math.round(v)}
        </text>
      ))}
      <text x={LEFT} y={H - 3} fontSize={12.5} fill="var(--ash)">
        {minutes <= 1 ? 'the last minute' : `the last ${minutes} min`}
      </text>
    </svg>
  );
}
