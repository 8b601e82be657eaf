import { useId, useState } from 'react';
import { localInstant } from './times';

interface WhenFieldProps {
  readonly label: string;
  readonly hideLabel?: boolean;
  /** Ms; null: none is said. */
  readonly value: number | null;
  /** It is not before this. */
  readonly now: number;
  /** Why it cannot be earlier; absent: it is past. */
  readonly tooEarly?: string;
  readonly onChange: (at: number) => void;
}
/** Nobody plans a milk beyond this, ms. */
const FARTHEST = 60 * 24 * 3_600_000;

/** A day and an hour still to come. What cannot be is said below; the last possible one holds. */
export function WhenField({ label, hideLabel = false, value, now, tooEarly, onChange }: WhenFieldProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const id = useId();
  const say = draft === null ? null : faultOf(draft, now, tooEarly);
  return (
    <div className="min-w-0">
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'small quiet block'}>
        {label}
      </label>
      <span className={`input ${say ? 'input-error' : ''}`}>
        <input
          id={id}
          type="datetime-local"
          style={{ width: '14.5rem' }}
          value={draft ?? (value === null ? '' : localInstant(value))}
          aria-invalid={say !== null}
          aria-describedby={say ? `${id}-say` : undefined}
          onChange={(e) => {
            setDraft(e.target.value);
            if (faultOf(e.target.value, now, tooEarly) === null) onChange(new Date(e.target.value).getTime());
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
function faultOf(
  text: string,
  now: number,
  tooEarly = 'That is past already: say an hour that is still to come.',
): string | null {
  const at = new Date(text).getTime();
  if (!Number.isFinite(at)) return 'Say a day and an hour.';
  if (at < now) return tooEarly;
  if (now > 0 && at > now + FARTHEST) return 'That is more than two months away: nothing keeps so long.';
  return null;
}
