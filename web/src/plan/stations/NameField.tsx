import { STREAM_NAME } from '@ironpan/core/steps';
import { useId, useState } from 'react';

interface NameFieldProps {
  readonly label: string;
  readonly value: string;
  /** Names that mean something else here. */
  readonly taken?: readonly string[];
  readonly onChange: (name: string) => void;
}
/** Words that every object answers to. */
const reserved = (s: string): boolean => s in {};

function fault(name: string, taken: readonly string[]): string | null {
  if (name === '') return 'Type a name.';
  if (!STREAM_NAME.test(name)) return 'A name begins with a letter and has letters, figures and spaces only.';
  if (reserved(name)) return 'This word cannot be used; choose another.';
  return taken.includes(name) ? 'This name is taken; choose another.' : null;
}
/** A cook's own name for what is in a vessel; kept at every keystroke that makes one. */
export function NameField({ label, value, taken = [], onChange }: NameFieldProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const id = useId();
  const wrong = draft === null ? null : fault(draft.trim(), taken);
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="small quiet block">
        {label}
      </label>
      <input
        id={id}
        className="input w-full max-w-56"
        value={draft ?? value}
        maxLength={40}
        autoComplete="off"
        aria-invalid={wrong !== null}
        onChange={(e) => {
          setDraft(e.target.value);
          const name = e.target.value.trim();
          if (fault(name, taken) === null) onChange(name);
        }}
        onBlur={() => setDraft(null)}
      />
      {wrong !== null && (
        <p role="alert" className="small" style={{ color: 'var(--flame-text)' }}>
          {wrong}
        </p>
      )}
    </div>
  );
}
