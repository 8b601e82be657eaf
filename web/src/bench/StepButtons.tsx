import { canSkip } from '@ironpan/core/batch';
import type { TaskState } from '@ironpan/core/batch';
import type { Unstirred } from '@ironpan/core/detect';
import { duration, join } from '@ironpan/core/words';
import type { Running } from '../live/running';
import { untouched } from './untouched';
import type { AtStep } from './useStep';

interface StepButtonsProps {
  readonly r: Running;
  readonly t: TaskState;
  readonly at: AtStep;
}
/** Six or more stand in two rows of the same length. */
const EVEN_ROWS = 'sm:[&:has(>:nth-child(6))]:grid-cols-3 sm:[&:has(>:nth-child(7))]:grid-cols-4';
/** What else can be said of a step. */
export function MoreButtons({ r, t, at, stirring }: StepButtonsProps & { readonly stirring: Unstirred | null }) {
  // What runs is taken back first: going back lands on the task itself, with its clock at the start.
  const before = t.status === 'running' ? t : lastDone(r);
  const rescue = r.progress.rescues.find((x) => x.steps.includes(t.step.id) && untouched(r, x));
  return (
    <div className={`mt-2.5 grid grid-cols-2 gap-2.5 sm:grid-cols-[repeat(auto-fit,minmax(6.4rem,1fr))] ${EVEN_ROWS}`}>
      {before && <Small onPress={() => at.goBack(before)}>Go back</Small>}
      {stirring && (
        <Small
          heed={stirring.over}
          onPress={() => at.log('that it was stirred', [{ is: 'stirred', step: t.step.id, task: t.task.id }])}
        >
          Stirred
        </Small>
      )}
      {at.hold && <Small onPress={at.hold}>{at.timer?.paused ? 'Go on' : 'Pause'}</Small>}
      {rescue && (
        <Small onPress={() => at.log('that it is taken back', [{ is: 'undone', of: rescue.line }])}>Take it back</Small>
      )}
      {!rescue && canSkip(r.progress.recipe, t.step.id) && <Small onPress={() => at.ask('skip')}>Leave out</Small>}
      <Small onPress={() => at.ask('rescue')}>Rescue</Small>
      <Small onPress={() => at.ask('note')}>Note</Small>
      <Small onPress={() => at.ask('abandon')}>Abandon</Small>
    </div>
  );
}
interface SmallProps {
  readonly onPress: () => void;
  /** It is what is wanted now. */
  readonly heed?: boolean;
  readonly children: string;
}
function Small({ onPress, heed = false, children }: SmallProps) {
  return (
    <button type="button" className={`btn btn-lg px-2 ${heed ? 'btn-neutral' : 'btn-outline'}`} onClick={onPress}>
      {children}
    </button>
  );
}
/** The button that brings the batch on: at the foot, where the thumb is; `quiet`: something else comes first. */
export function MainButton({ r, t, at, quiet = false }: StepButtonsProps & { readonly quiet?: boolean }) {
  const waits = t.task.timed && t.status === 'waiting';
  const last = r.progress.tasks.every((x) => x === t || x.status === 'done');
  return (
    <button
      type="button"
      data-once
      className={`btn btn-lg w-full text-lg! ${quiet ? 'btn-outline' : 'btn-primary'}`}
      onClick={waits ? at.start : at.done}
    >
      {waits
        ? `Start: ${join(duration(t.task.timerS ?? t.task.durationS))}`
        : last
          ? 'Done, to the shelf'
          : 'Done, next'}
    </button>
  );
}
/** What was done last, whichever step it was: that is what going back takes up again. */
function lastDone(r: Running): TaskState | null {
  let last: TaskState | null = null;
  for (const t of r.progress.tasks) if (t.endedAt !== null && t.endedAt >= (last?.endedAt ?? -Infinity)) last = t;
  return last;
}
