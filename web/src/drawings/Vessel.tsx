import { JarShape } from './Jar';
import { Inside } from './Inside';
import type { InsideProps } from './Inside';

export type VesselKind = 'bowl' | 'jug' | 'cloth' | 'pot' | 'bath' | 'jar';
interface VesselProps extends Omit<InsideProps, 'kind'> {
  readonly kind: VesselKind;
  readonly word?: string;
}
const W = 240;
const H = 170;

/** The thing in front of the cook at this step, with what is in it as it stands now. */
export function Vessel({ kind, word, ...inside }: VesselProps) {
  const { full, fill, moves = false } = inside;
  return (
    <svg
      width="100%"
      viewBox={kind === 'jug' ? `44 0 ${W - 44} ${H + 10}` : `0 0 ${W} ${H + 10}`}
      aria-hidden="true"
      className="mx-auto block max-h-44 max-w-80 sm:max-h-64"
    >
      {kind === 'jar' ? (
        <g transform="translate(70 4)">
          <JarShape width={100} height={H} share={Math.max(0.04, Math.min(1, full))} fill={fill} />
        </g>
      ) : kind === 'cloth' ? (
        <Cloth fill={fill} drips={moves} />
      ) : (
        <Inside kind={kind} {...inside} />
      )}
      {word !== undefined && (
        <text
          x={W / 2}
          y={H * 0.9}
          textAnchor="middle"
          fontSize={26}
          fontWeight={700}
          className="num"
          // Milk is pale in both themes.
          fill="#20262a"
          stroke="#fcfaf4"
          strokeWidth={5}
          paintOrder="stroke"
        >
          {word}
        </text>
      )}
    </svg>
  );
}

/** A cloth over a bowl; what runs through it drips. */
function Cloth({ fill, drips }: { readonly fill: string; readonly drips: boolean }) {
  return (
    <g>
      <path
        d="M78 8 Q120 0 162 8 Q176 60 120 92 Q64 60 78 8 Z"
        fill="var(--pulp)"
        stroke="var(--iron)"
        strokeWidth={2.5}
      />
      <path d="M92 30 Q120 44 148 30 M88 52 Q120 70 152 52" fill="none" stroke="var(--edge)" strokeWidth={1.5} />
      {drips ? (
        [110, 120, 131].map((x, i) => (
          <circle
            key={x}
            cx={x}
            cy={94}
            r={3.5}
            className="drip"
            style={{ animationDelay: `${-0.5 * i}s` }}
            fill={fill}
            stroke="var(--edge)"
            strokeWidth={1.2}
          />
        ))
      ) : (
        <path d="M120 94 v14 M112 90 v8 M128 90 v8" stroke="var(--edge)" strokeWidth={3} strokeLinecap="round" />
      )}
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
