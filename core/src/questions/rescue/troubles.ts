import { isRawNow } from '../../batch';
import type { Progress, Trouble } from '../../batch';
import { SWEET_FROM } from '../../steps';
import type { Step } from '../../steps';
import { CURDLES_FROM } from '../complaints';
import { measured } from './sick';

/** What may go wrong with this batch at all by now: what it has not, and has not come to, is not asked. */
export function troublesOf(p: Progress): readonly Trouble[] {
  const kinds = new Set(p.recipe.steps.map((x) => x.kind));
  const has = (...k: readonly Step['kind'][]): boolean => k.some((x) => kinds.has(x));
  const begun = (...k: readonly Step['kind'][]): boolean =>
    p.tasks.some((t) => k.includes(t.step.kind) && t.status !== 'waiting');
  const main = p.summary.main;
  const open = begun('grind', 'mill', 'knead');
  const salted = (main && measured(p, 'salt')) ?? 0;
  const on: Readonly<Record<Trouble, boolean>> = {
    tooThin: open,
    tooThick: open,
    slimy: open && (main?.body?.glucan ?? 0) > 1.02,
    gritty: open,
    beany: open && (main?.beany ?? 0) > 1,
    notSweet: open,
    tooSweet: open && (main?.sugars ?? 0) > SWEET_FROM.little,
    tooSalty: open && salted > 0,
    // Without protein there is nothing to curdle.
    curdled: open && (main?.protein ?? 0) > CURDLES_FROM && begun('boil', 'heat', 'add'),
    split: open,
    short: begun('strain', 'wash'),
    scorched: begun('boil', 'heat', 'absorb'),
    boiledOver: begun('boil', 'heat', 'absorb'),
    stalled: p.atHand.some((t) => t.step.kind === 'grind'),
    bagBurst: begun('strain', 'wash'),
    soakForgotten: has('soak') && !open,
    interrupted: true,
    powerGone: true,
    notBoiled: begun('boil') && isRawNow(p),
  };
  return (Object.keys(on) as Trouble[]).filter((t) => on[t]);
}
