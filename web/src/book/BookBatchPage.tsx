import {
  bodyText,
  grams,
  inSeveral,
  join,
  measureText,
  millilitres,
  percent,
  roughly,
  streamName,
} from '@ironpan/core/words';
import { lastSeq, measuredMl, lastMilkWeight } from '@ironpan/core/batch';
import { isFlour } from '@ironpan/core/steps';
import { isPulp, massG } from '@ironpan/core/kitchen';
import { Link, useNavigate, useParams } from 'react-router';
import { now } from '../clock';
import { append } from '../store/batches';
import { useBatch } from '../live/running';
import type { Running } from '../live/running';
import { BrokenBatch } from '../ui/BrokenBatch';
import { Empty, Loading } from '../ui/State';
import { fullDate } from '../ui/times';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';
import { Correct } from './Correct';
import { Jars } from './Jars';
import { Log } from './Log';
import { MakeAgain } from './MakeAgain';
import { useLive } from '../live/live';
import { figuresMeasured } from '../store/measured';
import { OfOne } from '../ui/OfOne';
import { besideOf } from '../store/beside';
import { Traces } from './Traces';
import { Went } from './Went';
import { WouldHaveHelped } from './WouldHaveHelped';

/** One batch of the book. */
export function BookBatchPage() {
  const { id = '' } = useParams();
  const r = useBatch(id);
  if (r === undefined) return <Loading />;
  if (r === null)
    return (
      <Empty title="This batch is not in the book">
        <Link className="btn btn-primary" to="/book">
          To the book
        </Link>
      </Empty>
    );
  if ('why' in r) return <BrokenBatch b={r} />;
  return (
    <div className="mx-auto max-w-[84rem] px-4 py-5 wide:px-5">
      <h1 className="text-3xl break-words">
        {r.batch.number} · {r.batch.name}
      </h1>
      <p className="quiet mb-4">Began {fullDate(r.batch.startedAt)}</p>
      <div className="grid grid-cols-[minmax(0,1fr)] gap-4 wide:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <div className="flex flex-col gap-4">
          {r.progress.state !== 'open' && <Went r={r} />}
          <Figures r={r} />
          {r.progress.state === 'finished' && <WouldHaveHelped key={r.batch.id} r={r} />}
          <Correct r={r} />
        </div>
        <div className="flex flex-col gap-4">
          <div className="flex flex-wrap gap-3">
            <MakeAgain r={r} />
            <Link className="btn btn-outline btn-lg" to={besideOf([r.batch.id])}>
              Lay another beside it
            </Link>
            <Link className="btn btn-outline btn-lg" to={`/book/${r.batch.id}/card`}>
              As a card
            </Link>
            <Bench r={r} />
          </div>
          <Jars r={r} />
          <Traces r={r} />
          <Log r={r} />
        </div>
      </div>
    </div>
  );
}

/** The milk by the scale: in its jars, else where it was weighed before. */
function measuredText(jarsMl: number | null, r: Running): string {
  if (jarsMl !== null) return join(millilitres(jarsMl));
  const weighed = lastMilkWeight(r.progress);
  return weighed ? `${join(grams(weighed.g))} after ${weighed.after}` : 'not weighed';
}

/** Promised at the start, worked out now from all readings, and measured: three different things, never mixed. */
function Figures({ r }: { readonly r: Running }) {
  const m = r.progress.summary.main;
  const p = r.batch.promised;
  const ml = measuredMl(r.progress);
  const measured = useLive(['measured', r.batch.id], () => figuresMeasured([r.batch])).data?.get(r.batch.id);
  const pulps = Object.values(r.progress.outcome.products).filter(isPulp);
  const pulp = pulps.reduce((g, s) => g + massG(s), 0);
  const dried = pulps.length > 0 && pulps.every(isFlour);
  return (
    <section aria-label="Figures" className="plate p-4">
      <table className="table w-full">
        <thead>
          <tr>
            <th scope="col" className="pb-1">
              figure
            </th>
            <th scope="col" className="pl-3 text-right!">
              promised
            </th>
            <th scope="col" className="pl-3 text-right!">
              worked out now
            </th>
            <th scope="col" className="pl-3 text-right!">
              measured
            </th>
          </tr>
        </thead>
        <tbody>
          <Row
            label="milk"
            cells={[
              join(millilitres(p.volumeMl)),
              m ? join(millilitres(r.progress.summary.jarredMl)) : '–',
              measuredText(ml, r),
            ]}
          />
          <Row label={dried ? 'pulp flour' : 'wet pulp'} cells={[join(grams(p.pulpG)), join(grams(pulp)), '–']} />
          {m && inSeveral(r.progress.summary) && <OfOne name={streamName(m.stream)} columns={4} />}
          <Row
            label="solids"
            cells={[
              join(percent(p.solids)),
              m ? join(percent(m.solids ?? 0)) : '–',
              measured?.solids == null ? '–' : join(percent(measured.solids)),
            ]}
          />
          <Row label="protein" cells={[join(percent(p.protein)), m ? join(percent(m.protein ?? 0)) : '–', '–']} />
          {m?.body && (
            <Row
              label="body, cold"
              cells={['–', bodyText(m.body), measured?.body == null ? '–' : join(measureText('body', measured.body))]}
            />
          )}
          {m && m.inhibitorLeft !== null && (
            <Row label="inhibitor left" cells={['–', join(percent(m.inhibitorLeft)), '–']} />
          )}
          <Row label="keeps" cells={[join(roughly(p.keepS)), m ? join(roughly(m.keep?.s ?? 0)) : '–', '–']} />
        </tbody>
      </table>
      {m && !m.done && r.progress.state === 'finished' && (
        <p className="alert alert-error mt-3">
          By what was recorded at the bench this milk was not boiled enough. Do not drink it unless its jar on the shelf
          says that it has been boiled since.
        </p>
      )}
    </section>
  );
}
function Row({ label, cells }: { readonly label: string; readonly cells: readonly string[] }) {
  return (
    <tr>
      <th scope="row" className="py-1.5 text-left font-normal">
        {label}
      </th>
      {cells.map((c, i) => (
        <td key={i} className={`num py-1.5 pl-3 text-right ${i === 1 ? '' : 'font-normal!'}`}>
          {c}
        </td>
      ))}
    </tr>
  );
}

function Bench({ r }: { readonly r: Running }) {
  const go = useNavigate();
  const write = useWrite();
  if (r.progress.state === 'abandoned') return null;
  if (r.progress.state === 'open')
    return (
      <Link className="btn btn-primary btn-lg" to={`/bench/${r.batch.id}`}>
        It is on the bench: go on
      </Link>
    );
  const last = r.progress.tasks.at(-1);
  const back = (): void => {
    if (!last) return;
    write.run(
      'that it is open again',
      () => append(r.batch.id, [{ is: 'back', step: last.step.id }], now(), lastSeq(r.events)),
      () => void go(`/bench/${r.batch.id}`),
    );
  };
  return (
    <div>
      <button type="button" className="btn btn-outline btn-lg" onClick={back}>
        Open it again at the bench
      </button>
      <NotSaved of={write} />
    </div>
  );
}
