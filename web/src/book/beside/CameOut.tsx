import { MEASURES, measuredMl } from '@ironpan/core/batch';
import type { Measure } from '@ironpan/core/batch';
import { NOTICED } from '@ironpan/core/comparing';
import { bodyText, join, MEASURE_NAMES, measureText, millilitres, upper } from '@ironpan/core/words';
import type { Beside } from '../../live/useBeside';
import { reckoned } from '../../live/running';
import { Columns, Marked } from './Columns';

const SHOWN: readonly Measure[] = [
  'volumeMl',
  'solids',
  'protein',
  'fat',
  'body',
  'bodyHot',
  'slime',
  'grit',
  'beany',
  'keepS',
  'handsS',
  'elapsedS',
  'costPerL',
];
/** Nearer than this share two figures of no threshold of their own are the same. */
const SAME = 0.02;
function differs(of: Measure, x: number | null, y: number | null): boolean {
  if (x === null || y === null) return x !== y;
  const least = of in NOTICED ? NOTICED[of as keyof typeof NOTICED] : SAME * Math.max(Math.abs(x), Math.abs(y));
  return Math.abs(x - y) > least;
}

/** A milk without slime or grit has no line of them. */
const tells = (of: Measure, x: number | null): boolean =>
  x !== null && (of === 'slime' ? x >= 1 + NOTICED.slime : of !== 'grit' || x >= NOTICED.grit);

/** What came out, in the same units; the weight of the jars where they were weighed. */
export function CameOut({ all }: { readonly all: readonly Beside[] }) {
  const first = all[0];
  const weighed = all.map((b) => {
    const r = b.row.is === 'batch' ? reckoned(b.row.of) : null;
    return r && 'progress' in r ? measuredMl(r.progress) : null;
  });
  const currency = first?.made.kit.currency ?? '';
  const lines = SHOWN.filter((m) => all.some((b) => tells(m, MEASURES[m](b.summary))));
  return (
    <section aria-label="What came out" className="plate p-4">
      <h2 className="mb-2 text-xl">What came out</h2>
      <Columns all={all} caption="What came out, in figures">
        {weighed.some((ml) => ml !== null) && (
          <tr>
            <th scope="row" className="py-1.5 pr-3 text-left font-normal">
              By the scale
            </th>
            {weighed.map((ml, i) => (
              <Marked key={all[i]?.id ?? i} differs={false}>
                {ml === null ? '–' : join(millilitres(ml))}
              </Marked>
            ))}
          </tr>
        )}
        {lines.map((m) => {
          const values = all.map((b) => MEASURES[m](b.summary));
          return (
            <tr key={m}>
              <th scope="row" className="py-1.5 pr-3 text-left font-normal">
                {upper(MEASURE_NAMES[m])}
              </th>
              {values.map((v, i) => (
                <Marked key={all[i]?.id ?? i} differs={i > 0 && differs(m, v, values[0] ?? null)}>
                  {join(measureText(m, v, currency))}
                </Marked>
              ))}
            </tr>
          );
        })}
        <tr>
          <th scope="row" className="py-1.5 pr-3 text-left font-normal">
            In words
          </th>
          {all.map((b) => (
            <Marked key={b.id} differs={false}>
              {b.summary.main?.body ? bodyText(b.summary.main.body) : '–'}
            </Marked>
          ))}
        </tr>
      </Columns>
    </section>
  );
}
