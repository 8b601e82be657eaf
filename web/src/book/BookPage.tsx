import { join, milkOf, millilitres, percent } from '@ironpan/core/words';
import { Link } from 'react-router';
import { foodStyle } from '../drawings/foodStyle';
import { JarShape } from '../drawings/Jar';
import { useBatches } from '../ui/running';
import type { Running } from '../ui/running';
import { Empty, Loading } from '../ui/State';
import { dayMonth } from '../ui/times';
import { measuredMl } from './measured';

const STATE = { open: 'on the bench', finished: 'done', abandoned: 'abandoned' } as const;
const A_JAR_ML = 1000;
const MOST_DRAWN = 5;

/** What happened: every batch, what it promised and what was measured. */
export function BookPage() {
  const batches = useBatches();
  if (!batches) return <Loading />;
  if (batches.length === 0)
    return (
      <Empty title="The book is empty">
        <p>Every batch you start is written here, with what it promised and what came out.</p>
        <Link className="btn btn-primary btn-big" to="/plan">
          Plan a milk
        </Link>
      </Empty>
    );
  return (
    <div className="mx-auto max-w-[84rem] px-4 py-5 wide:px-5">
      <h1 className="mb-4 text-3xl">Book</h1>
      <div className="plate overflow-x-auto" tabIndex={0} role="region" aria-label="Batches">
        <table className="w-full min-w-[46rem]">
          <thead className="thead">
            <tr className="rowline">
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
                reckoned from readings
              </th>
              <th scope="col" className="text-right!">
                measured
              </th>
              <th scope="col" className="text-right!">
                solids
              </th>
              <th scope="col" className="p-3 text-right!">
                state
              </th>
            </tr>
          </thead>
          <tbody>
            {batches.map((b) => (
              <Row key={b.batch.id} r={b} />
            ))}
          </tbody>
        </table>
      </div>
    </div>
  );
}

function Row({ r }: { readonly r: Running }) {
  const m = r.progress.summary.main;
  const ml = measuredMl(r);
  const done = r.progress.state === 'finished';
  return (
    <tr className="rowline hover:bg-[var(--ground)]">
      <th scope="row" className="p-3 text-left font-semibold">
        <Link to={`/book/${r.batch.id}`} className="block max-w-72 truncate underline underline-offset-4">
          {r.batch.number} · {r.batch.name}
        </Link>
      </th>
      <td className="num whitespace-nowrap">{dayMonth(r.batch.startedAt)}</td>
      <td>{done && <LittleJars ml={ml ?? r.progress.summary.jarredMl} milk={milkOf(r.progress.recipe)} />}</td>
      <td className="num text-right whitespace-nowrap">{join(millilitres(r.batch.promised.volumeMl))}</td>
      <td className="num text-right whitespace-nowrap">
        {done && m ? join(millilitres(r.progress.summary.jarredMl)) : '–'}
      </td>
      <td className="num text-right whitespace-nowrap">{ml === null ? '–' : join(millilitres(ml))}</td>
      <td className="num text-right whitespace-nowrap">{m ? join(percent(m.solids ?? 0)) : '–'}</td>
      <td className="p-3 text-right whitespace-nowrap">{STATE[r.progress.state]}</td>
    </tr>
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
