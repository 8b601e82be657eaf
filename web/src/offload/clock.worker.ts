import { fold } from '@ironpan/core/batch';
import { seededRandom } from '@ironpan/core/numerics';
import { sampleBeliefs } from '@ironpan/core/questions';
import {
  chancesOf,
  checkTimetable,
  dayOf,
  endsS,
  followed,
  sittingsOf,
  Timetabling,
  waysOf,
} from '@ironpan/core/schedule';
import type { Day, DayAsked, MilkAsked, Timetable } from '@ironpan/core/schedule';
import { dayAsked, otherWays } from './clockAsk';
import type { ClockAsked } from './clockAsk';
import { shownOf } from './clockView';
import type { ClockTold, Shown } from './clockView';

/** Nodes between two looks at the clock, and how often something is told, ms. */
const NODES = 40;
const TOLD_MS = 80;
/** An agreed timetable is offered a better one from so much less late on, s. */
const WORTH_S = 120;

/** The timetable of a day away from the screen: the best so far is told at once, then whenever it gets better. */
self.onmessage = (e: MessageEvent<ClockAsked>) => {
  const a = e.data;
  const { asked, cannot } = dayAsked(a);
  // What is known is told at once; how sure it is comes after it.
  const end = (of: DayAsked, told: Partial<ClockTold> & { readonly shown: Shown }): void => {
    if (a.chances) tell(told, 0.98, false);
    tell(a.chances ? { ...told, chances: chances(of, told.shown) } : told, 1, true);
  };
  const tell = (told: Partial<ClockTold>, share: number, done: boolean): void => {
    const all: ClockTold = { shown: null, cannot, ways: [], kept: false, betterByS: 0, chances: {}, ...told };
    self.postMessage(done ? { done: all } : { progress: share, best: all });
  };
  if (asked.milks.length === 0) {
    tell({}, 1, true);
    return;
  }
  const gone = a.agreed === null ? null : (goneOn(asked, a.agreed) ?? goneOn(inFridge(asked), a.agreed));
  const kept = gone?.shown ?? null;
  // What was agreed on and is still in time is not asked anew.
  if (gone?.shown.milks.every((m) => m.lateS === 0)) {
    end(gone.of, { shown: gone.shown, kept: true });
    return;
  }
  if (kept) tell({ shown: kept, kept: true }, 0.1, false);
  const better = (of: DayAsked) => (day: Day, t: Timetable, share: number) => {
    if (!kept) tell({ shown: shownOf(of, day, t, false) }, share, false);
  };
  let found = solved(asked, better(asked));
  let of = asked;
  if (!found) {
    of = inFridge(asked);
    found = solved(of, better(of));
  }
  if (gone && kept) {
    const betterByS = found ? Math.max(0, lateOf(kept) - lateS(of, found)) : 0;
    const worth = betterByS < WORTH_S ? 0 : betterByS;
    end(gone.of, { shown: kept, kept: true, betterByS: worth, ways: waysFor(asked, a, kept) });
    return;
  }
  if (!found) {
    tell({ ways: waysOf(asked, null, (m) => otherWays(m, a)) }, 1, true);
    return;
  }
  const shown = shownOf(of, found.day, found.best, true);
  tell({ shown }, 0.95, false);
  end(of, { shown, ways: waysFor(of, a, shown) });
};
/** Kitchens that are tried, and the seed of what differs in them. */
const KITCHENS = 60;
const SEED = 11;
function chances(of: DayAsked, shown: Shown): Readonly<Record<string, number>> {
  const sampled = (m: MilkAsked, kitchen: number): MilkAsked => {
    const random = seededRandom(SEED + kitchen);
    const here = {
      ...m.here,
      beliefs: sampleBeliefs(
        m.here,
        m.recipe.materials.map((x) => x.id),
        random,
      ),
    };
    return { ...m, outcome: fold(m.recipe, here) };
  };
  return Object.fromEntries(chancesOf(of, shown.starts, sampled, KITCHENS));
}
/** Whatever soaks may wait in the fridge: for a day that cannot be otherwise. */
const inFridge = (d: DayAsked): DayAsked => ({
  ...d,
  milks: d.milks.map((m) => (m.recipe.steps.some((s) => s.kind === 'soak') ? { ...m, fridge: true } : m)),
});
interface Solved {
  readonly day: Day;
  readonly best: Timetable;
}
function solved(asked: DayAsked, better: (day: Day, t: Timetable, share: number) => void): Solved | null {
  const day = dayOf(asked);
  const search = new Timetabling(day.problem);
  let [said, had] = [-Infinity, null as Timetable | null];
  for (;;) {
    const s = search.run(NODES);
    if (
      s.best &&
      s.best !== had &&
      s.best.faults.length === 0 &&
      (had === null || performance.now() - said > TOLD_MS)
    ) {
      [said, had] = [performance.now(), s.best];
      better(day, s.best, s.share);
    }
    // What a second reader finds a fault in is never shown.
    if (s.done) return s.best && s.best.faults.length === 0 ? { day, best: s.best } : null;
  }
}
interface Gone {
  readonly of: DayAsked;
  readonly shown: Shown;
}
/** What was agreed on, as it goes on now; null: it cannot. */
function goneOn(asked: DayAsked, agreed: Readonly<Record<string, number>>): Gone | null {
  const day = dayOf(asked);
  const f = followed(day.problem, day.originMs, agreed);
  if (!f) return null;
  const faults = checkTimetable(day.problem, f.starts);
  if (faults.length > 0) return null;
  const ends = new Map(day.problem.wishes.map((w) => [w.milk, endsS(day.problem, f.starts, w.last)] as const));
  const t: Timetable = {
    ...{ starts: f.starts, readyS: ends, lateS: f.lateS, sittings: sittingsOf(day.problem, f.starts) },
    ...{ soonest: false, freshest: false, gapS: 0, nodes: 0, faults },
  };
  return { of: asked, shown: shownOf(asked, day, t, true) };
}
const lateOf = (s: Shown): number => s.milks.reduce((x, m) => x + m.lateS, 0);
function lateS(asked: DayAsked, { day, best: t }: Solved): number {
  return asked.milks.reduce((x, m) => {
    const at = day.originMs + 1000 * (t.readyS.get(m.id) ?? 0);
    return x + (m.byAt === null ? 0 : Math.max(0, (at - m.byAt) / 1000));
  }, 0);
}
function waysFor(asked: DayAsked, a: ClockAsked, shown: Shown) {
  const late = shown.milks.filter((m) => m.lateS > 0);
  if (late.length === 0) return [];
  return waysOf(asked, new Map(late.map((m) => [m.milk, m.readyAt] as const)), (m) => otherWays(m, a));
}
