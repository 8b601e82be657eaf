import { NotSaved } from '../../ui/NotSaved';
import type { Write } from '../../ui/useWrite';

interface FootProps {
  readonly write: Write;
  /** What the press says; null: this part has its own presses. */
  readonly keep: string | null;
  readonly disabled?: boolean;
  readonly onKeep?: () => void;
  readonly onBack: () => void;
}
/** The end of a part of a jar's sheet: keep it, or back to the jar. Always in reach. */
export function Foot({ write, keep, disabled = false, onKeep, onBack }: FootProps) {
  return (
    <>
      <NotSaved of={write} />
      <div className="sticky -bottom-5 -mx-1 -mb-5 flex gap-2 px-1 pt-2 pb-5" style={{ background: 'var(--plate)' }}>
        {keep !== null && (
          <button type="button" data-once className="btn btn-primary btn-lg grow" disabled={disabled} onClick={onKeep}>
            {keep}
          </button>
        )}
        <button type="button" className="btn btn-outline btn-lg" onClick={onBack}>
          Back
        </button>
      </div>
    </>
  );
}
