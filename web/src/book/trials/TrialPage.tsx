import { Link, useNavigate, useParams } from 'react-router';
import { now } from '../../clock';
import { useHere } from '../../live/useHere';
import { useTrial } from '../../live/useTrial';
import type { TrialNow } from '../../live/useTrial';
import type { HereRecord } from '../../store/here';
import { changeTrial, deleteTrial, restoreTrial } from '../../store/trials';
import { NotSaved } from '../../ui/NotSaved';
import { Empty, Loading } from '../../ui/State';
import { TextField } from '../../ui/TextField';
import { putBack, tell } from '../../ui/toast';
import { useEdits } from '../../ui/useEdits';
import { useWrite } from '../../ui/useWrite';
import { BookTabs } from '../BookTabs';
import { Came } from './Came';
import { Layout } from './Layout';
import { Runs } from './Runs';

/** One trial: laid out, made run by run, and what it told. */
export function TrialPage() {
  const { id = '' } = useParams();
  const trial = useTrial(id);
  const here = useHere();
  if (trial === null)
    return (
      <Empty title="This trial is not here">
        <Link className="btn btn-primary" to="/book/trials">
          All trials
        </Link>
      </Empty>
    );
  if (!trial || !here) return <Loading />;
  return <Page of={trial} here={here} />;
}
function Page({ of, here }: { readonly of: TrialNow; readonly here: HereRecord }) {
  const { trial, design } = of;
  const edits = useEdits();
  const write = useWrite();
  const go = useNavigate();
  const change = (what: string, to: Parameters<typeof changeTrial>[1]): void =>
    edits.run(what, () => changeTrial(trial.id, to, now()));
  const remove = (): void =>
    write.run(
      'that it was deleted',
      () => deleteTrial(trial.id),
      () => {
        void go('/book/trials');
        tell(
          `“${trial.name}” was deleted. Its plans and batches stay.`,
          putBack('the trial', () => restoreTrial(trial)),
        );
      },
    );
  return (
    <div className="mx-auto max-w-[84rem] px-4 py-5 wide:px-5">
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <div className="min-w-0 flex-1 basis-72">
          <h1 className="sr-only">{trial.name}</h1>
          <TextField
            label="Name of the trial"
            hideLabel
            className="input h-auto w-full max-w-2xl font-display text-2xl font-bold"
            value={trial.name}
            most={120}
            onChange={(name) => change('the name', (t) => ({ ...t, name }))}
          />
        </div>
        <BookTabs />
      </div>
      <NotSaved of={edits} />
      <NotSaved of={write} />
      {trial.runs.length === 0 && <Layout of={of} here={here} change={change} />}
      {design && (
        <>
          <Runs of={of} />
          {trial.runs.length > 0 && (
            <Came of={of} here={here} onAsk={(asks) => change('what is asked', (t) => ({ ...t, asks }))} />
          )}
        </>
      )}
      <p className="mt-4">
        <button type="button" className="link" onClick={remove}>
          Delete this trial
        </button>
      </p>
    </div>
  );
}
