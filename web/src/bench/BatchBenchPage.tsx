import type { TaskState } from '@ironpan/core/batch';
import { Link, useParams, useSearchParams } from 'react-router';
import { join, milkOf, millilitres, percent } from '@ironpan/core/words';
import { foodStyle } from '../drawings/foodStyle';
import { useNow } from '../clock';
import { useBench } from '../instruments';
import { keyOfTask, nameOfTask, useBatch } from '../live/running';
import type { Running } from '../live/running';
import { useShelf } from '../live/shelf';
import { BrokenBatch } from '../ui/BrokenBatch';
import { Empty, Loading } from '../ui/State';
import { labelDate } from '../ui/times';
import { Beside } from './Beside';
import { CallsPart } from './CallsPart';
import { Changed } from './Changed';
import { CoolingNow } from './CoolingNow';
import { Ear } from './Ear';
import { FillJars } from './FillJars';
import { FunnelNow } from './FunnelNow';
import { probeNowC } from './heardNow';
import { HowItWent } from './HowItWent';
import { InstrumentsNow } from './InstrumentsNow';
import { NowAtHand } from './NowAtHand';
import { Readings } from './Readings';
import { StepList } from './StepList';
import { useNewStep } from './useNewStep';
import { useSaid } from './useSaid';

/** One batch at the bench. */
export function BatchBenchPage() {
  const { id = '' } = useParams();
  const [at, setAt] = useSearchParams();
  const r = useBatch(id);
  if (r === undefined) return <Loading />;
  if (r === null)
    return (
      <Empty title="This batch is not here">
        <Link className="btn btn-primary" to="/bench">
          To the bench
        </Link>
      </Empty>
    );
  if ('why' in r) return <BrokenBatch b={r} />;
  if (r.progress.state !== 'open') return <Over r={r} />;
  // What was chosen to be looked at, as long as it is at hand.
  const t = r.progress.atHand.find((x) => keyOfTask(x) === at.get('at')) ?? r.progress.current;
  if (!t) return <Over r={r} />;
  return <AtStep r={r} t={t} onDone={() => setAt({}, { replace: true })} />;
}
interface AtStepProps {
  readonly r: Running;
  readonly t: TaskState;
  readonly onDone: () => void;
}
function AtStep({ r, t, onDone }: AtStepProps) {
  const heard = useBench(r, t);
  const said = useSaid(r, t, heard);
  const newStep = useNewStep(keyOfTask(t), nameOfTask(t, r.progress.recipe));
  return (
    <div
      className="mx-auto grid max-w-[84rem] gap-4 px-4 py-4 wide:grid-cols-[15rem_minmax(0,1fr)_20rem] wide:px-5"
      style={foodStyle(milkOf(r.progress.recipe))}
    >
      <div aria-live="polite" className="sr-only">
        {newStep}
      </div>
      <div className="order-3 wide:order-1">
        <StepList r={r} shown={t} />
      </div>
      <div className="order-1 wide:order-2">
        <NowAtHand
          key={keyOfTask(t)}
          r={r}
          t={t}
          probeC={heard ? probeNowC(heard) : null}
          probe={heard?.watch?.soFar ?? null}
          said={said}
          onDone={onDone}
        />
      </div>
      <div className="order-2 flex flex-col gap-4 wide:order-3">
        {heard && <InstrumentsNow key={keyOfTask(t)} r={r} t={t} heard={heard} />}
        {t.step.kind === 'grind' && <Ear key={`ear ${t.step.id}`} r={r} t={t} onDone={onDone} />}
        <Beside r={r} shown={t} />
        <CoolingNow r={r} t={t} probe={heard?.watch?.soFar ?? null} />
        <FillJars r={r} t={t} />
        <FunnelNow key={`funnel ${t.step.id}`} r={r} t={t} />
        <Readings key={t.step.id} r={r} t={t} />
        <Changed r={r} t={t} />
        <CallsPart />
      </div>
    </div>
  );
}

/** The instant on the labels of this batch's milk; of several jars the first. */
function UseBy({ batch }: { readonly batch: string }) {
  const shelf = useShelf(useNow());
  const jars = shelf?.jars.filter((j) => j.batch.id === batch && !j.pulp && j.now.done && j.now.useBy !== null) ?? [];
  const first = jars.toSorted((a, b) => (a.now.useBy ?? 0) - (b.now.useBy ?? 0))[0];
  if (!first || first.now.useBy === null) return null;
  const label = first.now.place === 'freezer' ? 'move to the fridge by' : 'use by';
  return ` · ${label} ${labelDate(first.now.useBy)}`;
}

function Over({ r }: { readonly r: Running }) {
  const m = r.progress.summary.main;
  if (r.progress.state === 'abandoned')
    return (
      <Empty title={`${r.batch.name} was abandoned`}>
        <p>Its log is kept in the book.</p>
        <Link className="btn btn-outline" to={`/book/${r.batch.id}`}>
          See it in the book
        </Link>
      </Empty>
    );
  return (
    <Empty title={`${r.batch.name} is in its jars`}>
      {m && (
        <p className="num" style={{ color: 'var(--ink)' }}>
          {join(millilitres(r.progress.summary.jarredMl))} · {join(percent(m.solids ?? 0))} solids
          <UseBy batch={r.batch.id} />
        </p>
      )}
      {m && !m.done && (
        <p className="alert alert-error text-left" style={{ color: 'var(--ink)' }}>
          By what was recorded this milk has not been boiled enough. Do not drink it: press its jar on the shelf, which
          says how long it still needs at the boil.
        </p>
      )}
      <HowItWent r={r} />
      <p className="flex flex-wrap justify-center gap-3">
        {m?.done && (
          <Link className="btn btn-primary btn-lg" to={`/?jar=${r.batch.id}:${m.stream}:1&do=look`}>
            How is it? Ten seconds
          </Link>
        )}
        <Link className={`btn btn-lg ${m?.done ? 'btn-outline' : 'btn-primary'}`} to="/">
          To the shelf
        </Link>
        <Link className="btn btn-outline btn-lg" to={`/book/${r.batch.id}`}>
          In the book
        </Link>
      </p>
    </Empty>
  );
}
