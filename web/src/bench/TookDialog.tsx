import type { EndQuestion, TaskState } from '@ironpan/core/batch';
import { MINUTE_S } from '@ironpan/core/units';
import { endQuestionText } from '@ironpan/core/words';
import { useState } from 'react';
import { Dialog } from '../ui/Dialog';
import { NotSaved } from '../ui/NotSaved';
import { NumberField } from '../ui/NumberField';
import type { Write } from '../ui/useWrite';

interface TookDialogProps {
  readonly t: TaskState;
  readonly question: EndQuestion;
  readonly write: Write;
  readonly onClose: () => void;
  readonly onKeepGoing: () => void;
  /** How long it took, s, by the cook's word; undefined: as the timer says. */
  readonly onTook: (saidS: number | undefined) => void;
}
/**
 * Asks how long a task took where the timer and the plan disagree. Where the answer decides whether the milk is safe, the
 * main button keeps the milk on the heat, and the plan's own time comes last.
 */
export function TookDialog({ t, question, write, onClose, onKeepGoing, onTook }: TookDialogProps) {
  const text = endQuestionText(question, t);
  return (
    <Dialog title={text.title} onClose={onClose}>
      <p className="mb-4">{text.why}</p>
      <NotSaved of={write} />
      {question.is === 'safety' ? (
        <div className="flex flex-col gap-4">
          <button type="button" className="btn btn-primary btn-lg w-full" onClick={onKeepGoing}>
            {text.keepGoing}
          </button>
          <Minutes ranS={question.ranS} label={text.minutes} save={text.save} onTook={onTook} />
          <button
            type="button"
            data-once
            className="btn btn-outline btn-lg w-full"
            onClick={() => onTook(question.plannedS)}
          >
            {text.asPlanned}
          </button>
        </div>
      ) : (
        <div className="grid gap-2 sm:grid-cols-2">
          <button type="button" data-once className="btn btn-primary btn-lg" onClick={() => onTook(undefined)}>
            {text.asTimed}
          </button>
          <button type="button" data-once className="btn btn-outline btn-lg" onClick={() => onTook(question.plannedS)}>
            {text.asPlanned}
          </button>
        </div>
      )}
    </Dialog>
  );
}
interface MinutesProps {
  readonly ranS: number;
  readonly label: string;
  readonly save: string;
  readonly onTook: (saidS: number | undefined) => void;
}
/** Minutes by the cook's own word. The field begins with the timer's figure; left so, the timer counts to the second. */
function Minutes({ ranS, label, save, onTook }: MinutesProps) {
  const ranMin = Math.floor(ranS / MINUTE_S);
  const [min, setMin] = useState(ranMin);
  return (
    <div className="flex flex-wrap items-end gap-3">
      <NumberField big label={label} value={min} unit="min" low={0} high={240} onChange={setMin} />
      <button
        type="button"
        data-once
        className="btn btn-outline btn-lg min-w-36 flex-1"
        onClick={() => onTook(min === ranMin ? undefined : min * MINUTE_S)}
      >
        {save}
      </button>
    </div>
  );
}
