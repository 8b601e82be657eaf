import type { EndQuestion, TaskState } from '../batch';
import { celsius, duration, join } from './format';
import { taskName } from './tasks';
import { kindOf } from '../steps';

/** The question about how long a task took, and the words on its buttons. */
export interface EndQuestionText {
  readonly title: string;
  readonly why: string;
  readonly keepGoing: string;
  readonly minutes: string;
  readonly save: string;
  readonly asPlanned: string;
  readonly asTimed: string;
}
export function endQuestionText(q: EndQuestion, t: TaskState): EndQuestionText {
  const ran = join(duration(q.ranS));
  const planned = join(duration(q.plannedS));
  const name = taskName(t.step, t.task.id, kindOf(t.step.kind).label);
  const held = t.step.kind === 'heat' ? `stay at ${join(celsius(t.step.params.toC))}` : 'boil';
  const safety = q.is === 'safety';
  return {
    title: safety ? `Did it really ${held} for ${planned}?` : `How long did “${name}” take?`,
    why: safety
      ? `The timer ran ${ran}. The milk is not safe to drink after so short a time.`
      : `The timer ran ${ran}. The plan says ${planned}.`,
    keepGoing: `No, keep ${t.step.kind === 'heat' ? 'heating' : 'boiling'} (${join(duration(q.moreS))} more)`,
    minutes: t.step.kind === 'heat' ? 'It stayed hot for' : 'It boiled for',
    save: 'Record these minutes',
    asPlanned: safety ? `Yes, ${planned}: I timed it myself` : `As planned, ${planned}`,
    asTimed: `As timed, ${ran}`,
  };
}
