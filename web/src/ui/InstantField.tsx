import { DayHourField } from './DayHourField';
import { whenOf } from './times';

interface InstantFieldProps {
  readonly label: string;
  readonly value: number;
  readonly now: number;
  /** It cannot have been before this, and why. */
  readonly low: { readonly at: number; readonly why: string };
  readonly onChange: (at: number) => void;
}

const MINUTE = 60_000;

/** A day and an hour of the past. */
export function InstantField({ now, low, onChange, ...field }: InstantFieldProps) {
  const faultOf = (at: number): string | null => {
    if (at > now + MINUTE) return 'That is still to come.';
    return at < low.at - MINUTE ? `${low.why} ${whenOf(low.at, now)}.` : null;
  };
  return (
    <DayHourField
      {...{ ...field, faultOf, low: low.at, high: now }}
      onChange={(at) => onChange(held(at, low.at, now))}
    />
  );
}
/** A field is to the minute: within the minute of a bound, the bound itself. */
const held = (at: number, low: number, high: number): number => Math.min(high, Math.max(low, at));
