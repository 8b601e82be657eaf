import { useId, useState } from 'react';

interface TextFieldProps {
  readonly label: string;
  readonly value: string;
  readonly most: number;
  readonly onChange: (v: string) => void;
  readonly hideLabel?: boolean;
  readonly className?: string;
}
/** One line of text, kept at every keystroke. Left empty, the last name holds and a sentence says so. */
export function TextField({ label, value, most, onChange, hideLabel = false, className = '' }: TextFieldProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const id = useId();
  const empty = draft !== null && draft.trim() === '';
  return (
    <div className="min-w-0">
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'small quiet block'}>
        {label}
      </label>
      <input
        id={id}
        className={className === '' ? 'input w-full' : className}
        value={draft ?? value}
        maxLength={most}
        autoComplete="off"
        aria-invalid={empty}
        onChange={(e) => {
          setDraft(e.target.value);
          if (e.target.value.trim() !== '') onChange(e.target.value.trim());
        }}
        onBlur={() => setDraft(null)}
      />
      {empty && (
        <p role="alert" className="small" style={{ color: 'var(--flame-text)' }}>
          It needs a name; “{value}” is kept until you type one.
        </p>
      )}
    </div>
  );
}
