import { stampOf } from '@ironpan/core/schedule';
import { useId, useState } from 'react';

interface DayHourFieldProps {
  readonly label: string;
  readonly hideLabel?: boolean;
  /** Ms; null: none is said. */
  readonly value: number | null;
  readonly low?: number;
  readonly high?: number;
  /** Why an instant cannot be; null: it can. */
  readonly faultOf: (at: number) => string | null;
  readonly onChange: (at: number) => void;
}

/** A day and an hour. What cannot be is said below; the last possible one holds. */
export function DayHourField({ label, hideLabel = false, value, low, high, faultOf, onChange }: DayHourFieldProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const id = useId();
  const fault = (text: string): string | null => {
    const at = new Date(text).getTime();
    return Number.isFinite(at) ? faultOf(at) : 'Say a day and an hour.';
  };
  const say = draft === null ? null : fault(draft);
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
          value={draft ?? (value === null ? '' : stampOf(value))}
          min={low === undefined ? undefined : stampOf(low)}
          max={high === undefined ? undefined : stampOf(high)}
          aria-invalid={say !== null}
          aria-describedby={say ? `${id}-say` : undefined}
          onChange={(e) => {
            setDraft(e.target.value);
            if (fault(e.target.value) === null) onChange(new Date(e.target.value).getTime());
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
