import { layersAhead } from '@ironpan/core/batch';
import { layersText, milkOf } from '@ironpan/core/words';
import { useMemo } from 'react';
import { foodStyle } from '../../drawings/foodStyle';
import { JarShape } from '../../drawings/Jar';
import type { ShelfJar } from '../../live/shelf';

const HOURS = [1, 6, 24, 72] as const;
const W = 54;
const H = 84;
const DRAWN_FULL = 0.94;

/** How it parts standing in the fridge, from its filling on: drawn at an hour, six, a day and three; an estimate. */
export function Ahead({ j }: { readonly j: ShelfJar }) {
  const ahead = useMemo(() => layersAhead(j.jar, j.batch, HOURS), [j.jar, j.batch]);
  return (
    <section aria-label="How it parts, expected" className="mt-4" style={foodStyle(milkOf(j.batch.recipe))}>
      <h3 className="mb-1 text-lg">How it parts, left standing</h3>
      <ul className="grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-4">
        {ahead.map((a) => (
          <li key={a.hours} className="flex items-end gap-2">
            <svg width={W} height={H} aria-hidden="true" className="shrink-0">
              <JarShape width={W} height={H} share={DRAWN_FULL} fill="var(--milk)" layers={a.layers} />
            </svg>
            <span className="small min-w-0">
              <b className="num block">{a.hours < 24 ? `${a.hours} h` : `${a.hours / 24} d`}</b>
              {layersText(a.layers)}
            </span>
          </li>
        ))}
      </ul>
      <p className="small quiet">Of the fill it had in its jar, in the fridge, drawn full. An estimate.</p>
    </section>
  );
}
