import { unlearned } from '@ironpan/core/kitchen';
import type { TaskState } from '@ironpan/core/batch';
import { warningsOf } from '@ironpan/core/checks';
import { look } from '@ironpan/core/questions';
import { warningText } from '@ironpan/core/words';
import type { Running } from '../live/running';
import { tell } from '../ui/toast';
import { AbandonDialog, NoteDialog, SkipDialog } from './dialogs';
import { RescueDialog } from './Rescue';
import { TookDialog } from './TookDialog';
import type { AtStep } from './useStep';

interface AskedProps {
  readonly r: Running;
  readonly t: TaskState;
  readonly at: AtStep;
  readonly onDone: () => void;
}
/** What is being asked about the step at hand. */
export function Asked({ r, t, at, onDone }: AskedProps) {
  const closing = { write: at.write, onClose: () => at.ask(null) };
  switch (at.asking) {
    case 'skip':
      return (
        <SkipDialog
          {...closing}
          dangers={dangersWithout(r, t)}
          onSkip={(why, text) =>
            at.log('that it was left out', [{ is: 'skipped', step: t.step.id, why, text }], onDone)
          }
        />
      );
    case 'abandon':
      return (
        <AbandonDialog
          {...closing}
          onAbandon={(why, text) => at.log('that it was abandoned', [{ is: 'abandoned', why, text }])}
        />
      );
    case 'note':
      return (
        <NoteDialog
          {...closing}
          onNote={(text) =>
            at.log('the note', [{ is: 'note', text }], () => tell('Noted. It is in the log of this batch.'))
          }
        />
      );
    case 'rescue':
      return (
        <RescueDialog
          r={r}
          {...closing}
          onDo={(against, { edits }) =>
            at.log('the rescue', [{ is: 'edited', against, edits }], () =>
              tell('It is part of this batch now. It can be taken back until it is begun.'),
            )
          }
        />
      );
    case 'took':
      return (
        at.question && (
          <TookDialog
            {...closing}
            t={t}
            question={at.question}
            onKeepGoing={at.keepGoing}
            onTook={(saidS) => at.ended({ ranS: at.question?.ranS ?? 0, ...(saidS !== undefined && { saidS }) })}
          />
        )
      );
    case null:
      return null;
  }
}

/** What leaving this step out would bring that is dangerous and is not so already. */
function dangersWithout(r: Running, t: TaskState): readonly string[] {
  const { recipe, outcome } = r.progress;
  const had = new Set(warningsOf({ outcome, recipe, kit: r.batch.kit }).map((w) => w.check));
  const without = { ...recipe, steps: recipe.steps.filter((s) => s.id !== t.step.id) };
  const seen = look(without, unlearned(r.batch.kit));
  return (seen?.warnings ?? []).filter((w) => w.weight === 'danger' && !had.has(w.check)).map(warningText);
}
