import { duration, join } from '@ironpan/core/words';
import { useId, useState } from 'react';
import { Dialog } from '../ui/Dialog';

/** One press says why; typing is there for dry hands. */
function Why({
  reasons,
  label,
  onChoose,
}: {
  readonly reasons: readonly string[];
  readonly label: string;
  readonly onChoose: (why: string) => void;
}) {
  const [own, setOwn] = useState('');
  const id = useId();
  return (
    <>
      <div className="grid gap-2 sm:grid-cols-2">
        {reasons.map((w) => (
          <button key={w} type="button" className="btn btn-plain btn-big" onClick={() => onChoose(w)}>
            {w}
          </button>
        ))}
      </div>
      <label htmlFor={id} className="mt-4 block">
        Something else
      </label>
      <textarea
        id={id}
        className="field mt-1 w-full p-2"
        rows={2}
        maxLength={400}
        value={own}
        onChange={(e) => setOwn(e.target.value)}
      />
      <button
        type="button"
        className="btn btn-primary btn-big mt-2 w-full"
        disabled={own.trim() === ''}
        onClick={() => onChoose(own.trim())}
      >
        {label}
      </button>
    </>
  );
}

interface Closing {
  readonly onClose: () => void;
}
interface SkipDialogProps extends Closing {
  readonly dangers: readonly string[];
  readonly onSkip: (why: string) => void;
}
export function SkipDialog({ dangers, onSkip, onClose }: SkipDialogProps) {
  return (
    <Dialog title="Leave this step out?" onClose={onClose}>
      {dangers.map((d) => (
        <p key={d} className="notice danger mb-3">
          {d}
        </p>
      ))}
      <p className="mb-3">The rest is reckoned without it. The log keeps the reason.</p>
      <Why
        reasons={['Not needed this time', 'Done already', 'No time for it', 'Forgot it']}
        label="Leave it out"
        onChoose={(w) => {
          onSkip(w);
          onClose();
        }}
      />
    </Dialog>
  );
}
export function AbandonDialog({ onAbandon, onClose }: Closing & { readonly onAbandon: (why: string) => void }) {
  return (
    <Dialog title="Abandon this batch?" onClose={onClose}>
      <p className="mb-3">It leaves the bench; its log stays in the book.</p>
      <Why
        reasons={['Went off in the soak', 'Scorched', 'Spilt', 'Changed my mind']}
        label="Abandon it"
        onChoose={(w) => {
          onAbandon(w);
          onClose();
        }}
      />
    </Dialog>
  );
}
export function NoteDialog({ onNote, onClose }: Closing & { readonly onNote: (text: string) => void }) {
  return (
    <Dialog title="A note for the log" onClose={onClose}>
      <Why
        reasons={[
          'It foamed over',
          'Stuck to the bottom',
          'Smells beany',
          'Smells sweet',
          'Skins came off well',
          'Strained slowly',
        ]}
        label="Keep the note"
        onChoose={(w) => {
          onNote(w);
          onClose();
        }}
      />
    </Dialog>
  );
}

interface TookDialogProps extends Closing {
  readonly ranS: number;
  readonly plannedS: number;
  readonly onTook: (s: number) => void;
}
/** The clock and the plan are far apart: only the cook knows which of them is right. */
export function TookDialog({ ranS, plannedS, onTook, onClose }: TookDialogProps) {
  const choose = (s: number) => () => {
    onTook(s);
    onClose();
  };
  return (
    <Dialog title="How long did it really take?" onClose={onClose}>
      <p className="mb-4">
        The timer ran {join(duration(ranS))}; the plan says {join(duration(plannedS))}. What counts for the rest of the
        batch?
      </p>
      <div className="grid gap-2 sm:grid-cols-2">
        <button type="button" className="btn btn-primary btn-big" onClick={choose(plannedS)}>
          As planned, {join(duration(plannedS))}
        </button>
        <button type="button" className="btn btn-plain btn-big" onClick={choose(ranS)}>
          As timed, {join(duration(ranS))}
        </button>
      </div>
    </Dialog>
  );
}
