import { duration, join } from '@ironpan/core/words';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { useNow } from '../clock';
import { useKit } from '../live/useKitchen';
import { Loading } from '../ui/State';
import { useWide } from '../ui/useWide';
import { AddMilk } from './AddMilk';
import { Agenda } from './Agenda';
import { BlockSheet } from './BlockSheet';
import { IntoCalendar } from './CalendarPart';
import { ClockTabs } from './ClockTabs';
import { HoursPart } from './HoursPart';
import { LanesPart } from './LanesPart';
import { TellTimetable } from './TellTimetable';
import { useClock } from './useClock';
import { carriedText, fridgeText } from './words';
import { WishRow } from './WishRow';

/** When: what is wanted by when, and the timetable of it. */
export function ClockPage() {
  const clock = useClock();
  const kit = useKit();
  const now = useNow();
  const wide = useWide();
  const [chosen, choose] = useState<string | null>(null);
  if (!clock || !kit) return <Loading />;
  const { items, told } = clock;
  const shown = told?.shown ?? null;
  const agenda = shown && <Agenda clock={clock} shown={shown} now={now} onChoose={choose} />;
  const block = shown?.blocks.find((b) => b.id === chosen) ?? null;
  return (
    <div className="mx-auto flex max-w-[84rem] flex-col gap-4 px-4 py-4 wide:px-5">
      <header className="flex flex-wrap items-baseline gap-x-4">
        <h1 className="text-3xl">Clock</h1>
        <ClockTabs />
        {shown && (
          <p className="quiet">
            <b style={{ color: 'var(--ink)' }}>{join(duration(shown.workS))} of you</b>, in{' '}
            {shown.sittings.length === 1 ? 'one visit' : `${shown.sittings.length} visits`} to the kitchen; none while
            you sleep or are away
          </p>
        )}
        {shown && (
          <div className="ml-auto flex flex-wrap gap-2 print:hidden">
            <IntoCalendar shown={shown} items={items} now={now} />
            <button type="button" className="btn btn-outline" onClick={() => window.print()}>
              <Printer size={17} aria-hidden="true" /> For the fridge door
            </button>
          </div>
        )}
      </header>
      {shown &&
        (wide ? (
          <LanesPart clock={clock} shown={shown} kit={kit} now={now} chosen={chosen} onChoose={choose} />
        ) : (
          agenda
        ))}
      <div className="print:hidden">
        <TellTimetable clock={clock} kit={kit} now={now} />
      </div>
      <section aria-label="What is wanted" className="plate p-4 print:hidden">
        <h2 className="text-xl">What is wanted</h2>
        {items.length === 0 && (
          <p className="quiet mb-3">
            Nothing is on the clock. Say which milks you want and by when; Ironpan says when to begin what.
          </p>
        )}
        <ul className="mb-3">
          {items.map((i) => (
            <WishRow key={i.id} item={i} shown={shown} chance={told?.chances[i.id]} now={now} />
          ))}
        </ul>
        {told && Object.keys(told.chances).length > 0 && (
          <p className="small quiet mb-3">
            How often each is in time is tried in sixty kitchens like yours, with hands as quick as planned.
          </p>
        )}
        <AddMilk items={items} now={now} />
      </section>
      {shown && shown.fridge.length > 0 && <p className="alert alert-warning">{fridgeText(shown.fridge, items)}</p>}
      {wide && agenda}
      {shown && shown.carried.length > 0 && <p className="alert alert-info">{carriedText(shown.carried, items)}</p>}
      <div className="print:hidden">
        <HoursPart hours={clock.hours} kit={kit} now={now} />
      </div>
      {shown && block && (
        <BlockSheet clock={clock} shown={shown} block={block} kit={kit} now={now} onClose={() => choose(null)} />
      )}
    </div>
  );
}
