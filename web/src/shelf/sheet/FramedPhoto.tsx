import type { Photo, PhotoFrame } from '@ironpan/core/batch';
import type { Layer } from '@ironpan/core/steps';
import { useRef, useState } from 'react';
import type { PointerEvent } from 'react';
import { JarPhoto } from '../../drawings/JarPhoto';
import { moveEnd, partAbout, pointOn, shareAt } from '../../drawings/photoLines';
import type { End } from '../../drawings/photoLines';
import { moveLine, NAMES, slotsOf, slotsThere, toLayers } from './layerSlots';

/** How large it is shown at most, pixels. */
const WIDE = 340;
const HIGH = 430;
/** Keys move an end by this share of the picture, a line by this share of the fill; with shift by five times as much. */
const STEP = 0.01;
const ENDS: Readonly<Record<End, string>> = {
  top: 'Top of what is in it',
  bottom: 'Bottom of what is in it',
  left: 'Left side of the jar',
  right: 'Right side of the jar',
};

interface FramedPhotoProps {
  readonly photo: Photo;
  readonly frame: PhotoFrame;
  /** What is shown large: the part about this frame; null: the whole picture. */
  readonly begun: PhotoFrame | null;
  readonly layers: readonly Layer[];
  readonly onFrame: (f: PhotoFrame) => void;
  readonly onLayers: (l: readonly Layer[]) => void;
}
interface Held {
  readonly frame: PhotoFrame;
  readonly layers: readonly Layer[];
}
/** A photograph of the jar: its frame and the lines between layers are dragged to where they are, or moved by keys. */
export function FramedPhoto({ photo, frame, begun, layers, onFrame, onLayers }: FramedPhotoProps) {
  const svg = useRef<SVGSVGElement>(null);
  // While something is dragged its place is known here alone; it is said when it is let go.
  const [held, setHeld] = useState<Held | null>(null);
  const now = held ?? { frame, layers };
  // What is shown stays while a frame is dragged: the picture does not move under the hand.
  const [part] = useState(() => partAbout(photo, begun));
  const scale = Math.max(part.width / WIDE, part.height / HIGH);
  const at = (e: PointerEvent): readonly [number, number] => {
    const box = svg.current?.getBoundingClientRect();
    if (!box) return [0, 0];
    return [
      part.x + ((e.clientX - box.left) / box.width) * part.width,
      part.y + ((e.clientY - box.top) / box.height) * part.height,
    ];
  };
  const settle = (h: Held): void => {
    if (h.frame !== frame) onFrame(h.frame);
    if (h.layers !== layers) onLayers(h.layers);
    setHeld(null);
  };
  const handle = (
    name: string,
    value: number,
    upright: boolean,
    to: (x: number, y: number) => Held,
    by: (n: number) => Held,
  ) => ({
    role: 'slider',
    tabIndex: 0,
    'aria-label': name,
    'aria-orientation': upright ? ('vertical' as const) : ('horizontal' as const),
    'aria-valuemin': 0,
    'aria-valuemax': 100,
    'aria-valuenow': Math.round(100 * value),
    className: `touch-none ${upright ? 'cursor-ns-resize' : 'cursor-ew-resize'}`,
    onPointerDown: (e: PointerEvent<SVGGElement>) => {
      e.currentTarget.setPointerCapture(e.pointerId);
      setHeld({ frame, layers });
    },
    onPointerMove: (e: PointerEvent<SVGGElement>) => {
      if (e.currentTarget.hasPointerCapture(e.pointerId)) setHeld(to(...at(e)));
    },
    onPointerUp: (e: PointerEvent<SVGGElement>) => {
      if (e.currentTarget.hasPointerCapture(e.pointerId)) settle(to(...at(e)));
    },
    onPointerCancel: () => setHeld(null),
    onKeyDown: (e: React.KeyboardEvent) => {
      const n = { ArrowUp: -1, ArrowLeft: -1, ArrowDown: 1, ArrowRight: 1, PageUp: -5, PageDown: 5 }[e.key];
      if (n === undefined) return;
      e.preventDefault();
      settle(by(n * STEP * (e.shiftKey ? 5 : 1)));
    },
  });
  const slots = slotsOf(now.layers);
  const there = slotsThere(slots);
  const lines = now.layers.slice(0, -1).map((_, i) => now.layers.slice(0, i + 1).reduce((x, l) => x + l.share, 0));
  const moved = (i: number, to: number): Held => ({ ...now, layers: toLayers(moveLine(slots, i, to)) });
  return (
    <svg
      ref={svg}
      width={part.width / scale}
      height={part.height / scale}
      viewBox={`${part.x} ${part.y} ${part.width} ${part.height}`}
      role="group"
      aria-label="The photograph, and what is seen in it"
      className="block max-w-full rounded"
    >
      <JarPhoto photo={photo} frame={now.frame} layers={now.layers} label="Photograph of the jar" scale={scale} />
      {(['left', 'right', 'top', 'bottom'] as const).map((end) => {
        const upright = end === 'top' || end === 'bottom';
        const [x, y] =
          end === 'left' || end === 'right'
            ? pointOn(photo, now.frame, 0.5, end === 'left' ? -1 : 1)
            : pointOn(photo, now.frame, end === 'top' ? 0 : 1, 0);
        return (
          <g
            key={end}
            {...handle(
              ENDS[end],
              now.frame[end],
              upright,
              (px, py) => ({ ...now, frame: moveEnd(now.frame, end, endFrom(now.frame, photo, end, px, py)) }),
              (by) => ({ ...now, frame: moveEnd(now.frame, end, now.frame[end] + by) }),
            )}
          >
            <Grip x={x} y={y} scale={scale} upright={upright} />
          </g>
        );
      })}
      {lines.map((line, i) => {
        const [x, y] = pointOn(photo, now.frame, line, 0.72);
        const [upper, lower] = [there[i] ?? 'body', there[i + 1] ?? 'body'];
        return (
          <g
            key={`${upper} ${lower}`}
            {...handle(
              `Line between ${NAMES[upper]} and ${NAMES[lower]} on the photograph`,
              line,
              true,
              (px, py) => moved(i, shareAt(photo, now.frame, px, py)),
              (by) => moved(i, line + by),
            )}
          >
            <Grip x={x} y={y} scale={scale} upright />
          </g>
        );
      })}
    </svg>
  );
}
/** Where an end is dragged to, a share of the picture. */
function endFrom(f: PhotoFrame, p: Photo, end: End, x: number, y: number): number {
  if (end === 'left' || end === 'right')
    return x / p.width + (f[end] - pointOn(p, f, 0.5, end === 'left' ? -1 : 1)[0] / p.width);
  return f.top + shareAt(p, f, x, y) * (f.bottom - f.top);
}
function Grip({
  x,
  y,
  scale,
  upright,
}: {
  readonly x: number;
  readonly y: number;
  readonly scale: number;
  readonly upright: boolean;
}) {
  const d = upright ? 'M-7 -3 L0 -10 L7 -3 M-7 3 L0 10 L7 3' : 'M-3 -7 L-10 0 L-3 7 M3 -7 L10 0 L3 7';
  return (
    <g transform={`translate(${x} ${y}) scale(${scale})`}>
      <rect x={-22} y={-22} width={44} height={44} fill="transparent" />
      <circle r={13} fill="var(--flame)" stroke="#fff" strokeWidth={2} />
      <path d={d} fill="none" stroke="#fff" strokeWidth={2} transform="scale(0.8)" />
    </g>
  );
}
