import type { BatchEvent, FrozenBatch } from '@ironpan/core/batch';
import { tickMs } from '@ironpan/core/instruments';
import type { PracticeFault } from '@ironpan/core/instruments';
import { framesAt } from './stand-ins';
import { trueKitchen } from './truth';
import type { Truth } from './truth';

/** What a browser posts of a batch that is to be followed. */
export interface Followed {
  readonly batch: FrozenBatch;
  readonly events: readonly BatchEvent[];
  /** The kitchen's instant, ms, when this was said, and how fast its clock goes. */
  readonly at: number;
  readonly speed: number;
  readonly seed: number;
  readonly faults: readonly PracticeFault[];
}
interface Kitchen {
  readonly of: Followed;
  /** This machine's instant at which it was said. */
  readonly saidAt: number;
  readonly truth: (at: number) => Truth;
  readonly firstWarmAt: number | null;
}
/** One moment of all instruments; its id is the kitchen's instant. */
export interface Tick {
  readonly at: number;
  readonly frames: ReturnType<typeof framesAt>;
}
/** More than these at once are not followed: the one not heard of for the longest goes. */
const MOST_KITCHENS = 20;
/** A reader who was away for longer than this many ticks is told the latest of them. */
const MOST_TICKS = 240;
/** The kitchens that are followed, by batch. Nothing of them is kept: a browser that is not known here says all of it again. */
export class Kitchens {
  readonly #all = new Map<string, Kitchen>();
  constructor(readonly now: () => number) {}

  follow(of: Followed): void {
    const first = of.events.filter((e) => e.is === 'begun').map((e) => e.at);
    this.#all.delete(of.batch.id);
    this.#all.set(of.batch.id, {
      of,
      saidAt: this.now(),
      truth: trueKitchen(of.batch, of.events, of.seed, of.faults),
      firstWarmAt: first.length > 0 ? Math.min(...first) : null,
    });
    for (const id of this.#all.keys()) {
      if (this.#all.size <= MOST_KITCHENS) break;
      this.#all.delete(id);
    }
  }
  has(batch: string): boolean {
    return this.#all.has(batch);
  }
  /** All ticks since one, up to now. Each is a function of batch, log, seed and its own instant alone. */
  since(batch: string, last: number): readonly Tick[] {
    const k = this.#all.get(batch);
    if (!k) return [];
    const step = tickMs(k.of.speed);
    const now = k.of.at + (this.now() - k.saidAt) * k.of.speed;
    const end = Math.floor(now / step) * step;
    const from = Math.max(Math.floor(last / step) * step + step, end - (MOST_TICKS - 1) * step);
    const faults = new Set(k.of.faults);
    const out: Tick[] = [];
    for (let at = from; at <= end; at += step)
      out.push({ at, frames: framesAt(k.truth(at), k.of.seed, at, faults, k.firstWarmAt) });
    return out;
  }
}
