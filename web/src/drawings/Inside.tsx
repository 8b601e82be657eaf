import { useId } from 'react';
import type { CSSProperties } from 'react';

export interface InsideProps {
  readonly kind: 'bowl' | 'jug' | 'pot' | 'bath';
  /** How full, 0..1; over 1 it is drawn to the brim. */
  readonly full: number;
  readonly fill: string;
  /** Where it should stop: the mark on the side, 0..1. */
  readonly mark?: number;
  /** How high the foam stands over it, 0..1 of a hand's breadth. */
  readonly foam?: number;
  /** It boils: bubbles rise. */
  readonly boils?: boolean;
  /** It is being moved: a jug turns, a cloth drips. */
  readonly moves?: boolean;
  /** Ice swims in it. */
  readonly ice?: boolean;
}
const W = 240;
const H = 170;
/** A wave over the whole width and once more, so that it can run by one length without an end. */
const wave = (from: number, length: number, high: number): string =>
  Array.from({ length: 8 }, (_, i) => `q${length / 4} ${i % 2 === 0 ? -high : high} ${length / 2} 0`).reduce(
    (d, x) => `${d} ${x}`,
    `M${from} 0`,
  );

/** An open vessel and what goes on in it: its level, foam, bubbles, ice; a jug that turns. */
export function Inside({ kind, full, fill, mark, foam = 0, boils = false, moves = false, ice = false }: InsideProps) {
  const id = useId();
  const share = Math.max(0.04, Math.min(1, full));
  const narrow = kind === 'jug' ? 58 : 30;
  const top = kind === 'bowl' ? 40 : 8;
  const bottom = H;
  const room = bottom - top - 6;
  const level = bottom - 3 - room * share;
  const r = kind === 'bowl' ? 60 : 16;
  const wide = W - 2 * narrow;
  const wall = `M${narrow} ${top} V${bottom - r} Q${narrow} ${bottom} ${narrow + r} ${bottom} H${W - narrow - r} Q${W - narrow} ${bottom} ${W - narrow} ${bottom - r} V${top}`;
  const foamTop = Math.max(top - 4, level - 34 * Math.min(1, foam));
  const turns = kind === 'jug' && moves;
  return (
    <g>
      {kind === 'bath' && (
        <rect
          x={6}
          y={H * 0.42}
          width={W - 12}
          height={H * 0.58 + 6}
          rx={10}
          fill="var(--water-soft)"
          stroke="var(--water)"
          strokeWidth={1.5}
        />
      )}
      <path d={`${wall} Z`} fill="var(--glass)" />
      <clipPath id={id}>
        <path d={`${wall} Z`} />
      </clipPath>
      <g clipPath={`url(#${id})`}>
        <rect x={narrow} y={level + (turns ? 4 : 0)} width={wide} height={bottom - level} fill={fill} />
        {turns && (
          <g className="turn" style={{ '--run': `${-wide / 2}px` } as CSSProperties}>
            <g transform={`translate(0 ${level + 2})`}>
              <path d={`${wave(narrow, wide / 2, 9)} V20 H${narrow} Z`} fill={fill} />
              <path d={wave(narrow, wide / 2, 9)} fill="none" stroke="var(--iron)" strokeWidth={1.5} />
            </g>
          </g>
        )}
        {boils &&
          Array.from({ length: 7 }, (_, i) => (
            <circle
              key={i}
              className="bubble"
              style={{ '--rise': `${level - bottom + 14}px`, animationDelay: `${-0.31 * i}s` } as CSSProperties}
              cx={narrow + wide * (0.12 + (0.76 * ((i * 3) % 7)) / 6)}
              cy={bottom - 10}
              r={4 + (i % 3) * 1.5}
              fill="var(--glass)"
              stroke="var(--edge)"
              strokeWidth={1.2}
            />
          ))}
        {ice &&
          [0.2, 0.47, 0.74].map((x, i) => (
            <rect
              key={x}
              x={narrow + wide * x - 8}
              y={level - 3 + 5 * (i % 2)}
              width={17}
              height={15}
              rx={3}
              transform={`rotate(${12 - 14 * i} ${narrow + wide * x} ${level + 5})`}
              fill="var(--glass)"
              stroke="var(--iron)"
              strokeWidth={1.4}
            />
          ))}
      </g>
      {foam > 0.02 && (
        <g>
          <path
            d={`M${narrow} ${level} V${foamTop + 7} ${Array.from({ length: 6 }, () => `q${wide / 12} -9 ${wide / 6} 0`).join(' ')} V${level} Z`}
            fill="var(--cream)"
            stroke="var(--iron)"
            strokeWidth={1.5}
          />
          {Array.from({ length: 9 }, (_, i) => (
            <circle
              key={i}
              cx={narrow + (wide * (i + 0.5)) / 9}
              cy={level - (level - foamTop) * (i % 2 === 0 ? 0.35 : 0.6)}
              r={Math.min(6, (level - foamTop) * 0.22)}
              fill="none"
              stroke="var(--edge)"
              strokeWidth={1.2}
            />
          ))}
        </g>
      )}
      {!turns && <line x1={narrow} x2={W - narrow} y1={level} y2={level} stroke="var(--iron)" strokeWidth={1.5} />}
      <path d={wall} fill="none" stroke="var(--iron)" strokeWidth={3} strokeLinecap="round" />
      {kind === 'jug' && (
        <path
          d={`M${W / 2 - 24} ${bottom - 12} L${W / 2} ${bottom - 6} L${W / 2 + 24} ${bottom - 12}`}
          fill="none"
          stroke="var(--iron)"
          strokeWidth={4}
          strokeLinejoin="round"
        />
      )}
      {mark !== undefined && (
        <g>
          <line
            x1={narrow - 8}
            x2={W - narrow + 8}
            y1={bottom - 3 - room * mark}
            y2={bottom - 3 - room * mark}
            stroke="var(--flame-text)"
            strokeWidth={1.5}
            strokeDasharray="5 4"
          />
          <text x={W - narrow + 10} y={bottom + 1 - room * mark} fontSize={13} fill="var(--flame-text)">
            {kind === 'jug' ? 'fill line' : '⅔'}
          </text>
        </g>
      )}
    </g>
  );
}
