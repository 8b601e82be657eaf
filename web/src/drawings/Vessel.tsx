import { JarShape } from './Jar';

export type VesselKind = 'bowl' | 'jug' | 'cloth' | 'pot' | 'bath' | 'jar';
interface VesselProps {
  readonly kind: VesselKind;
  /** How full, 0..1; over 1 it is drawn to the brim. */
  readonly full: number;
  readonly fill: string;
  /** Where it should stop: the mark on the side, 0..1. */
  readonly mark?: number;
  readonly foam?: boolean;
  readonly word?: string;
}
const W = 240;
const H = 170;

/** The thing in front of the cook at this step, with what is in it. */
export function Vessel({ kind, full, fill, mark, foam = false, word }: VesselProps) {
  const s = Math.max(0.04, Math.min(1, full));
  return (
    <svg width="100%" viewBox={`0 0 ${W} ${H + 10}`} aria-hidden="true" className="mx-auto block max-h-56 max-w-72">
      {kind === 'jar' ? (
        <g transform="translate(70 4)">
          <JarShape width={100} height={H} share={s} fill={fill} />
        </g>
      ) : kind === 'cloth' ? (
        <Cloth fill={fill} />
      ) : (
        <Open kind={kind} share={s} fill={fill} foam={foam} {...(mark === undefined ? {} : { mark })} />
      )}
      {word !== undefined && (
        <text
          x={W / 2}
          y={H * 0.9}
          textAnchor="middle"
          fontSize={26}
          fontWeight={700}
          className="num"
          fill="var(--ink)"
          stroke="var(--plate)"
          strokeWidth={5}
          paintOrder="stroke"
        >
          {word}
        </text>
      )}
    </svg>
  );
}

function Open({
  kind,
  share,
  fill,
  mark,
  foam,
}: {
  readonly kind: VesselKind;
  readonly share: number;
  readonly fill: string;
  readonly mark?: number;
  readonly foam: boolean;
}) {
  const narrow = kind === 'jug' ? 58 : 30;
  const top = kind === 'bowl' ? 40 : 8;
  const bottom = H;
  const room = bottom - top - 6;
  const level = bottom - 3 - room * share;
  const r = kind === 'bowl' ? 60 : 16;
  const wall = `M${narrow} ${top} V${bottom - r} Q${narrow} ${bottom} ${narrow + r} ${bottom} H${W - narrow - r} Q${W - narrow} ${bottom} ${W - narrow} ${bottom - r} V${top}`;
  const foamY = level - 12;
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
      <clipPath id={`in-${kind}`}>
        <path d={`${wall} Z`} />
      </clipPath>
      <rect
        x={narrow}
        y={level}
        width={W - 2 * narrow}
        height={bottom - level}
        fill={fill}
        clipPath={`url(#in-${kind})`}
      />
      {foam && (
        <path
          d={`M${narrow} ${level} ${Array.from({ length: 6 }, () => `q${(W - 2 * narrow) / 12} ${foamY - level} ${(W - 2 * narrow) / 6} 0`).join(' ')} Z`}
          fill="var(--glass)"
          stroke="var(--iron)"
          strokeWidth={1.5}
        />
      )}
      <line x1={narrow} x2={W - narrow} y1={level} y2={level} stroke="var(--iron)" strokeWidth={1.5} />
      <path d={wall} fill="none" stroke="var(--iron)" strokeWidth={3} strokeLinecap="round" />
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

/** A cloth over a bowl, dripping. */
function Cloth({ fill }: { readonly fill: string }) {
  return (
    <g>
      <path
        d="M78 8 Q120 0 162 8 Q176 60 120 92 Q64 60 78 8 Z"
        fill="var(--pulp)"
        stroke="var(--iron)"
        strokeWidth={2.5}
      />
      <path d="M92 30 Q120 44 148 30 M88 52 Q120 70 152 52" fill="none" stroke="var(--edge)" strokeWidth={1.5} />
      <path d="M120 94 v14 M112 90 v8 M128 90 v8" stroke="var(--edge)" strokeWidth={3} strokeLinecap="round" />
      <path d="M42 128 H198 Q192 168 150 170 H90 Q48 168 42 128 Z" fill={fill} />
      <path
        d="M34 112 Q40 170 88 170 H152 Q200 170 206 112"
        fill="none"
        stroke="var(--iron)"
        strokeWidth={3}
        strokeLinecap="round"
      />
    </g>
  );
}
