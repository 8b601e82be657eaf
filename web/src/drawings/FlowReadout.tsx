import { useState } from 'react';
import type { Recipe } from '@ironpan/core/steps';
import { edgeAt, pointText, ribbonAt } from './flowPoint';
import type { FlowLayout, Ribbon } from './flowTypes';

interface FlowReadoutProps {
  readonly layout: FlowLayout;
  readonly recipe: Recipe;
  readonly width: number;
}
interface Spot {
  readonly key: string;
  readonly x: number;
  readonly y: number;
}
/** Width of the plate that the values stand on, px. */
const PLATE = 208;

/** Over the drawing: what flows under the pointer, a finger, or the arrow keys. It keeps its own state, so that the drawing rests. */
export function FlowReadout({ layout, recipe, width }: FlowReadoutProps) {
  const [spot, setSpot] = useState<Spot | null>(null);
  const ribbon = spot && layout.ribbons.find((r) => r.key === spot.key);
  const point = (e: React.PointerEvent<HTMLDivElement>): void => {
    const box = e.currentTarget.getBoundingClientRect();
    const x = e.clientX - box.left;
    const y = e.clientY - box.top;
    const r = ribbonAt(layout, x, y);
    setSpot(r && { key: r.key, x, y });
  };
  const walk = (e: React.KeyboardEvent): void => {
    const by = e.key === 'ArrowRight' ? 1 : e.key === 'ArrowLeft' ? -1 : 0;
    if (e.key === 'Escape') setSpot(null);
    if (by === 0) return;
    e.preventDefault();
    const all = [...layout.ribbons].sort((a, b) => a.x0 + a.x1 - b.x0 - b.x1);
    const at = all.findIndex((r) => r.key === spot?.key);
    const next = all[(at + by + all.length) % all.length];
    if (next) setSpot(middleOf(next));
  };
  const text = ribbon && pointText(ribbon, recipe);
  return (
    <div
      className="absolute inset-0"
      role="group"
      aria-label="What flows: left and right arrow keys go from ribbon to ribbon"
      tabIndex={0}
      onPointerMove={point}
      onPointerDown={point}
      onPointerLeave={() => setSpot(null)}
      onBlur={() => setSpot(null)}
      onKeyDown={walk}
    >
      {spot && text && (
        <div
          className="pointer-events-none absolute rounded-md px-2.5 py-1.5 leading-tight"
          style={{
            width: PLATE,
            left: Math.max(4, Math.min(spot.x + 14, width - PLATE - 4)),
            top: spot.y > layout.height - 70 ? spot.y - 62 : spot.y + 16,
            background: 'var(--plate)',
            border: '1.5px solid var(--edge)',
          }}
          data-readout
        >
          <b className="block">{text[0]}</b>
          <span className="small num font-normal!">{text[1]}</span>
        </div>
      )}
      <span className="sr-only" aria-live="polite">
        {text ? `${text[0]}, ${text[1]}` : ''}
      </span>
    </div>
  );
}
const middleOf = (r: Ribbon): Spot => {
  const x = (r.x0 + r.x1) / 2;
  return { key: r.key, x, y: edgeAt(r, x) + r.h / 2 };
};
