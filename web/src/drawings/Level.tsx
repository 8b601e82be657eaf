interface LevelProps {
  /** How loud it is, dB below full scale; null: not heard yet. */
  readonly db: number | null;
  /** The line from which on it is the jug; null: not known yet. */
  readonly lineDb: number | null;
}
const QUIETEST_DB = -70;
const W = 300;
const H = 34;
const at = (db: number): number => 4 + (W - 8) * Math.max(0, Math.min(1, 1 - db / QUIETEST_DB));

/** How loud the kitchen is, and the line from which on it is the jug. */
export function Level({ db, lineDb }: LevelProps) {
  const over = db !== null && lineDb !== null && db >= lineDb;
  return (
    <svg width="100%" viewBox={`0 0 ${W} ${H}`} aria-hidden="true" className="block">
      <rect x={4} y={8} width={W - 8} height={18} fill="var(--ground)" stroke="var(--edge)" />
      {db !== null && <rect x={4} y={8} width={at(db) - 4} height={18} fill={over ? 'var(--flame)' : 'var(--water)'} />}
      {lineDb !== null && (
        <line
          x1={at(lineDb)}
          x2={at(lineDb)}
          y1={2}
          y2={32}
          stroke="var(--iron)"
          strokeWidth={3}
          strokeDasharray="5 3"
        />
      )}
    </svg>
  );
}
