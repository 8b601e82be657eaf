import type { CalendarRead } from '@ironpan/core/formats';
import { MOST_ONCE } from '@ironpan/core/records';
import type { Hours } from '@ironpan/core/schedule';
import { CalendarPlus } from 'lucide-react';
import { useState } from 'react';
import type { ClockItem } from '../offload/clockItems';
import type { Shown } from '../offload/clockView';
import { askCalendar } from '../offload';
import { withDeadline } from '../offload/withDeadline';
import { saveHours } from '../store/hours';
import { newId } from '../store/ids';
import { download } from '../ui/download';
import { FileField } from '../ui/FileField';
import { NotSaved } from '../ui/NotSaved';
import { tell } from '../ui/toast';
import { useWrite } from '../ui/useWrite';
import { nameIn } from './words';

/** Busy times are taken so far ahead, ms: nothing is planned beyond. */
const AHEAD = 60 * 24 * 3_600_000;

/** The timetable into a calendar, one entry a piece of work; read in again, it takes the place of the one before. */
export function IntoCalendar({
  shown,
  items,
  now,
}: {
  readonly shown: Shown;
  readonly items: readonly ClockItem[];
  readonly now: number;
}) {
  const write = useWrite();
  const save = (): void =>
    write.run(
      'the calendar file',
      async () => {
        const { calendarFile } = await import('../ui/calendar');
        const work = shown.blocks.filter((b) => b.stands !== 'begun' && b.parts.some((p) => p.hands !== 'free'));
        return calendarFile(
          work.map((b) => {
            const hands = b.parts.filter((p) => p.hands !== 'free');
            const to = hands.at(-1)?.to ?? b.to;
            return {
              ...{ key: b.id, at: b.from, text: `${b.title}: ${nameIn(items, b.milk)}` },
              ...{ more: 'By the clock of Ironpan.', takesMin: Math.max(1, Math.round((to - b.from) / 60_000)) },
            };
          }),
          now,
        );
      },
      (text) => download('ironpan-clock.ics', new Blob([text], { type: 'text/calendar' })),
    );
  return (
    <>
      <button type="button" className="btn btn-outline" onClick={save}>
        <CalendarPlus size={17} aria-hidden="true" /> Into my calendar
      </button>
      <NotSaved of={write} />
    </>
  );
}

/** Busy times of a calendar become whiles in which nobody is there; a later file takes the place of an earlier one. */
export function FromCalendar({ hours, now }: { readonly hours: Hours; readonly now: number }) {
  const [said, setSaid] = useState<string | null>(null);
  const write = useWrite();
  const had = hours.once.filter((o) => o.source === 'calendar').length;
  const keep = (read: CalendarRead & { readonly ok: true }): Promise<void> =>
    saveHours(
      (h) => ({
        ...h,
        once: [
          ...h.once.filter((o) => o.source !== 'calendar'),
          ...read.busy.map((b) => ({ ...b, id: newId('busy'), what: 'away' as const, source: 'calendar' as const })),
        ].slice(0, MOST_ONCE),
      }),
      now,
    );
  const take = (file: File): void => {
    setSaid('Reading the calendar …');
    write.run(
      'the busy times',
      async () => {
        const room = MOST_ONCE - hours.once.filter((o) => o.source === 'hand').length;
        const asked = { text: await file.text(), from: now, to: now + AHEAD, most: room };
        const read = await withDeadline(askCalendar(asked), MOST_MS, new Error(TOO_LONG)).finally(() => setSaid(null));
        if (read.ok) await keep(read);
        return read;
      },
      (read) => setSaid(readText(read, file.name)),
    );
  };
  return (
    <div className="mt-4">
      <FileField label="Busy times from a calendar (.ics)" accept=".ics,text/calendar" onFile={take} />
      {said !== null && (
        <p role="status" className="mt-1">
          {said}
        </p>
      )}
      {had > 0 && (
        <button
          type="button"
          className="btn btn-outline mt-2"
          onClick={() =>
            write.run(
              'that the busy times are gone',
              () => saveHours((h) => ({ ...h, once: h.once.filter((o) => o.source !== 'calendar') }), now),
              () => {
                setSaid(null);
                tell('The busy times of the calendar are taken away.');
              },
            )
          }
        >
          Take away its {had} busy times
        </button>
      )}
      <NotSaved of={write} />
    </div>
  );
}
const FAULTS: Readonly<Record<(CalendarRead & { readonly ok: false })['fault'], string>> = {
  empty: 'is empty',
  noCalendar: 'is no calendar (iCalendar, .ics): export it again from where it came',
  tooLarge: 'is too large: export less of it',
};
/** A calendar that takes longer to read may never end. */
const MOST_MS = 20_000;
const TOO_LONG =
  'Reading this calendar took longer than 20 seconds, so Ironpan stopped. Export a shorter span of it and try again.';
const count = (n: number, one: string, many: string): readonly string[] =>
  n === 0 ? [] : [`${n} ${n === 1 ? one : many}`];
function readText(r: CalendarRead, name: string): string {
  if (!r.ok) return `“${name}” ${FAULTS[r.fault]}. Nothing was changed.`;
  const out = [
    ...count(r.allDay, 'entry for a whole day', 'entries for whole days'),
    ...count(r.free, 'that is marked as free or not sure', 'that are marked as free or not sure'),
    ...count(r.broken.length, 'that cannot be read', 'that cannot be read'),
  ];
  const took = `${r.busy.length} busy times of the next 60 days were taken${r.cut ? ', the first of them: there are more' : ''}.`;
  const names = r.broken.length > 0 ? ` Not to be read: ${r.broken.map((b) => `“${b}”`).join(', ')}.` : '';
  const left = out.length === 0 ? '' : ` Left out: ${out.join(', ')}.${names}`;
  const zones =
    r.zones.length === 0
      ? ''
      : ` Ironpan does not know the time zone ${r.zones.map((z) => `“${z}”`).join(', ')} and read its times as local time. Check them.`;
  return `${took}${left}${zones}`;
}
