import { cutName } from '@ironpan/core/units';
import { toldOf } from '@ironpan/core/comparing';
import type { Explained, Explanation, Together } from '@ironpan/core/comparing';
import { differenceText, togetherText } from '@ironpan/core/words';
import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { now } from '../../clock';
import type { Beside } from '../../live/useBeside';
import { addPlan, onePlan } from '../../store/plans';
import { NotSaved } from '../../ui/NotSaved';
import { useWrite } from '../../ui/useWrite';
import { shortName } from './names';
import { useTogether } from './useWhy';

interface PartedProps {
  readonly e: Explanation;
  readonly of: Explained;
  readonly first: Beside;
  readonly second: Beside;
}
/** What always changed together, so that no log can tell which of them did it; and the batch that would. */
export function Parted({ e, of, first, second }: PartedProps) {
  const order = useMemo(() => toldOf(e, of).causes.map((c) => c.of.key), [e, of]);
  const groups = useTogether(first, second, order);
  return (
    <>
      {groups?.map((t) => (
        <Group key={t.differences.map((d) => d.key).join(' ')} t={t} first={first} second={second} />
      ))}
    </>
  );
}

type GroupProps = Pick<PartedProps, 'first' | 'second'> & { readonly t: Together };
function Group({ t, first, second }: GroupProps) {
  const go = useNavigate();
  const write = useWrite();
  const { control } = t;
  const than = `in ${shortName(first)}`;
  const plan = (): void => {
    if (!control) return;
    write.run(
      'the new plan',
      async () => {
        const was = first.row.is === 'batch' ? await onePlan(first.row.of.batch.plan) : first.row.of;
        const name = first.row.is === 'batch' ? first.row.of.batch.name : first.name;
        return addPlan(cutName(`${name}, to tell`), was?.from ?? null, control.recipe, now());
      },
      (id) => void go(`/plan/${id}`),
    );
  };
  return (
    <div className="alert mt-4 flex flex-wrap items-center justify-between gap-3">
      <p className="min-w-0 flex-1 basis-80">{togetherText(t, first.made, second.made, than)}</p>
      {control && (
        <button type="button" data-once className="btn btn-outline" onClick={plan}>
          Plan the batch that would: only {differenceText(control.of, first.made, second.made, than)}
        </button>
      )}
      <NotSaved of={write} />
    </div>
  );
}
