import { parseNumber } from '@ironpan/core/units';
import { numberFaultText } from '@ironpan/core/words';
import { useId, useState } from 'react';

export interface NumberFieldProps {
  readonly label: string;
  /** In the unit that is shown. */
  readonly value: number | null;
  readonly unit: string;
  readonly low: number;
  readonly high: number;
  readonly onChange: (v: number) => void;
  readonly big?: boolean;
  readonly width?: string;
  readonly hint?: string;
  /** Why it can be no more, and what to do: said after the bound. */
  readonly highWhy?: string;
  readonly hideLabel?: boolean;
  readonly placeholder?: string;
  readonly whole?: boolean;
  readonly onEnter?: () => void;
}
const tidy = (x: number): string => String(Number(x.toPrecision(6)));

/**
 * One number. What can be read and is within bounds is taken at once, at every keystroke; anything else stays as it was
 * typed, with a sentence below that says what is wrong, and the last good value holds.
 */
export function NumberField(p: NumberFieldProps) {
  const [typed, setTyped] = useState<Typed | null>(null);
  // Changed from elsewhere (another window, undo) it shows the new figure; what cannot be read yet stays as it was typed.
  if (typed && isOvertaken(typed, p)) setTyped(null);
  const draft = typed?.text ?? null;
  const setDraft = (text: string | null): void => {
    const n = text === null ? null : parseNumber(text);
    const own = typed?.own ?? [p.value];
    setTyped(text === null ? null : { text, own: n?.ok ? [...own, n.value] : own });
  };
  const id = useId();
  const shown = draft ?? (p.value === null ? '' : tidy(p.value));
  const say = draft === null ? null : faultOf(draft, p);
  const change = (text: string): void => {
    setDraft(text);
    const n = parseNumber(text);
    if (n.ok && faultOf(text, p) === null) p.onChange(n.value);
  };
  return (
    <div className="min-w-0">
      <label htmlFor={id} className={p.hideLabel ? 'sr-only' : `block ${p.big ? 'mb-1' : 'small quiet'}`}>
        {p.label}
      </label>
      <span className={`input ${say ? 'input-error' : ''} ${p.big ? 'min-h-14 text-xl' : ''}`}>
        <input
          id={id}
          inputMode="decimal"
          autoComplete="off"
          style={{ width: p.width ?? '4.2rem' }}
          value={shown}
          placeholder={p.placeholder}
          aria-invalid={say !== null}
          aria-describedby={say ? `${id}-say` : undefined}
          onChange={(e) => change(e.target.value)}
          onFocus={(e) => e.target.select()}
          onBlur={() => {
            if (say === null || shown.trim() === '') setDraft(null);
          }}
          onKeyDown={(e) => {
            if (e.key === 'Escape') setDraft(null);
            if (e.key === 'Enter' && say === null) {
              setDraft(null);
              p.onEnter?.();
            }
          }}
        />
        {p.unit !== '' && <span className="unit">{p.unit}</span>}
      </span>
      {p.hint !== undefined && <span className="small quiet ml-1.5">{p.hint}</span>}
      {say !== null && (
        <p id={`${id}-say`} role="alert" className="small mt-0.5" style={{ color: 'var(--flame-text)' }}>
          {say}
        </p>
      )}
    </div>
  );
}

/** What is being typed, and every figure that the field had and has handed on since. */
interface Typed {
  readonly text: string;
  readonly own: readonly (number | null)[];
}
/** A figure may come back rounded to the unit that is shown, share of it and least. */
const ROUNDED = { share: 0.01, least: 0.06 } as const;
function isOvertaken(t: Typed, p: NumberFieldProps): boolean {
  const { value } = p;
  if (value === null || faultOf(t.text, p) !== null) return false;
  const near = (x: number | null): boolean =>
    x !== null && Math.abs(x - value) <= Math.max(ROUNDED.least, ROUNDED.share * Math.abs(value));
  return !t.own.some(near);
}
function faultOf(text: string, p: NumberFieldProps): string | null {
  const n = parseNumber(text);
  if (!n.ok)
    return p.value === null && n.fault === 'empty'
      ? null
      : numberFaultText(n.fault, text.trim(), p.low, p.high, p.unit);
  if (p.whole && !Number.isInteger(n.value)) return `${text.trim()} is not a whole number.`;
  if (n.value < p.low - 1e-9) return numberFaultText('low', text.trim(), p.low, p.high, p.unit);
  if (n.value > p.high + 1e-9)
    return [numberFaultText('high', text.trim(), p.low, p.high, p.unit), p.highWhy].filter(Boolean).join(' ');
  return null;
}
