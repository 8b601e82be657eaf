import type { Kit } from '@ironpan/core/kitchen';
import type { Year } from '@ironpan/core/questions';
import { duration, join, millilitres } from '@ironpan/core/words';
import { plain } from '@ironpan/core/units';

/** The figures of a year at a glance. */
export function Totals({ year, kit }: { readonly year: Year; readonly kit: Kit }) {
  const { batches, ml, cost, kWh, handsS } = year.all;
  const made = year.all.batches - year.abandoned.reduce((n, [, x]) => n + x, 0);
  const money = (x: number): string => `${plain(x, x < 10 ? 2 : 0)} ${kit.currency}`;
  const away = year.away.reduce((sum, [, x]) => sum + x, 0);
  if (batches === 0)
    return (
      <section aria-label="All together" className="plate p-4 wide:col-span-2">
        <p>Nothing was made in this time.</p>
      </section>
    );
  return (
    <section aria-label="All together" className="plate p-4 wide:col-span-2">
      <dl className="flex flex-wrap gap-x-10 gap-y-3">
        <Big label={made === 1 ? 'from 1 batch' : `from ${plain(made)} batches`} text={join(millilitres(ml))} />
        <Big
          label={ml > 0 ? `food and power, ${money((1000 * cost) / ml)} a litre` : 'food and power'}
          text={money(cost)}
        />
        <Big label="of power, an estimate" text={join({ n: plain(kWh, kWh < 10 ? 1 : 0), unit: 'kWh' })} />
        <Big label="of your hands, an estimate" text={join(duration(3600 * Math.round(handsS / 3600) || handsS))} />
        <Big
          label={ml > 0 ? `poured away, ${plain((100 * away) / ml, 1)} in 100` : 'poured away'}
          text={join(millilitres(away))}
        />
      </dl>
      <p className="small quiet mt-2">
        Litres by the scale where the jars were weighed, else as worked out from what was written down.
      </p>
    </section>
  );
}
function Big({ label, text }: { readonly label: string; readonly text: string }) {
  return (
    <div className="flex flex-col-reverse">
      <dt className="quiet small">{label}</dt>
      <dd className="num text-2xl font-bold">{text}</dd>
    </div>
  );
}
