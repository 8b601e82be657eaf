import { useId, useState } from 'react';
import { localInstant as local, whenOf } from './times';

interface InstantFieldProps {
  readonly label: string;
  readonly value: number;
  readonly now: number;
  /** It cannot have been before this, and why. */
  readonly low: { readonly at: number; readonly why: string };
  readonly onChange: (at: number) => void;
}

const MINUTE = 60_000;

/** A day and an hour of the past. What cannot have been is said below; the last possible one holds. */
export function InstantField({ label, value, now, low, onChange }: InstantFieldProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const id = useId();
  const say = draft === null ? null : faultOf(draft, low, now);
  return (
    <div className="min-w-0">
      <label htmlFor={id} className="small quiet block">
        {label}
      </label>
      <span className={`input ${say ? 'input-error' : ''}`}>
        <input
          id={id}
          type="datetime-local"
          style={{ width: '14.5rem' }}
          value={draft ?? local(value)}
          min={local(low.at)}
          max={local(now)}
          aria-invalid={say !== null}
          aria-describedby={say ? `${id}-say` : undefined}
          onChange={(e) => {
            setDraft(e.target.value);
            if (faultOf(e.target.value, low, now) === null)
              onChange(held(new Date(e.target.value).getTime(), low.at, now));
          }}
          onBlur={() => {
            if (say === null) setDraft(null);
          }}
        />
      </span>
      {say !== null && (
        <p id={`${id}-say`} role="alert" className="small mt-0.5" style={{ color: 'var(--flame-text)' }}>
          {say}
        </p>
      )}
    </div>
  );
}
/** A field is to the minute: within the minute of a bound, the bound itself. */
const held = (at: number, low: number, high: number): number => Math.min(high, Math.max(low, at));
function faultOf(text: string, low: InstantFieldProps['low'], now: number): string | null {
  const at = new Date(text).getTime();
  if (!Number.isFinite(at)) return 'Say a day and an hour.';
  if (at > now + MINUTE) return 'That is still to come.';
  if (at < low.at - MINUTE) return `${low.why} ${whenOf(low.at, now)}.`;
  return null;
}
