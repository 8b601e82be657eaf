import { wallNow } from './clock';

/** A fault that stopped no page: what was being done, why it failed, and when last. */
export interface Report {
  readonly what: string;
  readonly why: string;
  readonly at: number;
  readonly times: number;
  /** The worker's message that reported it last: every open window hears it, and one of them records it. */
  readonly message?: string;
}
interface Message {
  readonly id: string;
  readonly what: string;
  readonly why: string;
}
/** So many are kept, the latest first. */
export const MOST_REPORTS = 50;
const KEY = 'ironpan-reports';
const CHANNEL = 'ironpan-reports';
const MOST_LETTERS = 300;

/** The list with one more fault in it; the same fault again is counted, and comes first. */
export function withReport(all: readonly Report[], what: string, why: string, at: number): readonly Report[] {
  const cut = why.slice(0, MOST_LETTERS);
  const had = all.find((r) => r.what === what && r.why === cut);
  const others = all.filter((r) => r !== had);
  return [{ what, why: cut, at, times: (had?.times ?? 0) + 1 }, ...others].slice(0, MOST_REPORTS);
}

let kept: readonly Report[] = [];
const listeners = new Set<() => void>();
/** The faults of this browser, the latest first. */
export const shownReports = (): readonly Report[] => kept;
/** Calls back whenever they change; returns what ends that. */
export function subscribeReports(l: () => void): () => void {
  listeners.add(l);
  return () => listeners.delete(l);
}
function keep(all: readonly Report[]): void {
  kept = all;
  try {
    localStorage.setItem(KEY, JSON.stringify(all));
  } catch {
    // A full or refused storage keeps them for this page alone: there is nowhere left to report it.
  }
  for (const l of listeners) l();
}
function stored(): readonly Report[] {
  try {
    const all: unknown = JSON.parse(localStorage.getItem(KEY) ?? '[]');
    return Array.isArray(all) ? (all as readonly Report[]).slice(0, MOST_REPORTS) : [];
  } catch {
    return [];
  }
}
export const clearReports = (): void => keep([]);

/**
 * Records a fault that the cook need not act on at once; Kit shows the last of them. A worker hands it to the windows.
 * @param what what was being done: “Saving a half-typed figure”
 */
export function report(what: string, e: unknown): void {
  const why = e instanceof Error ? e.message || e.name : String(e);
  console.warn(`${what}: ${why}`);
  if (typeof localStorage === 'undefined') {
    const channel = new BroadcastChannel(CHANNEL);
    channel.postMessage({ id: crypto.randomUUID(), what, why } satisfies Message);
    channel.close();
  } else keep(withReport(stored(), what, why, wallNow()));
}
/** The same as the end of a promise: `.catch(reportAs('…'))`. */
export const reportAs =
  (what: string) =>
  (e: unknown): void =>
    report(what, e);

/** Listens for faults of workers and of other windows, and begins with those of earlier visits. Called once a window. */
export function collectReports(): void {
  kept = stored();
  new BroadcastChannel(CHANNEL).onmessage = ({ data }: MessageEvent<Message>) => {
    const all = stored();
    if (all.some((r) => r.message === data.id)) return;
    const [latest, ...others] = withReport(all, data.what, data.why, wallNow());
    if (latest) keep([{ ...latest, message: data.id }, ...others]);
  };
  addEventListener('storage', (e) => {
    if (e.key !== KEY) return;
    kept = stored();
    for (const l of listeners) l();
  });
}
