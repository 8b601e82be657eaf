import type { TastingRecord } from '@ironpan/core/records';
import { servingsOf } from '@ironpan/core/trials';
import { tastingAsks, TASTING_NAMES } from '@ironpan/core/words';
import { useMemo } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { now } from '../../clock';
import { useLive } from '../../live/live';
import { useShelf } from '../../live/shelf';
import { changeTasting, deleteTasting, oneTasting, restoreTasting } from '../../store/tastings';
import { NotSaved } from '../../ui/NotSaved';
import { Empty, Loading } from '../../ui/State';
import { putBack, tell } from '../../ui/toast';
import { useEdits } from '../../ui/useEdits';
import { useWrite } from '../../ui/useWrite';
import { BookTabs } from '../BookTabs';
import { Cups } from './Cups';
import { Setup } from './Setup';
import { Taste } from './Taste';
import { TastedCount } from './TastedCount';

/** Two milks tasted blind: set up, poured by one, tasted by others, counted at the end. */
export function TastingPage() {
  const { id = '' } = useParams();
  const t = useLive(['tasting', id], () => oneTasting(id)).data;
  if (t === null)
    return (
      <Empty title="This tasting is not here">
        <Link className="btn btn-primary" to="/book/trials">
          All trials
        </Link>
      </Empty>
    );
  return t ? <Page t={t} /> : <Loading />;
}
function Page({ t }: { readonly t: TastingRecord }) {
  const edits = useEdits();
  const write = useWrite();
  const go = useNavigate();
  const servings = useMemo(() => servingsOf(t.kind, t.n, t.seed), [t.kind, t.n, t.seed]);
  const change = (what: string, to: (t: TastingRecord) => TastingRecord): void =>
    edits.run(what, () => changeTasting(t.id, to, now()));
  const remove = (): void =>
    write.run(
      'that it was deleted',
      () => deleteTasting(t.id),
      () => {
        void go('/book/trials');
        tell(
          'The tasting was deleted.',
          putBack('the tasting', () => restoreTasting(t)),
        );
      },
    );
  const over = t.answers.length >= t.n;
  return (
    <div className="mx-auto max-w-[60rem] px-4 py-5 wide:px-5">
      <div className="mb-3 flex flex-wrap items-end justify-between gap-3">
        <h1 className="min-w-0 text-2xl [overflow-wrap:anywhere]">
          {t.a.name} beside {t.b.name}
        </h1>
        <BookTabs />
      </div>
      <Unfit t={t} />
      <NotSaved of={edits} />
      <NotSaved of={write} />
      {t.answers.length === 0 ? (
        <Setup t={t} change={change} />
      ) : (
        <p className="quiet mb-3">
          {TASTING_NAMES[t.kind][0]}. {tastingAsks(t.kind, t.about)}
        </p>
      )}
      {over ? (
        <TastedCount t={t} servings={servings} />
      ) : (
        <>
          <Taste t={t} servings={servings} />
          <Cups t={t} servings={servings} />
        </>
      )}
      <p className="mt-4">
        <button type="button" className="link" onClick={remove}>
          Delete this tasting
        </button>
      </p>
    </div>
  );
}
/** A jar that may not be drunk any more is not tasted either. */
function Unfit({ t }: { readonly t: TastingRecord }) {
  const shelf = useShelf(now());
  const bad = [t.a, t.b].filter((s) => shelf?.jars.some((j) => j.jar.id === s.jar && j.stamp?.stop));
  if (bad.length === 0 || t.answers.length >= t.n) return null;
  return (
    <p role="alert" className="alert alert-error mb-3">
      {bad.map((s) => s.name).join(' and ')} may not be drunk any more: past the time, or not boiled enough. Nobody
      tastes it; count what was tasted so far.
    </p>
  );
}
