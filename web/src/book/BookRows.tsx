import { isPulpFate } from '@ironpan/core/batch';
import { groupBy } from '@ironpan/core/numerics';
import { join, millilitres, percent, wasText } from '@ironpan/core/words';
import { useWindowVirtualizer } from '@tanstack/react-virtual';
import { useLayoutEffect, useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { now } from '../clock';
import { foodStyle } from '../drawings/foodStyle';
import { JarShape } from '../drawings/Jar';
import { MOST_BESIDE } from '../store/beside';
import { bookRows, bookRowsOf } from '../store/book';
import { fatesOfBatches } from '../store/fates';
import type { DigestRow } from '../store/rows';
import { useLive } from '../live/live';
import { dayIn } from '../ui/times';

const STATE = { open: 'on the bench', finished: 'done', abandoned: 'abandoned' } as const;
const A_JAR_ML = 1000;
const MOST_DRAWN = 5;

/** Rows read at once. A screen, with what is drawn beyond its edges, never reaches over more than two such pages. */
const PAGE = 80;
const ROW_PX = 53;
const BEYOND = 12;

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
    return (batch) => (batch === undefined ? '' : wasText((by.get(batch) ?? []).filter((f) => !isPulpFate(f))));
  }, [fates]);
}

interface BookRowsProps {
  readonly count: number;
  /** The batches that were looked for, in their order; null: all, the newest first. */
  readonly found: readonly string[] | null;
  readonly chosen: readonly string[];
  readonly onChoose: (id: string, on: boolean) => void;
}
/** The lines of the book; only those near the screen are drawn. */
export function BookRows({ count, found, chosen, onChoose }: BookRowsProps) {
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
      <table className="table w-full table-fixed wide:min-w-[74rem]" aria-rowcount={count + 1}>
        <colgroup>
          <col style={{ width: '3.25rem' }} />
          <col />
          {WIDTHS_REM.map((w, i) => (
            <col key={i} className={i === JARS ? 'max-wide:w-20!' : 'max-wide:hidden'} style={{ width: `${w}rem` }} />
          ))}
        </colgroup>
        <thead>
          <tr>
            <th scope="col">
              <span className="sr-only">side by side</span>
            </th>
            <th scope="col" className="py-3 pr-3">
              batch
            </th>
            <th scope="col" className="max-wide:hidden">
              began
            </th>
            <th scope="col">
              <span className="sr-only">jars</span>
            </th>
            <th scope="col" className="text-right! max-wide:hidden">
              promised
            </th>
            <th scope="col" className="text-right! max-wide:hidden">
              worked out from readings
            </th>
            <th scope="col" className="text-right! max-wide:hidden">
              measured
            </th>
            <th scope="col" className="text-right! max-wide:hidden">
              solids
            </th>
            <th scope="col" className="pl-5 max-wide:hidden">
              how it was
            </th>
            <th scope="col" className="p-3 text-right! max-wide:hidden">
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
              <Cells r={at(v.index)} was={was(at(v.index)?.batch)} chosen={chosen} onChoose={onChoose} />
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
/** Where a screen has no room for figures beside each other, only this column stands; the rest is a line below the name. */
const JARS = 1;
/** Stands for the rows that are not drawn. */
function Gap({ px }: { readonly px: number }) {
  return px > 0 ? (
    <tr aria-hidden="true">
      <td colSpan={10} style={{ height: px }} />
    </tr>
  ) : null;
}

type CellsProps = Pick<BookRowsProps, 'chosen' | 'onChoose'> & {
  readonly r: DigestRow | undefined;
  readonly was: string;
};
function Cells({ r, was, chosen, onChoose }: CellsProps) {
  if (!r) return <td colSpan={10} style={{ height: ROW_PX - 1 }} />;
  const done = r.state === 'finished';
  return (
    <>
      <td className="p-0">
        <label className="flex min-h-11 cursor-pointer items-center justify-center">
          <input
            type="checkbox"
            className="checkbox"
            aria-label={`${r.number} · ${r.name} side by side`}
            checked={chosen.includes(r.batch)}
            disabled={chosen.length >= MOST_BESIDE && !chosen.includes(r.batch)}
            onChange={(e) => onChoose(r.batch, e.target.checked)}
          />
        </label>
      </td>
      <th scope="row" className="py-3 pr-3 text-left font-semibold">
        <Link
          to={`/book/${r.batch}`}
          className="block underline underline-offset-4 max-wide:break-words wide:max-w-72 wide:truncate"
        >
          {r.number} · {r.name}
        </Link>
        <span className="small quiet mt-1 block font-normal wide:hidden">{inALine(r, was)}</span>
      </th>
      <td className="num pr-3 whitespace-nowrap max-wide:hidden">{dayIn(r.startedAt, now())}</td>
      <td className="pr-3">{done && <LittleJars ml={r.measuredMl ?? r.jarredMl ?? 0} milk={r.milk} />}</td>
      <td className="num text-right whitespace-nowrap max-wide:hidden">{join(millilitres(r.promisedMl))}</td>
      <td className="num text-right whitespace-nowrap max-wide:hidden">
        {done && r.jarredMl !== null ? join(millilitres(r.jarredMl)) : '–'}
      </td>
      <td className="num text-right whitespace-nowrap max-wide:hidden">
        {r.measuredMl === null ? '–' : join(millilitres(r.measuredMl))}
      </td>
      <td className="num text-right whitespace-nowrap max-wide:hidden">
        {r.solids === null ? '–' : join(percent(r.solids))}
      </td>
      <td className="truncate pl-5 max-wide:hidden" title={was}>
        {was}
      </td>
      <td className="p-3 text-right whitespace-nowrap max-wide:hidden">
        {r.broken || r.safe === false ? <b style={{ color: 'var(--flame-text)' }}>{stateOf(r)}</b> : STATE[r.state]}
      </td>
    </>
  );
}
const stateOf = (r: DigestRow): string =>
  r.broken ? 'cannot be worked out' : r.safe === false ? 'not boiled enough' : STATE[r.state];
/** The same as the columns say, for a screen that has no room for them: “14 Mar · 1.89 L of 1.95 L · liked”. */
function inALine(r: DigestRow, was: string): string {
  const ml = r.state === 'finished' ? (r.measuredMl ?? r.jarredMl) : null;
  const promised = join(millilitres(r.promisedMl));
  return [
    dayIn(r.startedAt, now()),
    ml === null ? `${promised} promised` : `${join(millilitres(ml))} of ${promised}`,
    r.state === 'finished' && r.safe !== false && !r.broken ? was : stateOf(r),
  ]
    .filter((x) => x !== '')
    .join(' · ');
}
/** The batch as little litre jars, the last as full as it was. */
function LittleJars({ ml, milk }: { readonly ml: number; readonly milk: string }) {
  const n = Math.min(MOST_DRAWN, Math.max(1, Math.ceil(ml / A_JAR_ML - 0.02)));
  return (
    <svg
      width={n * 22}
      height={34}
      viewBox={`0 0 ${n * 22} 34`}
      className="max-w-full"
      aria-hidden="true"
      style={foodStyle(milk)}
    >
      {Array.from({ length: n }, (_, i) => (
        <g key={i} transform={`translate(${i * 22} 1)`}>
          <JarShape width={19} height={32} share={Math.min(1, ml / A_JAR_ML - i) * 0.94} fill="var(--milk)" />
        </g>
      ))}
    </svg>
  );
}
