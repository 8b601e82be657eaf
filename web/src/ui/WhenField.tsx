import { DayHourField } from './DayHourField';

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

/** A day and an hour still to come. */
export function WhenField({
  now,
  tooEarly = 'That is past already: say an hour that is still to come.',
  ...field
}: WhenFieldProps) {
  const faultOf = (at: number): string | null => {
    if (at < now) return tooEarly;
    return now > 0 && at > now + FARTHEST ? 'That is more than two months away: nothing keeps so long.' : null;
  };
  return <DayHourField {...field} faultOf={faultOf} />;
}
