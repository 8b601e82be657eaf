import { MEASURES } from '@ironpan/core/batch';
import { leversOf, reachOf } from '@ironpan/core/questions';
import type { Measure } from '@ironpan/core/batch';
import type { Moved } from '@ironpan/core/questions';
import type { Recipe } from '@ironpan/core/steps';
import { join, leverName, leverValue, measureText } from '@ironpan/core/words';
import type { LeverBar } from '../../drawings/LeverBars';

const LEAST_REACH = 0.01;
const MOST_BARS = 8;

/** The levers that move a measure most, as bars of one scale. */
export function barsOf(moved: readonly Moved[], measure: Measure): readonly LeverBar[] {
  const levers = moved.map((m) => m.lever);
  const ranked = moved
    .map((m) => ({ m, reach: reachOf(m, measure) }))
    .filter((x) => x.reach > LEAST_REACH)
    .sort((a, b) => b.reach - a.reach)
    .slice(0, MOST_BARS);
  const way = (m: Moved, i: 0 | 2): number => {
    const now = m.values[measure][1] ?? 0;
    const v = m.values[measure][i] ?? now;
    return measure === 'body' || measure === 'bodyHot' || measure === 'slime'
      ? Math.log(Math.max(1e-9, v) / Math.max(1e-9, now))
      : v - now;
  };
  const most = Math.max(1e-12, ...ranked.flatMap(({ m }) => [Math.abs(way(m, 0)), Math.abs(way(m, 2))]));
  return ranked.map(({ m }) => ({
    key: m.lever.key,
    name: `${leverName(m.lever, levers)}${m.lever.at.of === 'choice' ? ':' : ''} ${leverValue(m.lever, m.lever.now)}`,
    lowText: leverValue(m.lever, m.lever.low),
    highText: leverValue(m.lever, m.lever.high),
    low: way(m, 0) / most,
    high: way(m, 2) / most,
    lowValue: join(measureText(measure, m.values[measure][0])),
    highValue: join(measureText(measure, m.values[measure][2])),
  }));
}

/** The measures that mean something for this plan. */
export function measuresFor(recipe: Recipe, moved: readonly Moved[]): readonly Measure[] {
  const want: readonly Measure[] = ['body', 'slime', 'volumeMl', 'solids', 'grit', 'beany', 'bodyHot', 'fat', 'keepS'];
  const first = moved[0];
  return want.filter(
    (m) =>
      m in MEASURES &&
      first !== undefined &&
      leversOf(recipe).length > 0 &&
      moved.some((x) => reachOf(x, m) > LEAST_REACH),
  );
}

/** What to ask first: slime where there is any, else what most levers move. */
export function usualMeasure(moved: readonly Moved[], among: readonly Measure[]): Measure {
  if (among.includes('slime')) return 'slime';
  const count = (m: Measure): number => moved.filter((x) => reachOf(x, m) > LEAST_REACH).length;
  return [...among].sort((a, b) => count(b) - count(a))[0] ?? 'solids';
}
