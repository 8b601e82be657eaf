import type {
  Complaint,
  LeverMap,
  MapAsked,
  Moved,
  Range,
  RangeOf,
  Remedy,
  Rescued,
  Said,
  YearBatch,
} from '@ironpan/core/questions';
import type { PhotoFrame } from '@ironpan/core/batch';
import type { SeenLayers } from '@ironpan/core/detect';
import type { CalendarRead, LoggerRead } from '@ironpan/core/formats';
import type { Explanation, Together } from '@ironpan/core/comparing';
import type { Here } from '@ironpan/core/kitchen';
import type { Recipe } from '@ironpan/core/steps';
import type { Candidate, Telling, Weighed } from '@ironpan/core/trials';
import type { How } from '../store/transfer';
import type { AheadAsked, AheadTold } from './ahead.worker';
import type { CalendarAsked } from './calendar.worker';
import type { ClockAsked } from './clockAsk';
import type { CsvAsked } from './csv.worker';
import type { ClockTold } from './clockView';
import type { FileRead, KitchenAsked } from './kitchen.worker';
import type { LastingAsked, LastingTold } from './lasting.worker';
import type { LoggerAsked } from './logger.worker';
import type { MovesAsked, RescueAsked } from './moves.worker';
import type { PhotoAsked, PhotoRead } from './photo.worker';
import type { RangesAsked } from './ranges.worker';
import type { ReadingsAsked, ReadingsTold } from './readings.worker';
import type { TruthAsked, TruthTold } from './truth.worker';
import type { WhyAsked, WhySide } from './why.worker';
import type { YearAsked } from './year.worker';

export type Ranges = Readonly<Record<RangeOf, Range>>;
export interface Running<T> {
  readonly done: Promise<T>;
  /** Stops by ending the worker. */
  readonly stop: () => void;
}
type Message<T> =
  | { readonly progress: number }
  | { readonly done: T }
  | { readonly error: { readonly name: string; readonly message: string } };
type Progress = (share: number) => void;

/** Asks a worker one thing. Where it cannot be loaded (the server is gone, or holds a newer build), that is said. */
function askOf<T>(worker: Worker, message: unknown, onProgress: Progress): Promise<T> {
  return new Promise<T>((resolve, reject) => {
    worker.onmessage = (e: MessageEvent<Message<T>>) => {
      if ('progress' in e.data) onProgress(e.data.progress);
      else if ('done' in e.data) resolve(e.data.done);
      else reject(Object.assign(new Error(e.data.error.message), { name: e.data.error.name }));
    };
    worker.onerror = (e: ErrorEvent | Event) => {
      const missing = 'this part of Ironpan could not be loaded: reload the page';
      // A worker that never came tells no reason; one that failed tells it.
      reject(new Error('message' in e && e.message !== '' ? e.message : missing));
    };
    worker.postMessage(message);
  });
}
function ask<T>(worker: Worker, message: unknown, onProgress: Progress = () => undefined): Running<T> {
  const done = askOf<T>(worker, message, onProgress).finally(() => worker.terminate());
  return { done, stop: () => worker.terminate() };
}
const kitchenWorker = (): Worker => new Worker(new URL('./kitchen.worker.ts', import.meta.url), { type: 'module' });

/** The whole kitchen as one file. */
export const exportKitchen = (database: string, at: number, onProgress?: Progress): Running<Blob> =>
  ask(kitchenWorker(), { do: 'export', database, at } satisfies KitchenAsked, onProgress);

/** A file on its way in: read and judged first, written when the cook says so, by the same worker. */
export class Incoming {
  private readonly worker = kitchenWorker();
  constructor(
    private readonly database: string,
    private readonly onProgress: Progress,
  ) {}
  read(file: Blob): Promise<FileRead> {
    return askOf(this.worker, { do: 'read', database: this.database, file } satisfies KitchenAsked, this.onProgress);
  }
  write(how: How): Promise<void> {
    return askOf(this.worker, { do: 'write', how } satisfies KitchenAsked, this.onProgress);
  }
  stop(): void {
    this.worker.terminate();
  }
}

export const askRanges = (asked: RangesAsked, onProgress?: Progress): Running<Ranges> =>
  ask(new Worker(new URL('./ranges.worker.ts', import.meta.url), { type: 'module' }), asked, onProgress);

/** How long the jars of one milk lasted: the curve, the fit, and up to when they may be trusted; null: nothing is known. */
export const askLasting = (asked: LastingAsked): Running<LastingTold | null> =>
  ask(new Worker(new URL('./lasting.worker.ts', import.meta.url), { type: 'module' }), asked);

/** A logger's file, read away from the screen. */
export const askLogger = (asked: LoggerAsked): Running<LoggerRead> =>
  ask(new Worker(new URL('./logger.worker.ts', import.meta.url), { type: 'module' }), asked);

/** A calendar file, read away from the screen. */
export const askCalendar = (asked: CalendarAsked): Running<CalendarRead> =>
  ask(new Worker(new URL('./calendar.worker.ts', import.meta.url), { type: 'module' }), asked);

/** A photograph on its way in: made small, then looked at as often as its frame is shown anew, one thing after the other. */
export class PhotoEye {
  private readonly worker = new Worker(new URL('./photo.worker.ts', import.meta.url), { type: 'module' });
  private before: Promise<unknown> = Promise.resolve();

  private ask<T>(asked: PhotoAsked): Promise<T> {
    const now = this.before.then(() => askOf<T>(this.worker, asked, () => undefined));
    this.before = now.catch(() => undefined);
    return now;
  }
  take(file: File): Promise<PhotoRead> {
    return this.ask({ do: 'take', file, name: file.name });
  }
  /** Opens one that is kept. */
  open(jpeg: string): Promise<void> {
    return this.ask({ do: 'open', jpeg });
  }
  within(frame: PhotoFrame): Promise<SeenLayers> {
    return this.ask({ do: 'within', frame });
  }
  stop(): void {
    this.worker.terminate();
  }
}

const moves = <T>(asked: MovesAsked, onProgress?: Progress): Running<T> =>
  ask(new Worker(new URL('./moves.worker.ts', import.meta.url), { type: 'module' }), asked, onProgress);
export const askLevers = (recipe: Recipe, here: Here, onProgress?: Progress): Running<readonly Moved[]> =>
  moves({ what: 'levers', recipe, here }, onProgress);
/** Which of some batches would narrow most what is asked of a plan. */
export const askTelling = (
  recipe: Recipe,
  measure: Weighed,
  candidates: readonly Candidate[],
  here: Here,
): Running<readonly Telling[]> => moves({ what: 'telling', recipe, here, measure, candidates });
export const askMap = (recipe: Recipe, here: Here, map: MapAsked, onProgress?: Progress): Running<LeverMap> =>
  moves({ what: 'map', recipe, here, map }, onProgress);
export const askRemedies = (
  recipe: Recipe,
  here: Here,
  complaint: Complaint,
  said: Said,
  onProgress?: Progress,
): Running<readonly Remedy[]> => moves({ what: 'remedies', recipe, here, complaint, said }, onProgress);
/** What can be done about what went wrong with a batch. */
export const askRescue = (asked: Omit<RescueAsked, 'what'>): Running<Rescued> => moves({ what: 'rescue', ...asked });

const why = <T>(asked: WhyAsked, onProgress?: Progress): Running<T> =>
  ask(new Worker(new URL('./why.worker.ts', import.meta.url), { type: 'module' }), asked, onProgress);
/** Why the second came out otherwise than the first. */
export const askWhy = (first: WhySide, second: WhySide, onProgress?: Progress): Running<Explanation> =>
  why({ what: 'why', first, second }, onProgress);
/** What always changed together, over the batches of a milk in this database. */
export const askTogether = (
  asked: Omit<Extract<WhyAsked, { what: 'together' }>, 'what'>,
  onProgress?: Progress,
): Running<readonly Together[]> => why({ what: 'together', ...asked }, onProgress);

/** What was promised of the newest batches, and what was measured of them. */
export const askTruth = (asked: TruthAsked, onProgress?: Progress): Running<TruthTold> =>
  ask(new Worker(new URL('./truth.worker.ts', import.meta.url), { type: 'module' }), asked, onProgress);

/** Every batch of a year, with what became of its jars. */
export const askYear = (asked: YearAsked, onProgress?: Progress): Running<readonly YearBatch[]> =>
  ask(new Worker(new URL('./year.worker.ts', import.meta.url), { type: 'module' }), asked, onProgress);

/** A part of the book as a table for spreadsheets and statistics programs. */
export const askCsv = (asked: CsvAsked): Running<Blob> =>
  ask(new Worker(new URL('./csv.worker.ts', import.meta.url), { type: 'module' }), asked);

/** A table of readings: looked at, or written whole. */
export const askReadings = (asked: ReadingsAsked): Running<ReadingsTold> =>
  ask(new Worker(new URL('./readings.worker.ts', import.meta.url), { type: 'module' }), asked);

/** The timetable of a day; `onBest` is told the best so far, and how far it is, 0..1. */
export const askClock = (asked: ClockAsked, onBest: (t: ClockTold, share: number) => void): Running<ClockTold> =>
  better(new Worker(new URL('./clock.worker.ts', import.meta.url), { type: 'module' }), asked, onBest);
/** The days to come, each few milks told as soon as they are placed. */
export const askAhead = (asked: AheadAsked, onBest: (t: AheadTold, share: number) => void): Running<AheadTold> =>
  better(new Worker(new URL('./ahead.worker.ts', import.meta.url), { type: 'module' }), asked, onBest);
/** What gets better while it is worked on is told each time. */
function better<T>(worker: Worker, asked: unknown, onBest: (t: T, share: number) => void): Running<T> {
  worker.addEventListener('message', (e: MessageEvent<{ readonly progress?: number; readonly best?: T }>) => {
    if (e.data.best) onBest(e.data.best, e.data.progress ?? 0);
  });
  return ask(worker, asked);
}
