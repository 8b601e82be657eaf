import { ABANDON_REASONS, SKIP_REASONS } from '@ironpan/core/batch';
import type { AbandonReason, SkipReason } from '@ironpan/core/batch';
import { ABANDONED_WHY, SKIPPED_WHY } from '@ironpan/core/words';
import { useId, useState } from 'react';
import { Dialog } from '../ui/Dialog';
import { NotSaved } from '../ui/NotSaved';
import type { Write } from '../ui/useWrite';

interface WhyProps<R extends string> {
  readonly reasons: readonly (readonly [R, string])[];
  /** What the cook's own words count as. */
  readonly other: R;
  readonly label: string;
  readonly write: Write;
  readonly onChoose: (why: R, text: string) => void;
}
/** One press says why; typing is there for dry hands. What is typed stays until it is kept. */
function Why<R extends string>({ reasons, other, label, write, onChoose }: WhyProps<R>) {
  const [own, setOwn] = useState('');
  const id = useId();
  return (
    <>
      <NotSaved of={write} />
      <div className="grid gap-2 sm:grid-cols-2">
        {reasons.map(([why, text]) => (
          <button key={why} type="button" className="btn btn-outline btn-lg" onClick={() => onChoose(why, '')}>
            {text}
          </button>
        ))}
      </div>
      <label htmlFor={id} className="mt-4 block">
        Something else
      </label>
      <textarea
        id={id}
        className="textarea mt-1 w-full p-2"
        rows={2}
        maxLength={400}
        value={own}
        onChange={(e) => setOwn(e.target.value)}
      />
      <button
        type="button"
        className="btn btn-primary btn-lg mt-2 w-full"
        disabled={own.trim() === ''}
        onClick={() => onChoose(other, own.trim())}
      >
        {label}
      </button>
    </>
  );
}
/** The usual reasons, in order, without the one that is the cook's own words. */
const usual = <R extends string>(known: Readonly<Record<R, string>>, all: readonly R[]): (readonly [R, string])[] =>
  all.filter((r) => r !== 'other').map((r) => [r, known[r]] as const);

interface Closing {
  readonly write: Write;
  readonly onClose: () => void;
}
interface SkipDialogProps extends Closing {
  readonly dangers: readonly string[];
  readonly onSkip: (why: SkipReason, text: string) => void;
}
/** Why a step is left out. */
export function SkipDialog({ dangers, onSkip, write, onClose }: SkipDialogProps) {
  return (
    <Dialog title="Leave this step out?" onClose={onClose}>
      {dangers.map((d) => (
        <p key={d} className="alert alert-error mb-3">
          {d}
        </p>
      ))}
      <p className="mb-3">The rest is worked out without it. The log keeps the reason.</p>
      <Why
        reasons={usual(SKIPPED_WHY, SKIP_REASONS)}
        other="other"
        label="Leave it out"
        write={write}
        onChoose={onSkip}
      />
    </Dialog>
  );
}
interface AbandonDialogProps extends Closing {
  readonly onAbandon: (why: AbandonReason, text: string) => void;
}
/** Why a batch is given up. */
export function AbandonDialog({ onAbandon, write, onClose }: AbandonDialogProps) {
  return (
    <Dialog title="Abandon this batch?" onClose={onClose}>
      <p className="mb-3">It leaves the bench; its log stays in the book.</p>
      <Why
        reasons={usual(ABANDONED_WHY, ABANDON_REASONS)}
        other="other"
        label="Abandon it"
        write={write}
        onChoose={onAbandon}
      />
    </Dialog>
  );
}
const NOTES = [
  'It foamed over',
  'Stuck to the bottom',
  'Smells beany',
  'Smells sweet',
  'Skins came off well',
  'Strained slowly',
];
/** A cook’s own words. */
export function NoteDialog({ onNote, write, onClose }: Closing & { readonly onNote: (text: string) => void }) {
  return (
    <Dialog title="A note for the log" onClose={onClose}>
      <Why
        reasons={NOTES.map((n) => [n, n] as const)}
        other=""
        label="Keep the note"
        write={write}
        onChoose={(said, own) => onNote(own === '' ? said : own)}
      />
    </Dialog>
  );
}
