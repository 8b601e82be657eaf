import { factorName, factorValue, upper } from '@ironpan/core/words';
import { Link, useNavigate } from 'react-router';
import { now } from '../../clock';
import type { Run, TrialNow } from '../../live/useTrial';
import { planRun } from '../../store/trials';
import { NotSaved } from '../../ui/NotSaved';
import { dayIn } from '../../ui/times';
import { useWrite } from '../../ui/useWrite';

const STATE = { open: 'on the bench', finished: 'made', abandoned: 'abandoned' } as const;

/** The batches of a trial in the order that was drawn; the next is planned by a press. */
export function Runs({ of: { trial, runs } }: { readonly of: TrialNow }) {
  const go = useNavigate();
  const write = useWrite();
  const next = runs.find((r) => r.plan === null);
  const nothing = trial.factors.some((f) => f.to === f.from);
  const plan = (r: Run, place: number): void =>
    write.run(
      'the plan of that batch',
      () => planRun(trial.id, r.run, `${trial.name}, ${place} of ${runs.length}`, now()),
      (id) => void go(`/plan/${id}`),
    );
  return (
    <section aria-label="The batches" className="plate mb-4 min-w-0 p-4">
      <h2 className="text-xl">{runs.length} batches, in the order to make them</h2>
      {next && !nothing && (
        <button
          type="button"
          data-once
          className="btn btn-primary btn-lg mt-2"
          onClick={() => plan(next, runs.indexOf(next) + 1)}
        >
          Plan batch {runs.indexOf(next) + 1}
        </button>
      )}
      <div className="overflow-x-auto">
        <table className="table mt-2 [&_td]:pr-6 [&_th]:pr-6">
          <thead>
            <tr>
              <th scope="col">batch</th>
              {trial.factors.map((f) => (
                <th key={JSON.stringify(f.at)} scope="col">
                  {upper(factorName(f, trial.base))}
                </th>
              ))}
              <th scope="col">how far it is</th>
            </tr>
          </thead>
          <tbody>
            {runs.map((r, place) => (
              <tr key={r.run}>
                <td className="num">{place + 1}</td>
                {trial.factors.map((f, i) => (
                  <td key={JSON.stringify(f.at)} className={r.levels[i] === 1 ? 'font-bold' : ''}>
                    {factorValue(f, trial.base, r.levels[i] === 1)}
                    {r.levels[i] !== 1 && <span className="small quiet"> as planned</span>}
                  </td>
                ))}
                <td>
                  <How r={r} />
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <NotSaved of={write} />
    </section>
  );
}
function How({ r }: { readonly r: Run }) {
  if (r.batches.length === 0)
    return r.plan === null ? null : (
      <Link className="link" to={`/plan/${r.plan}`}>
        planned
      </Link>
    );
  return (
    <ul>
      {r.batches.map(({ r: { batch, progress } }) => (
        <li key={batch.id}>
          <Link className="link" to={`/book/${batch.id}`}>
            {batch.number}
          </Link>
          , {STATE[progress.state]} {dayIn(batch.startedAt, now())}
        </li>
      ))}
    </ul>
  );
}
