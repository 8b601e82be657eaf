import { memo, useMemo } from 'react';
import { area, curveBumpX } from 'd3-shape';
import { massG, volumeMl } from '@ironpan/core/kitchen';
import { flowG } from '@ironpan/core/kitchen';
import type { Outcome, Recipe } from '@ironpan/core/steps';
import { grams, join, milkOf, millilitres, streamName } from '@ironpan/core/words';
import { foodStyle } from './foodStyle';
import { flowLayout } from './flowLayout';
import type { FlowLayout, Paint, Ribbon } from './flowTypes';
import { FlowReadout } from './FlowReadout';
import { JarShape } from './Jar';
import { useSettled } from './useSettled';

/** The table beside the drawing follows when the hand has come to rest. */
const TABLE_AFTER_MS = 400;

const FILL: Readonly<Record<Paint, string>> = {
  food: 'var(--food)',
  water: 'var(--water-fill)',
  solids: 'var(--food)',
  milk: 'var(--milk)',
  pulp: 'var(--pulp)',
  pulpWet: 'var(--pulp-wet)',
  added: 'var(--leaf-soft)',
  drain: 'var(--water-soft)',
  steam: 'var(--flame-soft)',
};
const TONE = {
  ink: 'var(--ink)',
  milk: '#20262a',
  water: 'var(--water-text)',
  flame: 'var(--flame-text)',
  ash: 'var(--ash)',
} as const;

const shape = area<{ x: number; y: number; h: number }>()
  .x((p) => p.x)
  .y0((p) => p.y)
  .y1((p) => p.y + p.h)
  .curve(curveBumpX);
const path = (r: Ribbon): string =>
  shape([
    { x: r.x0, y: r.y0, h: r.h },
    { x: r.x1, y: r.y1, h: r.h },
  ]) ?? '';

interface FlowProps {
  readonly recipe: Recipe;
  readonly outcome: Outcome;
  readonly width: number;
  readonly compact: boolean;
  readonly jars: number;
  readonly jarShare: number;
}

/** The plan as it flows: ribbons as wide as the grams, each part above the station that makes it. */
export const Flow = memo(function Flow({ recipe, outcome, width, compact, jars, jarShare }: FlowProps) {
  const pair = useMemo(() => ({ recipe, outcome }), [recipe, outcome]);
  const calm = useSettled(pair, TABLE_AFTER_MS);
  const layout = flowLayout(recipe, outcome, { width, thick: compact ? 58 : 104, compact });
  return (
    <figure className="relative m-0 contain-content" style={foodStyle(milkOf(recipe))}>
      <svg
        width={width}
        height={layout.height}
        viewBox={`0 0 ${width} ${layout.height}`}
        aria-hidden="true"
        className="block"
      >
        {layout.ribbons.map((r) => (
          <path
            key={r.key}
            d={path(r)}
            fill={FILL[r.fill]}
            stroke="var(--edge)"
            strokeWidth={1.5}
            data-ribbon={r.key}
            data-h={r.h.toFixed(2)}
          />
        ))}
        {layout.bars.map((b) => (
          <rect
            key={b.key}
            x={b.x - b.w / 2}
            y={b.y}
            width={b.w}
            height={b.h}
            fill={b.hot ? 'var(--flame)' : 'var(--iron)'}
          />
        ))}
        <Jars layout={layout} jars={jars} share={jarShare} compact={compact} />
        {layout.labels.map((l) => (
          <text
            key={l.key}
            x={l.x}
            y={l.y}
            textAnchor={l.anchor}
            fontSize={compact ? 12.5 : 13}
            fontWeight={650}
            fill={TONE[l.tone]}
            stroke={l.tone === 'milk' ? 'none' : 'var(--plate)'}
            strokeWidth={4}
            paintOrder="stroke"
          >
            {l.text}
          </text>
        ))}
      </svg>
      <FlowReadout layout={layout} recipe={recipe} width={width} />
      <FlowTable recipe={calm.recipe} outcome={calm.outcome} />
    </figure>
  );
});

interface JarsProps {
  readonly layout: FlowLayout;
  readonly jars: number;
  readonly share: number;
  readonly compact: boolean;
}
/** The jars a plan fills: the main milk's beside its end, one small jar for each extract. */
function Jars({ layout, jars, share, compact }: JarsProps) {
  const main = layout.ends.find((e) => e.main && e.jarred);
  const shown = Math.min(jars, compact ? 1 : 3);
  const w = compact ? 30 : shown > 2 ? 23 : 34;
  const h = compact ? 56 : 92;
  const y = main ? Math.max(4, main.y + main.h / 2 - h / 2) : 0;
  return (
    <g>
      {main &&
        Array.from({ length: shown }, (_, i) => (
          <g key={i} transform={`translate(${main.x + 6 + i * (w + 4)} ${y})`}>
            <JarShape width={w} height={h} share={share} fill="var(--milk)" />
          </g>
        ))}
      {main && jars > shown && (
        <text
          x={compact ? main.x + 10 : main.x + 6 + shown * (w + 4)}
          y={compact ? y + h + 15 : y + h - 6}
          fontSize={13}
          fontWeight={650}
          fill="var(--ink)"
        >
          {`× ${jars}`}
        </text>
      )}
      {layout.ends
        .filter((e) => e.jarred && !e.main)
        .map((e) => (
          <g key={e.stream} transform={`translate(${e.x + 4} ${e.y + e.h / 2 - 13})`}>
            <JarShape width={15} height={26} share={0.8} fill="var(--milk)" />
          </g>
        ))}
    </g>
  );
}

/** The same, as a table for those who do not see it; it may come a moment after the drawing. */
const FlowTable = memo(function FlowTable({ recipe, outcome }: { readonly recipe: Recipe; readonly outcome: Outcome }) {
  const place = (p: Outcome['ledger'][number]['from']): string =>
    'stream' in p ? streamName(p.stream, recipe) : p.outside;
  return (
    <div className="sr-only">
      <table>
        <caption>What flows where, in grams</caption>
        <thead>
          <tr>
            <th scope="col">Step</th>
            <th scope="col">From</th>
            <th scope="col">To</th>
            <th scope="col">Grams</th>
          </tr>
        </thead>
        <tbody>
          {outcome.ledger.map((f, i) => (
            <tr key={i}>
              <td>{recipe.steps.find((s) => s.id === f.step)?.kind ?? f.step}</td>
              <td>{place(f.from)}</td>
              <td>{place(f.to)}</td>
              <td>{join(grams(flowG(f)))}</td>
            </tr>
          ))}
          {Object.entries(outcome.products).map(([n, s]) => (
            <tr key={n}>
              <td>at the end</td>
              <td>{streamName(n, recipe)}</td>
              <td>{join(millilitres(volumeMl(s)))}</td>
              <td>{join(grams(massG(s)))}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
});
