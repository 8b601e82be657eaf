import type { NumberSpec } from '../steps';
import { plain } from '../units';
import { duration, grams, join, percent } from './format';

/** A parameter's value, in the unit of the fold, as a kitchen says it. */
export function shownText(shown: NumberSpec['shown'], v: number): string {
  switch (shown) {
    case 'g':
      return join(grams(Math.round(v)));
    case 'um':
      return join({ n: plain(Math.round(v)), unit: 'µm' });
    case 'ml':
      return join({ n: plain(Math.round(v)), unit: 'ml' });
    case 'C':
      return join({ n: plain(Math.round(v)), unit: '°C' });
    case 's':
      return join({ n: plain(Math.round(v)), unit: 's' });
    case 'min':
    case 'h':
      return join(duration(v));
    case '%':
      return join(percent(v));
    case 'cm':
      return join({ n: plain(v, 1), unit: 'cm' });
    case 'count':
      return plain(Math.round(v));
  }
}
