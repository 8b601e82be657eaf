import type { Instrument } from '@ironpan/core/instruments';
import { listenNearBy, nearBy, watchNearBy } from './bluetooth';
import { NOTHING_IGNORED, readingsIn } from './heard';
import type { Ignored, Told } from './heard';
import type { BenchLine, Line } from './stream';

/** The cook's own instruments as a line to the bench: this page holds them, so it writes. */
export class NearLine implements BenchLine {
  readonly #last = new Map<Instrument, number>();
  readonly #ends: readonly (() => void)[];
  readonly leads = true;
  ignored: Ignored = NOTHING_IGNORED;

  constructor(
    readonly paired: () => readonly Instrument[],
    readonly onTold: (told: readonly Told[]) => void,
    readonly onLine: () => void,
  ) {
    this.#ends = [
      watchNearBy(onLine),
      listenNearBy((ticks) => {
        const { told, ignored } = readingsIn(ticks, this.paired(), this.#last);
        for (const t of told) this.#last.set(t.from, t.at);
        if (ignored.frames > 0) this.ignored = { frames: this.ignored.frames + ignored.frames, last: ignored.last };
        if (told.length > 0) this.onTold(told);
        else this.onLine();
      }),
    ];
  }
  get line(): Line {
    const all = nearBy();
    return all.length === 0 ? 'off' : all.some((x) => x.line === 'live') ? 'live' : 'lost';
  }
  /** Nobody needs to be told of a batch: they are in the kitchen. */
  tell(): Promise<boolean> {
    return Promise.resolve(true);
  }
  end(): void {
    for (const e of this.#ends) e();
  }
}
