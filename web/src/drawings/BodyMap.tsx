import { useMemo, useState } from 'react';
import { contours } from 'd3-contour';
import type { LeverMap } from '@ironpan/core/questions';
import { GROUND } from './mapLevels';
import { namesAlong, textBox } from './mapLabels';
import type { Spot } from './mapLabels';
import { between } from './mapValue';
import type { Level } from './mapLevels';

/** Edge of a region: in the middle of the kitchens, and where one in ten already is there. */
const EDGE = 0.5;
const SOME = 0.12;

interface BodyMapProps {
  readonly map: LeverMap;
  /** Five at most, ascending; the first holds all that is less. */
  readonly levels: readonly Level[];
  readonly width: number;
  readonly height: number;
  readonly now: readonly [x: number, y: number];
  readonly xText: (v: number) => string;
  readonly yText: (v: number) => string;
  /** What the plan is now, in words, beside its point. */
  readonly nowText: string;
  /** A value of the ground in words. */
  readonly say: (v: number) => string;
  readonly onPick: (x: number, y: number) => void;
}
const PAD = { left: 56, right: 14, top: 10, bottom: 26 } as const;
const REGIONS = [
  { of: 'slimy', name: 'slippery', stroke: 'var(--flame)', dash: '' },
  { of: 'watery', name: 'watery', stroke: 'var(--water)', dash: '6 4' },
  { of: 'thick', name: 'too thick', stroke: 'var(--ink)', dash: '2 4' },
] as const;

/** Two levers against each other: the ground shows the body, lines the regions to keep out of, pale bands how uncertain their edge is. */
export function BodyMap({ map, levels, width, height, now, nowText, xText, yText, say, onPick }: BodyMapProps) {
  const w = width - PAD.left - PAD.right;
  const h = height - PAD.top - PAD.bottom;
  const shapes = useMemo(() => shapesOf(map, levels, w, h), [map, levels, w, h]);
  const px = (v: number): number => PAD.left + share(map.xs, v) * w;
  const py = (v: number): number => PAD.top + (1 - share(map.ys, v)) * h;
  const nowLeft = px(now[0]) > width - 24 - 8 * nowText.length;
  const nowAt: Spot = [
    px(now[0]) + (nowLeft ? -14 : 13),
    py(now[1]) - 9 < PAD.top + 12 ? py(now[1]) + 20 : py(now[1]) - 9,
  ];
  const nowAnchor = nowLeft ? 'end' : 'start';
  const names = namesAlong(
    shapes.regions.map((r) => ({
      name: r.name,
      points: r.line.map(([x, y]): Spot => [PAD.left + x, PAD.top + y]),
    })),
    { left: PAD.left, right: PAD.left + w, top: PAD.top, bottom: PAD.top + h },
    [textBox(nowText, ...nowAt, nowAnchor)],
  );
  const [at, setAt] = useState<readonly [tx: number, ty: number] | null>(null);
  /** Shares of the frame, from the left and from below; null: outside. */
  const pointed = (e: React.MouseEvent<SVGSVGElement>): readonly [number, number] | null => {
    const box = e.currentTarget.getBoundingClientRect();
    const x = ((e.clientX - box.left) * width) / box.width - PAD.left;
    const y = ((e.clientY - box.top) * height) / box.height - PAD.top;
    return x < 0 || x > w || y < 0 || y > h ? null : [x / w, 1 - y / h];
  };
  const pick = (e: React.MouseEvent<SVGSVGElement>): void => {
    const p = pointed(e);
    if (p) onPick(value(map.xs, p[0]), value(map.ys, p[1]));
  };
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width="100%"
      className="block cursor-crosshair touch-manipulation"
      onClick={pick}
      onPointerMove={(e) => setAt(pointed(e))}
      onPointerLeave={() => setAt(null)}
      aria-hidden="true"
      data-map="true"
    >
      <defs>
        <clipPath id="map-clip">
          <rect x={0} y={0} width={w} height={h} />
        </clipPath>
      </defs>
      <g transform={`translate(${PAD.left} ${PAD.top})`} clipPath="url(#map-clip)">
        <rect width={w} height={h} fill={GROUND[0]} />
        {shapes.ground.map((d, i) => (
          <path key={i} d={d} fill={GROUND[i + 1]} />
        ))}
        {shapes.regions.map((r) => (
          <g key={r.name}>
            <path d={r.some} fill={r.stroke} opacity={0.13} fillRule="evenodd" />
            <path d={r.edge} fill="none" stroke={r.stroke} strokeWidth={2.5} strokeDasharray={r.dash} />
          </g>
        ))}
      </g>
      {shapes.regions.map((r, i) => {
        const spot = names[i];
        return spot ? (
          <text
            key={r.name}
            x={spot[0]}
            y={spot[1]}
            textAnchor="middle"
            fontSize={14}
            fontWeight={700}
            fill="var(--ink)"
            stroke="var(--plate)"
            strokeWidth={4}
            paintOrder="stroke"
          >
            {r.name}
          </text>
        ) : null;
      })}
      <rect x={PAD.left} y={PAD.top} width={w} height={h} fill="none" stroke="var(--ink)" strokeWidth={1.5} />
      {ticks(map.xs).map((v) => (
        <text
          key={v}
          x={px(v)}
          y={height - 7}
          textAnchor={px(v) > width - 40 ? 'end' : 'middle'}
          fontSize={12.5}
          fill="var(--ink)"
          className="num"
        >
          {xText(v)}
        </text>
      ))}
      {ticks(map.ys).map((v) => (
        <text key={v} x={PAD.left - 6} y={py(v) + 4} textAnchor="end" fontSize={12.5} fill="var(--ink)" className="num">
          {yText(v)}
        </text>
      ))}
      <circle cx={px(now[0])} cy={py(now[1])} r={8} fill="var(--flame)" stroke="var(--ink)" strokeWidth={2} />
      <text
        x={nowAt[0]}
        y={nowAt[1]}
        textAnchor={nowAnchor}
        fontSize={13}
        fontWeight={700}
        fill="var(--ink)"
        stroke="var(--plate)"
        strokeWidth={4}
        paintOrder="stroke"
      >
        {nowText}
      </text>
      {at && (
        <Pointed
          x={PAD.left + at[0] * w}
          y={PAD.top + (1 - at[1]) * h}
          within={width}
          low={at[1] < 0.2}
          lines={[
            `${xText(value(map.xs, at[0]))}, ${yText(value(map.ys, at[1]))}`,
            say(between(map.ground, at[0], at[1])),
          ]}
        />
      )}
    </svg>
  );
}

/** What the map says at the pointer, on a plate beside it. */
function Pointed(p: {
  readonly x: number;
  readonly y: number;
  readonly within: number;
  readonly low: boolean;
  readonly lines: readonly [string, string];
}) {
  const wide = 14 + 8.2 * Math.max(...p.lines.map((l) => l.length));
  const beside = p.x + 12 + wide > p.within ? p.x - wide - 12 : p.x + 12;
  const x = Math.max(2, Math.min(beside, p.within - wide - 2));
  const y = p.low ? p.y - 56 : p.y + 10;
  return (
    <g pointerEvents="none" data-readout>
      <rect x={x} y={y} width={wide} height={44} rx={6} fill="var(--plate)" stroke="var(--edge)" strokeWidth={1.5} />
      {p.lines.map((l, i) => (
        <text key={i} x={x + 8} y={y + 18 + 18 * i} fontSize={13} fill="var(--ink)" className="num">
          {l}
        </text>
      ))}
    </g>
  );
}

const share = (v: readonly number[], x: number): number => {
  const a = v[0] ?? 0;
  const b = v.at(-1) ?? 1;
  return b > a ? Math.min(1, Math.max(0, (x - a) / (b - a))) : 0.5;
};
const value = (v: readonly number[], t: number): number => (v[0] ?? 0) + t * ((v.at(-1) ?? 1) - (v[0] ?? 0));
/** Round values over the span, about five of them. */
function ticks(v: readonly number[]): readonly number[] {
  const a = v[0] ?? 0;
  const b = v.at(-1) ?? 1;
  const raw = Math.max(1e-9, (b - a) / 4.5);
  const unit = 10 ** Math.floor(Math.log10(raw));
  const step = ([1, 2, 5, 10].find((k) => k * unit >= raw) ?? 10) * unit;
  const first = Math.ceil(a / step - 1e-9) * step;
  return Array.from({ length: Math.floor((b - first) / step + 1e-9) + 1 }, (_, i) => first + i * step);
}

type Grid = readonly (readonly number[])[];
/**
 * Contours of a grid whose rows go upwards, as paths in a w × h frame, and the points its name may stand at. A grid with no
 * such edge: an empty path.
 */
function path(grid: Grid, from: number, w: number, h: number): { readonly d: string; readonly line: readonly Spot[] } {
  const ny = grid.length;
  const nx = grid[0]?.length ?? 0;
  if (nx < 2 || ny < 2) return { d: '', line: [] };
  const shape = contours().size([nx, ny]).smooth(true).contour(grid.flat(), from);
  const sx = (x: number): number => ((x - 0.5) / (nx - 1)) * w;
  const sy = (y: number): number => h - ((y - 0.5) / (ny - 1)) * h;
  let d = '';
  const line: Spot[] = [];
  for (const polygon of shape.coordinates)
    for (const ring of polygon) {
      d +=
        ring.map(([x = 0, y = 0], i) => `${i === 0 ? 'M' : 'L'}${sx(x).toFixed(1)} ${sy(y).toFixed(1)}`).join('') + 'Z';
      // The frame closes the region; its line is what runs inside.
      for (const [x = 0, y = 0] of ring) if (inside(sx(x), w) && inside(sy(y), h)) line.push([sx(x), sy(y)]);
    }
  if (line.length > 0) return { d, line };
  const all = grid.some((row) => row.some((v) => v >= from));
  return { d, line: all ? [0.25, 0.5, 0.75].map((t): Spot => [w / 2, t * h]) : [] };
}
const inside = (x: number, of: number): boolean => x > 2 && x < of - 2;
function shapesOf(map: LeverMap, levels: readonly Level[], w: number, h: number) {
  return {
    ground: levels.slice(1).map((b) => path(map.ground, b.from, w, h).d),
    regions: REGIONS.map((r) => {
      const edge = path(map[r.of], EDGE, w, h);
      return { ...r, edge: edge.d, some: path(map[r.of], SOME, w, h).d, line: edge.line };
    }),
  };
}
