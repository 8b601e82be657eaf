import { milkName } from '@ironpan/core/words';
import { X } from 'lucide-react';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { now } from '../../clock';
import { useBeside } from '../../live/useBeside';
import type { Beside, BesideOne } from '../../live/useBeside';
import { MOST_BESIDE } from '../../store/beside';
import { ChoiceButtons } from '../../ui/ChoiceButtons';
import { Empty, Loading } from '../../ui/State';
import { dayIn } from '../../ui/times';
import { BookTabs } from '../BookTabs';
import { AddBeside } from './AddBeside';
import { CameOut } from './CameOut';
import { GoingIn } from './GoingIn';
import { OneScale } from './OneScale';
import { shortName } from './names';
import { Why } from './Why';

const isThere = (b: BesideOne): b is Beside => 'made' in b;

/** Two to four batches or plans side by side: what differed going in, what came out, and why. */
export function BesidePage() {
  const [params, setParams] = useSearchParams();
  const asked = params.getAll('of');
  const ids = [...new Set(asked)].slice(0, MOST_BESIDE);
  const beside = useBeside(ids);
  const [adding, setAdding] = useState(false);
  const [with_, setWith] = useState<string | null>(null);
  const put = (to: readonly string[]): void =>
    setParams(new URLSearchParams(to.map((id) => ['of', id])), { replace: true });
  if (!beside) return <Loading />;
  const all = beside.filter(isThere);
  const first = all[0];
  const others = all.slice(1);
  const second = others.find((b) => b.id === with_) ?? others[0];
  const add = adding && (
    <AddBeside
      there={ids}
      milk={first?.milk ?? null}
      onAdd={(id) => {
        setAdding(false);
        put([...ids, id]);
      }}
      onClose={() => setAdding(false)}
    />
  );
  if (!first)
    return (
      <Empty title="Nothing stands side by side yet">
        <p>
          Choose two to four batches or plans, and what differs between them is laid side by side, with what it did.
        </p>
        <div className="flex flex-wrap gap-3">
          <button type="button" className="btn btn-primary btn-lg" onClick={() => setAdding(true)}>
            Choose the first
          </button>
          <Link className="btn btn-outline btn-lg" to="/book">
            To the book
          </Link>
        </div>
        {add}
      </Empty>
    );
  return (
    <div className="mx-auto max-w-[84rem] px-4 py-5 wide:px-5">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <h1 className="text-3xl">Side by side</h1>
        <BookTabs />
      </div>
      <Told asked={asked} beside={beside} />
      <ul className="my-3 flex flex-wrap gap-3">
        {all.map((b) => (
          <One key={b.id} b={b} onLeave={() => put(ids.filter((id) => id !== b.id))} />
        ))}
        {ids.length < MOST_BESIDE && (
          <li>
            <button type="button" className="btn btn-outline btn-lg" onClick={() => setAdding(true)}>
              {second ? 'One more' : 'Choose one to stand beside it'}
            </button>
          </li>
        )}
      </ul>
      {add}
      {second && (
        <div className="flex flex-col gap-4">
          {others.length > 1 && (
            <ChoiceButtons
              label={`Which is explained beside ${shortName(first)}`}
              options={others.map((b) => [b.id, `${shortName(b)} beside ${shortName(first)}`] as const)}
              chosen={second.id}
              onChoose={setWith}
            />
          )}
          {first.milk === second.milk ? (
            <Why key={`${first.id} ${second.id}`} first={first} second={second} />
          ) : (
            <p className="plate p-4">
              {shortName(first)} is {milkName(first.milk)} and {shortName(second)} is {milkName(second.milk)}: another
              food and another way are the whole difference, and shares of it would say nothing. The figures stand
              below.
            </p>
          )}
          <div className="grid grid-cols-[minmax(0,1fr)] gap-4 wide:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
            <CameOut all={all} />
            <GoingIn all={all} />
          </div>
          <OneScale all={all} />
        </div>
      )}
    </div>
  );
}

/** What cannot stand there, and what is not yet what it will be. */
function Told({ asked, beside }: { readonly asked: readonly string[]; readonly beside: readonly BesideOne[] }) {
  const said: string[] = [];
  const twice = new Set(asked).size < asked.length;
  if (twice) said.push('One was named twice: a batch beside itself has nothing to tell, so it stands here once.');
  if (new Set(asked).size > MOST_BESIDE)
    said.push(`Only the first ${MOST_BESIDE} stand here: more cannot be read at once.`);
  for (const b of beside) {
    if (!isThere(b))
      said.push(
        b.why === 'gone'
          ? 'One of them is not in this kitchen (any more).'
          : 'One of them cannot be worked out; its own page says why.',
      );
    else if (b.state === 'abandoned')
      said.push(`${b.name} was abandoned: what it came to is worked out as if it had gone on as planned.`);
    else if (b.state === 'open')
      said.push(`${b.name} is still on the bench: what has not been done counts as planned.`);
  }
  return said.length === 0 ? null : (
    <ul className="alert mt-2 block">
      {said.map((s) => (
        <li key={s}>{s}</li>
      ))}
    </ul>
  );
}
function One({ b, onLeave }: { readonly b: Beside; readonly onLeave: () => void }) {
  const to = b.row.is === 'batch' ? `/book/${b.id}` : `/plan/${b.row.of.id}`;
  return (
    <li className="plate flex max-w-full items-center gap-2 py-1 pr-1 pl-4">
      <span className="min-w-0">
        <Link to={to} className="block max-w-64 truncate font-semibold underline underline-offset-4">
          {b.name}
        </Link>
        <span className="small quiet">{b.startedAt === null ? 'a plan' : `began ${dayIn(b.startedAt, now())}`}</span>
      </span>
      <button type="button" className="btn btn-ghost btn-square" aria-label={`Take ${b.name} away`} onClick={onLeave}>
        <X size={20} aria-hidden="true" />
      </button>
    </li>
  );
}
