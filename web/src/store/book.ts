import { isPulpFate } from '@ironpan/core/batch';
import { methodById } from '@ironpan/core/methods';
import type { PlanRecord } from '@ironpan/core/records';
import { milkName, USE_NAMES } from '@ironpan/core/words';
import { db } from './db';
import { trusted } from './digests';
import type { DigestRow, FateRow } from './rows';

/** How many batches there are. */
export const countBatches = (): Promise<number> => db().batches.count();
/** How many of them are not on the bench. */
export async function countClosed(): Promise<number> {
  const { digests } = db();
  // Two counts of key ranges: “all but the open ones” walks the index row by row, at every write.
  return (await digests.count()) - (await digests.where('state').equals('open').count());
}

/** The book's rows `from` … `from + n`, the newest batch first. */
export async function bookRows(from: number, n: number): Promise<DigestRow[]> {
  return trusted(await db().digests.orderBy('startedAt').reverse().offset(from).limit(n).toArray());
}

/** In which order the book is read. */
export const BOOK_ORDERS = {
  newest: 'the newest first',
  oldest: 'the oldest first',
  milk: 'by milk',
  name: 'by name',
  most: 'the most milk first',
} as const;
export type BookOrder = keyof typeof BOOK_ORDERS;
const BEFORE: Readonly<Record<BookOrder, (a: DigestRow, b: DigestRow) => number>> = {
  newest: (a, b) => b.startedAt - a.startedAt,
  oldest: (a, b) => a.startedAt - b.startedAt,
  milk: (a, b) => a.milk.localeCompare(b.milk) || b.startedAt - a.startedAt,
  name: (a, b) => a.name.localeCompare(b.name) || b.startedAt - a.startedAt,
  most: (a, b) => (b.jarredMl ?? b.promisedMl) - (a.jarredMl ?? a.promisedMl),
};
/** Which batches: how they stand, what became of their milk, what was said of it. */
export const BOOK_WHICH = {
  all: 'all of them',
  open: 'on the bench',
  finished: 'done',
  abandoned: 'abandoned',
  shelf: 'still on the shelf',
  liked: 'liked',
  disliked: 'not liked',
  short: 'less than promised',
  turned: 'turned',
  slimy: 'slippery or slimy',
  gritty: 'grainy or sandy',
  beany: 'beany',
} as const;
export type BookWhich = keyof typeof BOOK_WHICH;
/** With so much less than was promised it is short, share: a bag does as much from day to day. */
const SHORT = 0.9;
const SAID: Readonly<Partial<Record<BookWhich, (f: FateRow) => boolean>>> = {
  liked: (f) => f.said.liked === 'yes' || f.said.liked === 'more',
  disliked: (f) => f.said.liked === 'no',
  turned: (f) => f.lasted !== null && f.lasted.turnedD !== null,
  slimy: (f) => f.said.slip === 'slippery' || f.said.slip === 'slimy',
  gritty: (f) => f.said.grit === 'grainy' || f.said.grit === 'sandy',
  beany: (f) => f.said.beany === 'clear' || f.said.beany === 'strong',
};
const short = (r: DigestRow): boolean => {
  const ml = r.measuredMl ?? r.jarredMl;
  return r.state === 'finished' && ml !== null && ml < SHORT * r.promisedMl;
};
async function isWhich(which: BookWhich): Promise<(r: DigestRow) => boolean> {
  const d = db();
  if (which === 'all') return () => true;
  if (which === 'open' || which === 'finished' || which === 'abandoned') return (r) => r.state === which;
  if (which === 'short') return short;
  const fates = await (which === 'shelf'
    ? d.fates.bulkGet((await d.standing.toArray()).map((s) => s.jar))
    : d.fates.filter((f) => !isPulpFate(f) && (SAID[which]?.(f) ?? false)).toArray());
  const batches = new Set(fates.flatMap((f) => f?.batch ?? []));
  return (r) => batches.has(r.batch);
}
/** What is looked for in the book: words, of which milk (null: any), which of them, in which order. */
export interface BookAsk {
  readonly find: string;
  readonly milk: string | null;
  readonly which: BookWhich;
  /** Of which plan, school or use, as {@link bookGroups} names it; null: any. */
  readonly of: string | null;
  readonly order: BookOrder;
}
type Named = readonly (readonly [key: string, name: string])[];
/** What the batches of the book are of: plans that are still there, the schools they follow, what they are for. */
export interface BookGroups {
  readonly plans: Named;
  readonly schools: Named;
  readonly uses: Named;
}
/** By what a plan is found: itself, its school, its use. */
const keysOf = (p: PlanRecord): readonly string[] => [
  `plan.${p.id}`,
  ...(p.from ? [`school.${p.from.method}`] : []),
  ...(p.use === null ? [] : [`use.${p.use}`]),
];
async function bookPlans(): Promise<PlanRecord[]> {
  const ids = (await db().digests.orderBy('plan').uniqueKeys()) as string[];
  return (await db().plans.bulkGet(ids)).filter((p) => p !== undefined);
}
export async function bookGroups(): Promise<BookGroups> {
  const plans = await bookPlans();
  const byName = (all: ReadonlyMap<string, string>): Named => [...all].sort(([, a], [, b]) => a.localeCompare(b));
  const schools = plans.flatMap((p) => {
    const m = p.from && methodById(p.from.method);
    return m ? [[`school.${m.id}`, `${milkName(m.milk)}: ${m.name}`] as const] : [];
  });
  const uses = plans.flatMap((p) => (p.use === null ? [] : [[`use.${p.use}`, useName(p.use)] as const]));
  return {
    plans: byName(new Map(plans.map((p) => [`plan.${p.id}`, p.name]))),
    schools: byName(new Map(schools)),
    uses: byName(new Map(uses)),
  };
}
const useName = (use: string): string =>
  Object.hasOwn(USE_NAMES, use) ? USE_NAMES[use as keyof typeof USE_NAMES] : use;
/** The plans that one of those names. */
const plansOf = async (of: string): Promise<ReadonlySet<string>> =>
  new Set((await bookPlans()).flatMap((p) => (keysOf(p).includes(of) ? [p.id] : [])));

/** The milks of which there is a batch, by name. */
export const bookMilks = async (): Promise<string[]> =>
  ((await db().digests.orderBy('milk').uniqueKeys()) as string[]).toSorted((a, b) =>
    milkName(a).localeCompare(milkName(b)),
  );
/** The batches whose name, milk or number hold every one of the words, and that are all else that is asked, in an order. */
export async function bookFound({ find, milk, which, of, order }: BookAsk): Promise<string[]> {
  const words = find.toLowerCase().split(/\s+/);
  const [rows, is, plans] = await Promise.all([
    db().digests.toArray(),
    isWhich(which),
    of === null ? null : plansOf(of),
  ]);
  const has = (r: DigestRow): boolean => {
    const text = `${r.number} ${r.name} ${milkName(r.milk)}`.toLowerCase();
    return words.every((w) => text.includes(w));
  };
  return rows
    .filter((r) => (milk === null || r.milk === milk) && (plans?.has(r.plan) ?? true) && is(r) && has(r))
    .sort(BEFORE[order])
    .map((r) => r.batch);
}
/** The book's rows of these batches, in their order. */
export async function bookRowsOf(ids: readonly string[]): Promise<DigestRow[]> {
  const rows = await db().digests.bulkGet([...ids]);
  return trusted(rows.filter((r) => r !== undefined));
}
/** When the first batch was begun; null: none was. */
export const firstBatchAt = async (): Promise<number | null> =>
  (await db().digests.orderBy('startedAt').first())?.startedAt ?? null;
