import type { Layer, LayerKind } from '@ironpan/core/steps';
import { useId } from 'react';

/** How each layer is dressed: its ground, and the pattern that tells it without colour. */
const GROUND: Readonly<Record<LayerKind, string>> = {
  cream: 'var(--cream)',
  // Never quite clear: some of the milk is left in it.
  clear: 'color-mix(in srgb, var(--milk) 35%, var(--clear))',
  thin: 'color-mix(in srgb, var(--milk) 70%, var(--clear))',
  body: '',
  sediment: 'var(--food)',
};
interface LayerBandsProps {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly radius: number;
  /** The colour of the milk itself. */
  readonly fill: string;
  readonly layers: readonly Layer[];
  readonly seen: boolean;
}
/** A fill with its layers. What is only expected is hatched and its lines are broken; what was seen is whole. */
export function LayerBands({ x, y, width, height, radius, fill, layers, seen }: LayerBandsProps) {
  const id = useId();
  // Most drawn jars are one milk: no pattern is made for them.
  if (layers.length === 1 && layers[0]?.kind === 'body')
    return (
      <rect x={x} y={y} width={width} height={height} rx={radius} fill={fill} stroke="var(--edge)" strokeWidth={1} />
    );
  const above = (i: number): number => layers.slice(0, i).reduce((x, l) => x + l.share, 0);
  const bands = layers.map((l, i) => ({ ...l, from: y + above(i) * height, high: l.share * height }));
  const clip = `${id}-fill`;
  return (
    <g>
      <clipPath id={clip}>
        <rect x={x} y={y} width={width} height={height} rx={radius} />
      </clipPath>
      <LayerPatterns id={id} />
      <g clipPath={`url(#${clip})`}>
        {bands.map((b, i) => (
          <g key={i}>
            <rect x={x} y={b.from} width={width} height={b.high + 0.3} fill={GROUND[b.kind] || fill} />
            {b.kind !== 'body' && (
              <rect x={x} y={b.from} width={width} height={b.high} fill={`url(#${id}-${b.kind})`} />
            )}
            {!seen && b.kind !== 'body' && (
              <rect x={x} y={b.from} width={width} height={b.high} fill={`url(#${id}-expected)`} />
            )}
          </g>
        ))}
        {bands.slice(1).map((b, i) => (
          <line
            key={i}
            x1={x}
            x2={x + width}
            y1={b.from}
            y2={b.from}
            stroke="var(--iron)"
            strokeWidth={1.4}
            {...(seen ? {} : { strokeDasharray: '4 3' })}
          />
        ))}
      </g>
      <rect x={x} y={y} width={width} height={height} rx={radius} fill="none" stroke="var(--edge)" strokeWidth={1} />
    </g>
  );
}
/** Short strokes for cream, waves for the clear, flat ones for the thin, dots for what lies on the bottom, slanted lines for what nobody has seen yet. */
function LayerPatterns({ id }: { readonly id: string }) {
  const line = { fill: 'none', stroke: 'var(--edge)', strokeWidth: 1 };
  return (
    <defs>
      <pattern id={`${id}-cream`} width={12} height={7} patternUnits="userSpaceOnUse">
        <path d="M1 2 h5 M7 5.5 h4" {...line} />
      </pattern>
      <pattern id={`${id}-clear`} width={14} height={8} patternUnits="userSpaceOnUse">
        <path d="M0 4 q3.5 -3 7 0 t7 0" {...line} stroke="var(--water)" strokeOpacity={0.7} />
      </pattern>
      <pattern id={`${id}-thin`} width={16} height={9} patternUnits="userSpaceOnUse">
        <path d="M1 4.5 q3.5 -1.5 7 0 M11 4.5 h3" {...line} stroke="var(--water)" strokeOpacity={0.55} />
      </pattern>
      <pattern id={`${id}-sediment`} width={6} height={6} patternUnits="userSpaceOnUse">
        <circle cx={1.5} cy={1.5} r={0.9} fill="var(--iron)" fillOpacity={0.55} />
        <circle cx={4.5} cy={4.5} r={0.9} fill="var(--iron)" fillOpacity={0.55} />
      </pattern>
      <pattern id={`${id}-expected`} width={7} height={7} patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width={2.4} height={7} fill="var(--glass)" fillOpacity={0.6} />
      </pattern>
    </defs>
  );
}
