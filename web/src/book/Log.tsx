import { everyStep, inOrder } from '@ironpan/core/batch';
import type { BatchEvent } from '@ironpan/core/batch';
import { kindOf } from '@ironpan/core/steps';
import { fromInner, plain } from '@ironpan/core/units';
import {
  ABANDONED_WHY,
  duration,
  join,
  millilitres,
  rescueDone,
  SKIPPED_WHY,
  taskName,
  TROUBLE_NAMES,
  whyText,
} from '@ironpan/core/words';
import type { Running } from '../live/running';
import { fullDate, hourMinute } from '../ui/times';

/** The log as it was written; nothing in it is ever changed. */
export function Log({ r }: { readonly r: Running }) {
  const events = inOrder(r.events).filter((e) => e.is !== 'stirred' && (e.is !== 'begun' || taskTimed(e, r)));
  return (
    <section aria-label="Log" className="plate p-4">
      <h2 className="mb-2 text-xl">Log</h2>
      {events.length === 0 && <p className="quiet">Nothing yet.</p>}
      <ol>
        {events.map((e, i) => {
          const day = new Date(e.at).toDateString();
          const before = events[i - 1];
          const newDay = !before || new Date(before.at).toDateString() !== day;
          return (
            <li key={e.id} className="rowline grid grid-cols-[5rem_minmax(0,1fr)] gap-x-3 py-1">
              <span className="num small pt-0.5">{hourMinute(e.at)}</span>
              <span>
                {say(e, r)}
                {newDay && <span className="quiet small"> · {fullDate(e.at).split(',').slice(0, 2).join(',')}</span>}
              </span>
            </li>
          );
        })}
      </ol>
    </section>
  );
}

const stepOf = (r: Running, id: string) => everyStep(r.batch.recipe, r.events).find((s) => s.id === id);
function taskTimed(e: BatchEvent, r: Running): boolean {
  if (e.is !== 'begun') return true;
  return r.progress.tasks.some((t) => t.step.id === e.step && t.task.id === e.task && t.task.timed);
}
function nameOf(r: Running, step: string, task: string): string {
  const s = stepOf(r, step);
  return s ? taskName(s, task, kindOf(s.kind).label) : step;
}
const sentence = (what: string, why: string, between = ', '): string =>
  why === '' ? what : `${what}${between}${why.toLowerCase()}`;
/** Who told a reading, where it was not the cook. */
const TOLD_BY = {
  cook: '',
  demo: '',
  clock: ', by the clock',
  probe: ', by the probe',
  scale: ', by the scale',
  ear: ', by the ear',
} as const;
const UNIT = { g: 'g', C: '°C', s: 's', min: 'min', h: 'h', count: '' } as const;
function say(e: BatchEvent, r: Running): string {
  switch (e.is) {
    case 'begun':
      return `${nameOf(r, e.step, e.task)}: begun`;
    case 'ended':
      return `${nameOf(r, e.step, e.task)}: done`;
    case 'skipped':
      return sentence(`${nameOf(r, e.step, '')}: left out`, whyText(SKIPPED_WHY, e.why, e.text));
    case 'back':
      return `Back to ${nameOf(r, e.step, '').toLowerCase()}`;
    case 'reading': {
      const s = stepOf(r, e.reading.step);
      const spec = s ? kindOf(s.kind).readings[e.reading.what] : undefined;
      if (!spec) return `${e.reading.what}: ${e.reading.value}`;
      const v = fromInner(e.reading.value, spec.shown);
      // What is whole needs no tenths.
      const tenths = Math.abs(v) < 100 && Math.abs(v - Math.round(v)) >= 0.05;
      return `${spec.label}: ${plain(v, tenths ? 1 : 0)} ${UNIT[spec.shown]}${TOLD_BY[e.reading.source]}`;
    }
    case 'paused':
      return e.step === undefined ? 'Paused' : `${nameOf(r, e.step, e.task ?? '')}: paused`;
    case 'resumed':
      return e.step === undefined ? 'Went on' : `${nameOf(r, e.step, e.task ?? '')}: went on`;
    case 'abandoned':
      return sentence('Abandoned', whyText(ABANDONED_WHY, e.why, e.text), ': ');
    case 'clockSet':
      return `The clock was set ${e.byMs < 0 ? 'back' : 'on'} by ${join(duration(Math.abs(e.byMs) / 1000))}; timers went on as before`;
    case 'note':
      return `“${e.text}”`;
    case 'stirred':
      return 'Stirred';
    case 'edited':
      return `Against ${TROUBLE_NAMES[e.against]}: ${rescueDone(e.edits, r.progress.recipe, everyStep(r.batch.recipe, r.events))}`;
    case 'undone': {
      const of = r.events.find((x) => x.id === e.of);
      return of?.is === 'edited' ? `Taken back: against ${TROUBLE_NAMES[of.against]}` : 'Taken back';
    }
    case 'filled':
      return `Filled: ${e.into.map((v) => `${v.name} ${join(millilitres(v.ml))}`).join(', ')}`;
  }
}
