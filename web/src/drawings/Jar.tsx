import type { Layer } from '@ironpan/core/steps';
import { jarInside } from './jarInside';
import { LayerBands } from './Layers';

interface JarShapeProps {
  readonly width: number;
  readonly height: number;
  /** How full, 0..1. */
  readonly share: number;
  readonly fill: string;
  /** Its layers from the top down; absent: all one. */
  readonly layers?: readonly Layer[];
  /** Somebody saw them so; else they are only expected, and hatched. */
  readonly seen?: boolean;
  /** Opened again since it was made safe: the lid does not close. */
  readonly ajar?: boolean;
}
/** A screw-top jar with its fill; drawn in the svg of whoever asks. */
export function JarShape({ width: w, height: h, share, fill, layers, seen = false, ajar = false }: JarShapeProps) {
  const neck = h * 0.1;
  const body = h - neck - 2;
  const inside = jarInside(w, h);
  const full = Math.max(0, Math.min(1, share)) * (inside.bottom - inside.top - 1);
  const r = Math.min(9, w * 0.16);
  const lid = { x: w * 0.13, width: w * 0.74, height: neck, rx: 2, fill: 'var(--iron)' };
  return (
    <g>
      {ajar ? <rect {...lid} y={-1} transform={`rotate(-9 ${w * 0.13} ${neck})`} /> : <rect {...lid} y={0} />}
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
        <LayerBands
          x={inside.x}
          y={inside.bottom - full}
          width={inside.w}
          height={full}
          radius={Math.min(r - 2, full / 2)}
          fill={fill}
          layers={layers ?? WHOLE}
          seen={seen || layers === undefined}
        />
      )}
    </g>
  );
}
const WHOLE: readonly Layer[] = [{ kind: 'body', share: 1 }];

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

interface StampProps {
  readonly width: number;
  readonly y: number;
  readonly word: string;
  /** Not to be eaten: slanted and framed twice; else a plain band that only says what it is. */
  readonly stop: boolean;
  readonly size: number;
}
/** A word stamped across a jar or a tub, to be read from across the kitchen. */
export function Stamp({ width: w, y, word, stop, size }: StampProps) {
  const long = Math.min(w + 14, word.length * size * 0.68 + 14);
  const high = size + 9;
  return (
    <g transform={`translate(${w / 2} ${y}) ${stop ? 'rotate(-12)' : ''}`}>
      <rect
        x={-long / 2}
        y={-high / 2}
        width={long}
        height={high}
        fill={stop ? 'var(--flame-soft)' : 'var(--plate)'}
        stroke={stop ? 'var(--flame)' : 'var(--iron)'}
        strokeWidth={stop ? 2.5 : 1.5}
        {...(stop ? {} : { strokeDasharray: '4 3' })}
      />
      <text
        y={size * 0.36}
        textAnchor="middle"
        fontSize={size}
        fontWeight={800}
        letterSpacing={0.5}
        textLength={word.length * size * 0.68 + 4 > w + 10 ? w + 4 : undefined}
        lengthAdjust="spacingAndGlyphs"
        fill={stop ? 'var(--flame-text)' : 'var(--ink)'}
        style={{ fontFamily: 'var(--font-display)' }}
      >
        {word}
      </text>
    </g>
  );
}
