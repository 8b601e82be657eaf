import { dayName, WEEK } from './weekdays';

interface DayButtonsProps {
  readonly label: string;
  /** Sunday 0. */
  readonly days: readonly number[];
  readonly onChange: (days: readonly number[]) => void;
}
/** Days of the week, one at least. */
export function DayButtons({ label, days, onChange }: DayButtonsProps) {
  return (
    <div role="group" aria-label={label} className="flex flex-wrap gap-1">
      {WEEK.map((d) => {
        const on = days.includes(d);
        return (
          <button
            key={d}
            type="button"
            aria-pressed={on}
            aria-label={dayName(d, 'long')}
            className={`btn px-2 ${on ? 'btn-neutral' : 'btn-outline'}`}
            onClick={() => {
              // The last day stays: what is on no day is taken away instead.
              const left = on ? days.filter((x) => x !== d) : [...days, d];
              if (left.length > 0) onChange(left);
            }}
          >
            {dayName(d, 'short')}
          </button>
        );
      })}
    </div>
  );
}
