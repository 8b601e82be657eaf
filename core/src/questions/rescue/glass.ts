import { inHundred } from './hundred';
import type { JarNow, Trouble } from '../../batch';
import { fig } from '../../checks';
import type { Here } from '../../kitchen';
import { contents, massG } from '../../kitchen';
import { bodyOf, contextOf, SWEET_FROM } from '../../steps';
import { CURDLES_FROM, rightAt, sweetAt, TOO_MUCH } from '../complaints';
import { line } from './sick';
import type { Line } from './sick';

/** What can be done about milk that stands in its jar: at the glass, and what cannot. */
export interface RescuedJar {
  readonly now: readonly Line[];
  readonly past: readonly Line[];
}
type Found = Partial<RescuedJar>;

/** Amounts for a hundred grams of it, so that the rest of the jar stays as it is. */
export function rescueOfJar(now: JarNow, here: Here, against: Trouble): RescuedJar {
  const s = now.stream;
  const ctx = contextOf(here, now.foods);
  const soy = now.foods.some((m) => m.inhibitorLabileShare !== null);
  const body = bodyOf(s, now.placeC, ctx);
  const share = (of: 'sugars' | 'salt'): number => contents(s)[of] / Math.max(1e-9, massG(s));
  const thinned = (g: number | null): readonly Line[] =>
    g === null ? [] : [line('glassWater', { addG: fig(g, 'g') })];
  const until = (ok: Parameters<typeof inHundred>[1]): readonly Line[] => thinned(inHundred(s, ok));
  const bodyIs = (of: 'relative' | 'glucan', to: number) =>
    until((x) => {
      const b = bodyOf(x, now.placeC, ctx);
      return b !== null && (b[of] ?? Infinity) <= to;
    });
  const found = ((): Found => {
    switch (against) {
      case 'tooThin':
        return { now: [line('mixStronger')], past: [line('waterStays')] };
      case 'tooThick':
        return { now: bodyIs('relative', rightAt('tooThick', body?.relative ?? 1, here.beliefs)) };
      case 'slimy':
        return { now: bodyIs('glucan', rightAt('slimy', body?.glucan ?? 1, here.beliefs)), past: [line('slimeStays')] };
      case 'gritty':
        return { now: [line('sieveGlass')] };
      case 'beany':
        return { now: [line('hideBeany')], past: [line('beanyStays')] };
      case 'notSweet': {
        const next = sweetAt(share('sugars'), here.beliefs);
        const g = (100 * (next - share('sugars'))) / (1 - next);
        return { now: [line('glassSugar', { addG: fig(Math.max(0.5, Math.round(2 * g) / 2), 'g') })] };
      }
      case 'tooSweet':
      case 'tooSalty': {
        const of = against === 'tooSweet' ? 'sugars' : 'salt';
        const to = TOO_MUCH * share(of);
        return { now: [...until((x) => contents(x)[of] / massG(x) <= to), line('mixPlain')] };
      }
      case 'curdled':
        return { now: [line('sourThrow'), ...(soy ? [line('asCurd')] : [])], past: [line('curdStays')] };
      case 'split': {
        const c = now.capSetsBelowC;
        return {
          now: [line('shakeIt'), ...(c !== null && now.placeC <= c ? [line('warmFat', { toC: fig(c + 5, 'C') })] : [])],
        };
      }
      default:
        return {};
    }
  })();
  return { now: found.now ?? [], past: found.past ?? [] };
}
/** What a cook may find wrong with milk in a jar. */
export function troublesOfJar(now: JarNow): readonly Trouble[] {
  const m = Math.max(1e-9, massG(now.stream));
  const c = contents(now.stream);
  const soy = now.foods.some((f) => f.inhibitorLabileShare !== null);
  const slimy = now.stream.released.solubleFibre > 0;
  const all: readonly (Trouble | false)[] = [
    'tooThin',
    'tooThick',
    slimy && 'slimy',
    'gritty',
    soy && 'beany',
    'notSweet',
    c.sugars / m > SWEET_FROM.little && 'tooSweet',
    c.salt > 0 && 'tooSalty',
    c.protein / m > CURDLES_FROM && 'curdled',
    'split',
  ];
  return all.filter((t) => t !== false);
}
