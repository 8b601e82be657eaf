import { Ahead } from '@ironpan/core/schedule';
import type { AheadMilk } from '@ironpan/core/schedule';
import { summarise } from '@ironpan/core/batch';
import { dayAsked } from './clockAsk';
import type { Cannot, ClockAsked, ClockMilk } from './clockAsk';

/** The days to come: what is wanted then, and what stands already, each of its steps where it was agreed. */
export interface AheadAsked extends ClockAsked {
  readonly standing: readonly ClockMilk[];
}
/** What a milk makes: ml, and how long that keeps, ms. */
export interface Makes {
  readonly milk: string;
  readonly ml: number;
  readonly keepsMs: number;
}
export interface AheadTold {
  readonly found: readonly AheadMilk[];
  readonly makes: readonly Makes[];
  readonly cannot: readonly Cannot[];
}

/** A few milks at a time; each few is told as soon as it is placed. */
self.onmessage = (e: MessageEvent<AheadAsked>) => {
  const a = e.data;
  const { asked, cannot } = dayAsked(a);
  const { milks: standing } = dayAsked({ ...a, milks: a.standing }).asked;
  const makes = [...standing, ...asked.milks].map(({ id, recipe, outcome, here }): Makes => {
    const { jarredMl, main } = summarise(recipe, outcome, here.kit, 'main');
    return { milk: id, ml: jarredMl, keepsMs: 1000 * (main?.keep?.s ?? 0) };
  });
  const ahead = new Ahead(asked, standing);
  for (;;) {
    const done = ahead.run();
    const best: AheadTold = { found: ahead.found, makes, cannot };
    self.postMessage(done ? { done: best } : { progress: ahead.share, best });
    if (done) return;
  }
};
