import { duration, join } from '@ironpan/core/words';
import { dressOf } from '../drawings/foodStyle';
import type { Shown, ShownBlock } from '../offload/clockView';
import { dayIn, hourMinute, weekday } from '../ui/times';
import { nameIn } from './words';
import type { Clock } from './useClock';

interface AgendaProps {
  readonly clock: Clock;
  readonly shown: Shown;
  readonly now: number;
  readonly onChoose: (block: string) => void;
}
/** The timetable by the hour, the next thing on top: each time you go to the kitchen, and what you do there. */
export function Agenda({ clock, shown, now, onChoose }: AgendaProps) {
  const due = shown.blocks
    .filter((b) => b.stands !== 'begun' && b.parts.some((p) => p.hands !== 'free'))
    .toSorted((a, b) => a.from - b.from);
  const goes = shown.sittings
    .map((s) => ({ ...s, blocks: due.filter((b) => b.from >= s.from && b.from <= s.to) }))
    .filter((s) => s.blocks.length > 0);
  return (
    <section aria-label="By the hour" className="plate p-4 print:border-0 print:p-0">
      <h2 className="mb-2 text-xl">By the hour</h2>
      {goes.length === 0 && <p className="quiet">Nothing is left to do.</p>}
      <ol className="grid gap-x-8 gap-y-4 wide:grid-cols-2 print:block print:columns-2">
        {goes.map((g, i) => (
          <li key={g.from} className="print:mb-3">
            <h3 className="text-lg">
              {`${weekdayIn(g.from, now)}, `}
              <span className="num">{hourMinute(g.from)}</span> to <span className="num">{hourMinute(g.to)}</span>{' '}
              {i === 0 && g.from > now && (
                <span className="quiet font-normal">in {join(duration((g.from - now) / 1000))}</span>
              )}
            </h3>
            <ul>
              {g.blocks.map((b) => (
                <Line key={b.id} b={b} clock={clock} onChoose={onChoose} />
              ))}
            </ul>
          </li>
        ))}
      </ol>
    </section>
  );
}
function Line({ b, clock, onChoose }: Pick<AgendaProps, 'clock' | 'onChoose'> & { readonly b: ShownBlock }) {
  const milk = clock.items.find((i) => i.id === b.milk)?.milk ?? '';
  return (
    <li className="rowline">
      <button
        type="button"
        className="flex min-h-11 w-full items-center gap-3 text-left print:min-h-0 print:text-xs"
        onClick={() => onChoose(b.id)}
      >
        <span className="num">{hourMinute(b.from)}</span>
        <span
          aria-hidden="true"
          className="size-5 shrink-0 rounded-sm"
          style={{ ...dressOf(milk), border: '1px solid var(--edge)' }}
        />
        <span className="min-w-0 grow">
          <b>{b.title}</b> <span className="quiet">{nameIn(clock.items, b.milk)}</span>
        </span>
        <span className="quiet whitespace-nowrap">{long(b.to - b.from)}</span>
      </button>
    </li>
  );
}
/** Blocks are of whole minutes. */
const long = (ms: number): string => (ms < 100_000 ? `${Math.round(ms / 60_000)}\u00a0min` : join(duration(ms / 1000)));
/** Today's and tomorrow's work by the day of the week, later work by its date. */
const weekdayIn = (ms: number, now: number): string => (ms - now < 6 * 86_400_000 ? weekday(ms) : dayIn(ms, now));
