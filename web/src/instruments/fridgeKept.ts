import { saveLogger } from '../store/fridge';
import { readingsIn } from './heard';
import type { Told, TickOnWire } from './heard';
import { reportAs } from '../report';

/** One figure a minute is enough of a fridge, ms. */
const EVERY_MS = 60_000;
/** So much is written at once, ms: an hour of it makes a line. */
const WRITES_MS = 10 * 60_000;
/** Longer than this in one page, the oldest is written and let go, ms. */
const LONGEST_MS = 36 * 3_600_000;

/**
 * What a thermometer in the fridge tells while the page is open, kept as a logger's file would be: jars that stand are
 * reckoned by it.
 */
export class FridgeKept {
  #readings: { readonly at: number; readonly c: number }[] = [];
  #minute: { readonly at: number; sum: number; n: number } | null = null;
  #writtenAt: number | null = null;
  #last = new Map<'fridge', number>();

  take(ticks: readonly TickOnWire[]): void {
    this.hear(readingsIn(ticks, ['fridge'], this.#last).told);
  }
  /** The same of what was read already; whatever else told something is passed over, and so is what is of an earlier time. */
  hear(told: readonly Told[]): void {
    for (const t of told) {
      if (t.from !== 'fridge' || t.at <= (this.#last.get('fridge') ?? -Infinity)) continue;
      this.#last.set('fridge', t.at);
      this.#writtenAt ??= t.at;
      if (!this.#minute || t.at - this.#minute.at >= EVERY_MS) {
        this.#close();
        this.#minute = { at: t.at, sum: 0, n: 0 };
      }
      this.#minute.sum += t.value;
      this.#minute.n += 1;
      if (t.at - this.#writtenAt >= WRITES_MS) {
        this.#writtenAt = t.at;
        void this.write().catch(reportAs('Saving the fridge’s temperatures'));
      }
    }
  }
  /** Writes all of it so far; what was written before of these hours is written anew. */
  async write(): Promise<void> {
    this.#close();
    const all = this.#readings;
    if (all.length < 2) return;
    await saveLogger(all, { live: true });
    const newest = all.at(-1)?.at ?? 0;
    this.#readings = all.filter((r) => r.at > newest - LONGEST_MS);
  }
  #close(): void {
    if (this.#minute) this.#readings.push({ at: this.#minute.at, c: this.#minute.sum / this.#minute.n });
    this.#minute = null;
  }
}
