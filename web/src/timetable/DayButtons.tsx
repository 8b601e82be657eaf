interface DayButtonsProps {
  readonly label: string;
  /** Sunday 0. */
  readonly days: readonly number[];
  readonly onChange: (days: readonly number[]) => void;
}
/** A Sunday, so that days have their names in the locale's own words. */
const SUNDAY = new Date(2023, 0, 1);
export const dayName = (d: number, how: 'short' | 'long'): string =>
  new Intl.DateTimeFormat(undefined, { weekday: how }).format(new Date(2023, 0, SUNDAY.getDate() + d));
/** The week begins on Monday where most of it does. */
const WEEK = [1, 2, 3, 4, 5, 6, 0];

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
            // The last day stays: what is on no day is taken away instead.
            aria-disabled={on && days.length === 1}
            className={`btn px-2 ${on ? 'btn-neutral' : 'btn-outline'}`}
            onClick={() => {
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
