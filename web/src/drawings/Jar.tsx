interface JarShapeProps {
  readonly width: number;
  readonly height: number;
  /** How full, 0..1. */
  readonly share: number;
  readonly fill: string;
}
/** A screw-top jar with its fill; drawn in the svg of whoever asks. */
export function JarShape({ width: w, height: h, share, fill }: JarShapeProps) {
  const neck = h * 0.1;
  const body = h - neck - 2;
  const full = Math.max(0, Math.min(1, share)) * (body - 5);
  const r = Math.min(9, w * 0.16);
  return (
    <g>
      <rect x={w * 0.13} y={0} width={w * 0.74} height={neck} rx={2} fill="var(--iron)" />
      <rect
        x={1}
        y={neck + 1}
        width={w - 2}
        height={body}
        rx={r}
        fill="var(--glass)"
        stroke="var(--iron)"
        strokeWidth={2}
      />
      {full > 0.5 && (
        <rect
          x={4}
          y={neck + 1 + body - 3 - full}
          width={w - 8}
          height={full}
          rx={Math.min(r - 2, full / 2)}
          fill={fill}
          stroke="var(--edge)"
          strokeWidth={1}
        />
      )}
    </g>
  );
}

interface TubShapeProps {
  readonly width: number;
  readonly height: number;
  readonly share: number;
  readonly fill: string;
}
/** An open tub of pulp, wider above. */
export function TubShape({ width: w, height: h, share, fill }: TubShapeProps) {
  const s = Math.max(0, Math.min(1, share));
  const lean = w * 0.08;
  const top = 3 + (h - 6) * (1 - s);
  const at = (y: number): number => 2 + (lean * (y - 2)) / (h - 4);
  const outline = `M2 2 L${2 + lean} ${h - 2} L${w - 2 - lean} ${h - 2} L${w - 2} 2 Z`;
  return (
    <g>
      <path d={outline} fill="var(--glass)" />
      <path
        d={`M${at(top)} ${top} L${2 + lean} ${h - 2} L${w - 2 - lean} ${h - 2} L${w - at(top)} ${top} Z`}
        fill={fill}
        stroke="var(--edge)"
        strokeWidth={1}
      />
      <path d={outline} fill="none" stroke="var(--iron)" strokeWidth={2} strokeLinejoin="round" />
    </g>
  );
}

/** Barred twice across: not to be eaten as it is. Drawn over a jar or a tub, for eyes that do not tell its colour. */
export function Barred({ width: w, height: h }: { readonly width: number; readonly height: number }) {
  return (
    <g stroke="var(--flame)" strokeWidth={4} strokeLinecap="round">
      <path d={`M6 ${h * 0.2} L${w - 6} ${h - 8}`} />
      <path d={`M${w - 6} ${h * 0.2} L6 ${h - 8}`} />
    </g>
  );
}
