import type { Instrument } from '@ironpan/core/instruments';
import { realm } from '../store/realm';
import { NOTHING_IGNORED, readingsIn, ticksOf } from './heard';
import type { Ignored, TickOnWire, Told } from './heard';
import { report } from '../report';

/** What the server is told of a batch, so that its instruments can follow it. */
export interface Said {
  readonly batch: { readonly id: string };
  readonly events: readonly unknown[];
  readonly at: number;
  readonly speed: number;
  readonly seed: number;
  readonly faults: readonly string[];
}
/** off: nobody listens; joining; live; lost: it was heard, and is not any more. */
export type Line = 'off' | 'joining' | 'live' | 'lost';
/** Whatever brings readings to the bench: instruments that ship with Ironpan, or the cook's own. */
export interface BenchLine {
  readonly line: Line;
  /** This window holds the line: it alone writes what was heard. */
  readonly leads: boolean;
  readonly ignored: Ignored;
  tell(): Promise<boolean>;
  end(): void;
}
const AGAIN_MS = [500, 1000, 2000, 5000, 10_000] as const;
/** Nothing for so long: the line is lost, though nobody hung up, ms of the wall. */
const SILENT_MS = 4000;

/**
 * One batch's instruments. One window of the browser holds the line and tells the others; when it goes, the next takes it
 * up. A line that breaks is taken up again after the last moment that was heard; a server that forgot is told all again.
 */
export class BenchStream implements BenchLine {
  readonly #channel = 'BroadcastChannel' in globalThis ? new BroadcastChannel(`ironpan-bench-${realm()}`) : null;
  readonly #stop = new AbortController();
  readonly #last = new Map<Instrument, number>();
  #source: EventSource | null = null;
  #tries = 0;
  #heardAt: number | null = null;
  #timer: ReturnType<typeof setTimeout> | undefined;
  #watch: ReturnType<typeof setInterval> | undefined;
  leads = false;
  line: Line = 'off';
  ignored: Ignored = NOTHING_IGNORED;

  constructor(
    readonly batch: string,
    readonly paired: () => readonly Instrument[],
    readonly say: () => Said,
    readonly onTold: (told: readonly Told[]) => void,
    readonly onLine: () => void,
  ) {
    this.#channel?.addEventListener('message', (e: MessageEvent<{ batch: string; ticks: readonly TickOnWire[] }>) => {
      if (e.data.batch === batch && !this.leads) this.#take(e.data.ticks);
    });
    this.#watch = setInterval(() => this.#listenForSilence(), 1000);
    void this.#hold();
  }
  /** The batch, its log or its pace changed: the instruments go by that from now on. */
  async tell(): Promise<boolean> {
    if (!this.leads) return true;
    try {
      const r = await fetch(`/bench-api/kitchens/${encodeURIComponent(this.batch)}`, {
        method: 'PUT',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(this.say()),
        signal: this.#stop.signal,
      });
      return r.ok;
    } catch {
      return false;
    }
  }
  end(): void {
    this.#stop.abort();
    this.#source?.close();
    this.#channel?.close();
    clearTimeout(this.#timer);
    clearInterval(this.#watch);
    this.#set('off');
  }

  async #hold(): Promise<void> {
    const { locks } = navigator as { locks?: LockManager };
    const lead = async (): Promise<void> => {
      if (this.#stop.signal.aborted) return;
      this.leads = true;
      await this.#join();
      await new Promise<void>((done) => this.#stop.signal.addEventListener('abort', () => done()));
    };
    // Over plain http there are no locks: then each window holds a line of its own.
    if (!locks) {
      await lead();
      return;
    }
    await locks
      .request(`ironpan-bench-${realm()}-${this.batch}`, { signal: this.#stop.signal }, lead)
      .catch((e: unknown) => {
        // Ended by this window itself, it is no fault.
        if (!this.#stop.signal.aborted) report('Joining the instruments', e);
      });
  }
  async #join(): Promise<void> {
    this.#set(this.#heardAt === null ? 'joining' : 'lost');
    if (!(await this.tell())) {
      this.#again();
      return;
    }
    const since = Math.max(0, ...this.#last.values());
    const from = since > 0 ? `?since=${since}` : '';
    const source = new EventSource(`/bench-api/kitchens/${encodeURIComponent(this.batch)}/stream${from}`);
    this.#source = source;
    source.addEventListener('message', (e: MessageEvent<string>) => {
      this.#tries = 0;
      const ticks = ticksOf(e.data);
      this.#channel?.postMessage({ batch: this.batch, ticks });
      this.#take(ticks);
    });
    // Left to itself it would ask a server that forgot the batch again and again: it is told first.
    source.addEventListener('error', () => {
      source.close();
      this.#again();
    });
  }
  #again(): void {
    if (this.#stop.signal.aborted) return;
    if (this.#heardAt !== null) this.#set('lost');
    const wait = AGAIN_MS[Math.min(this.#tries, AGAIN_MS.length - 1)];
    this.#tries += 1;
    clearTimeout(this.#timer);
    this.#timer = setTimeout(() => void this.#join(), wait);
  }
  #take(ticks: readonly TickOnWire[]): void {
    this.#heardAt = performance.now();
    this.#set('live');
    const { told, ignored } = readingsIn(ticks, this.paired(), this.#last);
    for (const t of told) this.#last.set(t.from, t.at);
    if (ignored.frames > 0) this.ignored = { frames: this.ignored.frames + ignored.frames, last: ignored.last };
    if (told.length > 0) this.onTold(told);
  }
  #listenForSilence(): void {
    if (this.line === 'live' && this.#heardAt !== null && performance.now() - this.#heardAt > SILENT_MS)
      this.#set('lost');
  }
  #set(line: Line): void {
    if (this.line === line) return;
    this.line = line;
    this.onLine();
  }
}
