import type { Warning } from '@ironpan/core/checks';
import { warningText } from '@ironpan/core/words';
import { Dialog } from '../ui/Dialog';
import { NotSaved } from '../ui/NotSaved';
import type { Write } from '../ui/useWrite';

interface StartAnywayProps {
  readonly dangers: readonly Warning[];
  readonly write: Write;
  readonly onStart: () => void;
  readonly onClose: () => void;
}
/** A plan with something dangerous in it is begun only by someone who has read it. */
export function StartAnyway({ dangers, write, onStart, onClose }: StartAnywayProps) {
  return (
    <Dialog title="Before you start" onClose={onClose}>
      <ul className="mb-4 flex flex-col gap-2">
        {dangers.map((w, i) => (
          <li key={i} className="alert alert-error">
            {warningText(w)}
          </li>
        ))}
      </ul>
      <NotSaved of={write} />
      <div className="flex flex-wrap gap-3">
        <button type="button" className="btn btn-primary btn-lg" onClick={onClose}>
          Mend it first
        </button>
        <button type="button" data-once className="btn btn-outline btn-lg" onClick={onStart}>
          Start all the same
        </button>
      </div>
    </Dialog>
  );
}
