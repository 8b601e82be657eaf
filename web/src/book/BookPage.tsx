import { groupBy } from '@ironpan/core/numerics';
import { join, milkName, millilitres, percent, wasText } from '@ironpan/core/words';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useDeferredValue, useLayoutEffect, useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { now } from '../clock';
import { foodStyle } from '../drawings/foodStyle';
import { JarShape } from '../drawings/Jar';
import { BOOK_ORDERS, BOOK_WHICH, bookFound, bookMilks, bookRows, bookRowsOf, countBatches } from '../store/book';
import type { BookAsk, BookOrder, BookWhich } from '../store/book';
import { fatesOfBatches } from '../store/fates';
import type { DigestRow } from '../store/rows';
import { useLive } from '../live/live';
import { SearchField } from '../ui/SearchField';
import { SelectField } from '../ui/SelectField';
import { Empty, Loading } from '../ui/State';
import { dayIn } from '../ui/times';

const STATE = { open: 'on the bench', finished: 'done', abandoned: 'abandoned' } as const;
const A_JAR_ML = 1000;
const MOST_DRAWN = 5;

/** Rows read at once. A screen, with what is drawn beyond its edges, never reaches over more than two such pages. */
const PAGE = 80;
const ROW_PX = 53;
const BEYOND = 12;

const ALL: BookAsk = { find: '', milk: null, which: 'all', order: 'newest' };

/** What happened: every batch, what it promised and what was measured. Ten years of them scroll like ten. */
export function BookPage() {
  const count = useLive(['made'], countBatches).data;
  const [find, setFind] = useState('');
  const [kept, keep] = useState(ALL);
  const milks = useLive(['bookMilks'], bookMilks).data ?? [];
  const asked = useDeferredValue(find.trim());
  const ask: BookAsk = { ...kept, find: asked };
  const key = JSON.stringify(ask);
  const usual = key === JSON.stringify(ALL);
  const found = useLive(['bookFound', key], () => (usual ? Promise.resolve(null) : bookFound(ask))).data;
  if (count === undefined) return <Loading />;
  if (count === 0)
    return (
      <Empty title="The book is empty">
        <p>Every batch you start is written here, with what it promised and what came out.</p>
        <Link className="btn btn-primary btn-lg" to="/plan">
          Plan a milk
        </Link>
      </Empty>
    );
  return (
    <div className="mx-auto max-w-[84rem] px-4 py-5 wide:px-5">
      <div className="mb-4 flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
        <h1 className="text-3xl">Book</h1>
        <div className="flex flex-wrap items-end gap-3">
          <SearchField
            label="Find a batch by name, milk or number"
            hint="name, milk or number"
            className="w-60"
            value={find}
            onChange={setFind}
          />
          <SelectField
            label="of which milk"
            hideLabel
            value={kept.milk ?? ''}
            options={[['', 'every milk'], ...milks.map((m) => [m, milkName(m)] as const)]}
            onChange={(m) => keep((k) => ({ ...k, milk: m === '' ? null : m }))}
          />
          <SelectField
            label="which of them"
            hideLabel
            value={kept.which}
            options={Object.entries(BOOK_WHICH)}
            onChange={(w) => keep((k) => ({ ...k, which: w as BookWhich }))}
          />
          <SelectField
            label="order"
            hideLabel
            value={kept.order}
            options={Object.entries(BOOK_ORDERS)}
            onChange={(o) => keep((k) => ({ ...k, order: o as BookOrder }))}
          />
        </div>
      </div>
      {found?.length === 0 ? (
        <p className="plate p-4">
          {kept.milk === null && kept.which === 'all' ? 'No batch is called so.' : 'No batch is all of that.'}
        </p>
      ) : (
        <Rows key={key} count={found ? found.length : count} found={found ?? null} />
      )}
    </div>
  );
}

/** One page of the whole book, or of what was found. */
function usePage(n: number, found: readonly string[] | null): readonly DigestRow[] | undefined {
  const ids = found?.slice(n * PAGE, (n + 1) * PAGE);
  return useLive(ids ? ['bookOf', ids] : ['book', n], () => (ids ? bookRowsOf(ids) : bookRows(n * PAGE, PAGE))).data;
}

/** How the batches of these pages were, from what was said of their jars. */
function useWas(pages: readonly (readonly DigestRow[] | undefined)[]): (batch: string | undefined) => string {
  const ids = pages.flatMap((p) => p?.map((r) => r.batch) ?? []);
  const fates = useLive(['bookFates', ids], () => fatesOfBatches(ids)).data;
  return useMemo(() => {
    const by = groupBy(fates ?? [], (f) => f.batch);
    return (batch) => (batch === undefined ? '' : wasText((by.get(batch) ?? []).filter((f) => f.product !== 'pulp')));
  }, [fates]);
}

interface RowsProps {
  readonly count: number;
  /** The batches that were looked for, in their order; null: all, the newest first. */
  readonly found: readonly string[] | null;
}
function Rows({ count, found }: RowsProps) {
  const list = useRef<HTMLDivElement>(null);
  const [top, setTop] = useState(0);
  useLayoutEffect(() => setTop(list.current?.offsetTop ?? 0), []);
  const rows = useWindowVirtualizer({ count, estimateSize: () => ROW_PX, overscan: BEYOND, scrollMargin: top });
  const drawn = rows.getVirtualItems();
  const first = Math.floor((drawn[0]?.index ?? 0) / PAGE);
  const pages = [usePage(first, found), usePage(first + 1, found)] as const;
  const at = (i: number): DigestRow | undefined => pages[Math.floor(i / PAGE) - first]?.[i % PAGE];
  const was = useWas(pages);
  const before = (drawn[0]?.start ?? top) - top;
  const after = rows.getTotalSize() - ((drawn.at(-1)?.end ?? top) - top);
  return (
    <div ref={list} className="plate overflow-x-auto" tabIndex={0} role="region" aria-label="Batches">
      <table className="table w-full min-w-[74rem] table-fixed" aria-rowcount={count + 1}>
        <colgroup>
          <col />
          {WIDTHS_REM.map((w, i) => (
            <col key={i} style={{ width: `${w}rem` }} />
          ))}
        </colgroup>
        <thead>
          <tr>
            <th scope="col" className="p-3">
              batch
            </th>
            <th scope="col">began</th>
            <th scope="col">
              <span className="sr-only">jars</span>
            </th>
            <th scope="col" className="text-right!">
              promised
            </th>
            <th scope="col" className="text-right!">
              worked out from readings
            </th>
            <th scope="col" className="text-right!">
              measured
            </th>
            <th scope="col" className="text-right!">
              solids
            </th>
            <th scope="col" className="pl-5">
              how it was
            </th>
            <th scope="col" className="p-3 text-right!">
              state
            </th>
          </tr>
        </thead>
        <tbody>
          <Gap px={before} />
          {drawn.map((v) => (
            <tr
              key={v.key}
              ref={rows.measureElement}
              data-index={v.index}
              aria-rowindex={v.index + 2}
              className="hover:bg-[var(--ground)]"
            >
              <Cells r={at(v.index)} was={was(at(v.index)?.batch)} />
            </tr>
          ))}
          <Gap px={after} />
        </tbody>
      </table>
    </div>
  );
}
/** Of every column but the first: by the rows that are drawn they would shift while the book scrolls. */
const WIDTHS_REM = [6.5, 7, 5.5, 11, 6.5, 5, 12, 7.5] as const;
/** Stands for the rows that are not drawn. */
function Gap({ px }: { readonly px: number }) {
  return px > 0 ? (
    <tr aria-hidden="true">
      <td colSpan={9} style={{ height: px }} />
    </tr>
  ) : null;
}

function Cells({ r, was }: { readonly r: DigestRow | undefined; readonly was: string }) {
  if (!r) return <td colSpan={9} style={{ height: ROW_PX - 1 }} />;
  const done = r.state === 'finished';
  return (
    <>
      <th scope="row" className="p-3 text-left font-semibold">
        <Link to={`/book/${r.batch}`} className="block max-w-72 truncate underline underline-offset-4">
          {r.number} · {r.name}
        </Link>
      </th>
      <td className="num pr-3 whitespace-nowrap">{dayIn(r.startedAt, now())}</td>
      <td className="pr-3">{done && <LittleJars ml={r.measuredMl ?? r.jarredMl ?? 0} milk={r.milk} />}</td>
      <td className="num text-right whitespace-nowrap">{join(millilitres(r.promisedMl))}</td>
      <td className="num text-right whitespace-nowrap">
        {done && r.jarredMl !== null ? join(millilitres(r.jarredMl)) : '–'}
      </td>
      <td className="num text-right whitespace-nowrap">
        {r.measuredMl === null ? '–' : join(millilitres(r.measuredMl))}
      </td>
      <td className="num text-right whitespace-nowrap">{r.solids === null ? '–' : join(percent(r.solids))}</td>
      <td className="truncate pl-5" title={was}>
        {was}
      </td>
      <td className="p-3 text-right whitespace-nowrap">
        {r.safe === false ? <b style={{ color: 'var(--flame-text)' }}>not boiled enough</b> : STATE[r.state]}
      </td>
    </>
  );
}
/** The batch as little litre jars, the last as full as it was. */
function LittleJars({ ml, milk }: { readonly ml: number; readonly milk: string }) {
  const n = Math.min(MOST_DRAWN, Math.max(1, Math.ceil(ml / A_JAR_ML - 0.02)));
  return (
    <svg width={n * 22} height={34} aria-hidden="true" style={foodStyle(milk)}>
      {Array.from({ length: n }, (_, i) => (
        <g key={i} transform={`translate(${i * 22} 1)`}>
          <JarShape width={19} height={32} share={Math.min(1, ml / A_JAR_ML - i) * 0.94} fill="var(--milk)" />
        </g>
      ))}
    </svg>
  );
}
