import { lastSeq } from '@ironpan/core/batch';
import { CalendarPlus } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { now as nowMs } from '../clock';
import type { Doing } from '../live/doings';
import type { ToDo } from '../live/toDo';
import type { Running } from '../live/running';
import type { ShelfJar } from '../live/shelf';
import { useNext } from '../live/useNext';
import { answer, noteAndAnswer } from '../store/answers';
import { appendToJar, takeBack } from '../store/jars';
import { download } from '../ui/download';
import { NotSaved } from '../ui/NotSaved';
import { whenOf } from '../ui/times';
import { putBack, tell } from '../ui/toast';
import { useWrite } from '../ui/useWrite';
import type { Write } from '../ui/useWrite';
import { Remind } from './Remind';

/** Shown before the rest is asked for: beside the boards, and above them on a phone. */
const MOST = { wide: 6, narrow: 2 } as const;
/** "Later" is so much later, but not in the night. */
const LATER_MS = 3 * 3_600_000;
const NIGHT = { from: 21, to: 8 } as const;

interface NextProps {
  readonly jars: readonly ShelfJar[];
  readonly batches: readonly Running[];
  readonly now: number;
  readonly onOpen: (jar: string, begin: Doing | null) => void;
}
/** What to do next, in order of when: done, later or no, a press each; all of it can be reached. */
export function Next({ jars, batches, now, onOpen }: NextProps) {
  const [all, setAll] = useState(false);
  const [put, setPut] = useState(false);
  const write = useWrite();
  const { open, off } = useNext(jars, batches, now);
  const on = { jars, batches, now, onOpen, write };
  const save = (): void =>
    write.run(
      'the calendar file',
      // Its writer is a heavy part, and seldom asked for.
      async () => (await import('../ui/calendar')).calendarFile(open, now),
      (text) => download('ironpan.ics', new Blob([text], { type: 'text/calendar' })),
    );
  return (
    <section aria-label="Next" className="plate p-4">
      <h2 className="mb-1 text-xl">Next</h2>
      {open.length === 0 && <p className="quiet">Nothing is waiting for you.</p>}
      <ul>
        {(all ? open : open.slice(0, MOST.wide)).map((i, n) => (
          <Row key={i.key} i={i} of={on} hidden={!all && n >= MOST.narrow} />
        ))}
      </ul>
      <NotSaved of={write} />
      {open.length > MOST.narrow && (
        <button
          type="button"
          className={`btn btn-outline mt-2 w-full ${open.length > MOST.wide ? '' : 'wide:hidden'}`}
          aria-expanded={all}
          onClick={() => setAll(!all)}
        >
          {all ? 'Only what comes first' : `All ${open.length} of them`}
        </button>
      )}
      {off.length > 0 && (
        <>
          <button
            type="button"
            className="link small mt-2 min-h-8"
            aria-expanded={put}
            onClick={() => setPut(!put)}
          >{`${off.length} put off`}</button>
          {put && (
            <ul>
              {off.map((i) => (
                <li key={i.key} className="rowline flex flex-wrap items-center justify-between gap-x-3 py-1.5">
                  <span className="quiet min-w-0">{i.text}</span>
                  <button
                    type="button"
                    className="link small min-h-8"
                    onClick={() => write.run('that it is asked again', () => answer(i.keys, null, nowMs()))}
                  >
                    Ask again
                  </button>
                </li>
              ))}
            </ul>
          )}
        </>
      )}
      {open.length > 0 && (
        <div className="mt-2 flex flex-wrap items-center gap-x-4">
          <button type="button" className="link small flex min-h-11 items-center gap-1.5" onClick={save}>
            <CalendarPlus size={17} aria-hidden="true" />
            Into my calendar
          </button>
          <Remind />
        </div>
      )}
    </section>
  );
}

interface On extends NextProps {
  readonly write: Write;
}
function Row({ i, of, hidden }: { readonly i: ToDo; readonly of: On; readonly hidden: boolean }) {
  const { now, onOpen } = of;
  return (
    <li className={`rowline grid-cols-[5.2rem_minmax(0,1fr)] gap-x-3 py-2 ${hidden ? 'hidden wide:grid' : 'grid'}`}>
      <span className="num pt-0.5 text-[0.92rem]" style={i.urgent ? { color: 'var(--flame-text)' } : undefined}>
        {i.at <= now ? 'now' : whenOf(i.at, now)}
      </span>
      <span>
        {i.to !== undefined ? (
          <Link to={i.to} className="link">
            {i.text}
          </Link>
        ) : (
          <button type="button" className="link" onClick={() => onOpen(i.jar ?? '', i.begin ?? null)}>
            {i.text}
          </button>
        )}
        <span className="quiet small block">
          {i.more}
          {i.or && (
            <>
              :{' '}
              <button type="button" className="link" onClick={() => onOpen(i.jar ?? '', i.or?.begin ?? null)}>
                {i.or.text}
              </button>
            </>
          )}
        </span>
        <Answers i={i} of={of} />
      </span>
    </li>
  );
}
/** Done, later, no: each can be taken back. What somebody might drink is never waved away. */
function Answers({ i, of }: { readonly i: ToDo; readonly of: On }) {
  const { jars, batches, now, write } = of;
  const off = (until: number | null, told: string): void =>
    write.run(
      'that it is put off',
      () => answer(i.keys, { until, at: nowMs() }, nowMs()),
      () => {
        tell(
          told,
          putBack('that', () => answer(i.keys, null, nowMs()), 'Take it back'),
        );
      },
    );
  const later = laterThan(now);
  return (
    <span className="flex gap-x-5">
      {(i.done ?? i.note) && <Say name="Done" of={i} onPress={() => done(i, jars, batches, write)} />}
      {(i.to === undefined || i.at <= now) && (
        <Say name="Later" of={i} onPress={() => off(later, `Asked again at ${whenOf(later, now)}.`)} />
      )}
      {!i.urgent && i.to === undefined && <Say name="No" of={i} onPress={() => off(null, 'Not asked again.')} />}
    </span>
  );
}
const Say = ({ name, of, onPress }: { readonly name: string; readonly of: ToDo; readonly onPress: () => void }) => (
  <button type="button" data-once className="link small min-h-11 wide:min-h-7" onClick={onPress}>
    {name}
    <span className="sr-only"> {of.text}</span>
  </button>
);
function done(i: ToDo, jars: readonly ShelfJar[], batches: readonly Running[], write: Write): void {
  const j = jars.find((x) => x.jar.id === i.jar);
  const { done: say, note } = i;
  if (say && j)
    write.run(
      say.told.replace(/\.$/, '').toLowerCase(),
      () => appendToJar(j.jar.id, say.say, nowMs(), lastSeq(j.events)),
      ({ ids }) => {
        if (ids.length > 0)
          tell(
            say.told,
            putBack('that', () => takeBack(j.jar.id, ids, nowMs()), 'Take it back'),
          );
      },
    );
  else if (note) {
    const b = batches.find((x) => x.batch.id === note.batch);
    write.run('that it is done', () => noteAndAnswer(note, i.keys, nowMs(), b && lastSeq(b.events)));
  }
}
/** Some hours on; what would be in the night is asked in the morning. */
function laterThan(now: number): number {
  const then = new Date(now + LATER_MS);
  const h = then.getHours();
  if (h >= NIGHT.to && h < NIGHT.from) return then.getTime();
  if (h >= NIGHT.from) then.setDate(then.getDate() + 1);
  then.setHours(NIGHT.to, 0, 0, 0);
  return then.getTime();
}
