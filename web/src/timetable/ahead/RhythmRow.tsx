import { everyOf, instantOf, ruleOf, stampOf, timesOf } from '@ironpan/core/schedule';
import type { Every } from '@ironpan/core/schedule';
import { milkOf } from '@ironpan/core/words';
import { Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { dressOf } from '../../drawings/foodStyle';
import { changeRhythm, removeRhythm, restoreRhythm } from '../../store/rhythms';
import type { RhythmNow } from '../../store/rhythms';
import { NotSaved } from '../../ui/NotSaved';
import { NumberField } from '../../ui/NumberField';
import { SelectField } from '../../ui/SelectField';
import { putBack, tell } from '../../ui/toast';
import { useEdits } from '../../ui/useEdits';
import { WhenField } from '../../ui/WhenField';
import { DayButtons } from '../DayButtons';
import { everyText } from './everyText';

const AHEAD_MS = 60 * 24 * 3_600_000;
const WEEKLY = 'weeks';
/** How often, as a cook says it; the days of a week are said beside it. */
const OFTEN: readonly (readonly [string, string])[] = [
  ...[1, 2, 3, 4].map((n) => [String(n), everyText(ruleOf({ is: 'days', n }))] as const),
  [`1${WEEKLY}`, 'every week'],
  [`2${WEEKLY}`, 'every other week'],
];
const often = (e: Every): string => (e.is === 'days' ? String(e.n) : `${e.n}${WEEKLY}`);

interface RhythmRowProps {
  readonly rhythm: RhythmNow;
  /** As much as its plan makes, ml; null: not known yet. */
  readonly planMl: number | null;
  readonly now: number;
}
/** A milk that is made again and again: how often, when next, how much. */
export function RhythmRow({ rhythm: r, planMl, now }: RhythmRowProps) {
  const edits = useEdits();
  const every = everyOf(r.rule);
  const next = timesOf(r, now, now + AHEAD_MS)[0];
  const change = (parts: Parameters<typeof changeRhythm>[1]): void =>
    edits.run(`the rhythm of ${r.name}`, () => changeRhythm(r.id, parts, now));
  /** From the next time on, on the days it is to be: what was before is over. */
  const turn = (e: Every): void => {
    const at = next === undefined ? now : instantOf(next);
    change({ rule: ruleOf(e), first: stampOf(at) });
  };
  const from = (at: number): void => {
    const day = new Date(at).getDay();
    const days = every?.is === 'weeks' ? every.days : [day];
    // A week begins on one of its days: another day is added, or takes the place of the only one.
    const week = days.includes(day) ? days : days.length > 1 ? [...days, day] : [day];
    change({ first: stampOf(at), ...(every?.is === 'weeks' && { rule: ruleOf({ ...every, days: week }) }) });
  };
  const options =
    every && !OFTEN.some(([v]) => v === often(every)) ? [...OFTEN, [often(every), everyText(r.rule)] as const] : OFTEN;
  return (
    <li className="rowline flex flex-wrap items-end gap-x-3 gap-y-2 py-3" aria-label={r.name}>
      <span
        aria-hidden="true"
        className="mb-1 size-9 rounded"
        style={{ ...dressOf(milkOf(r.recipe)), border: '1.5px solid var(--edge)' }}
      />
      <div className="min-w-36 flex-1">
        <p className="text-lg leading-tight font-semibold">
          {r.planNow ? (
            <Link className="link" to={`/plan/${r.plan}`}>
              {r.name}
            </Link>
          ) : (
            r.name
          )}
        </p>
        <p className="small quiet">
          {everyText(r.rule)}
          {!r.planNow && ' · its plan was deleted; it goes by what was kept'}
          {next === undefined && ' · no time of it is ahead'}
        </p>
      </div>
      <NumberField
        label="how much"
        unit="L"
        low={0.1}
        high={20}
        width="3.6rem"
        value={r.ml !== null ? r.ml / 1000 : planMl === null ? null : Number((planMl / 1000).toFixed(2))}
        onChange={(l) => change({ ml: Math.round(l * 1000) })}
      />
      {every && (
        <SelectField
          label="how often"
          value={often(every)}
          options={options}
          onChange={(v) => {
            const n = parseInt(v, 10);
            const day = new Date(next === undefined ? now : instantOf(next)).getDay();
            turn(
              v.endsWith(WEEKLY)
                ? { is: 'weeks', n, days: every.is === 'weeks' ? every.days : [day] }
                : { is: 'days', n },
            );
          }}
        />
      )}
      {every?.is === 'weeks' && (
        <DayButtons label="on which days" days={every.days} onChange={(days) => turn({ ...every, days })} />
      )}
      <WhenField label="next wanted" value={next === undefined ? null : instantOf(next)} now={now} onChange={from} />
      <button
        type="button"
        className="btn btn-outline"
        aria-label={`End the rhythm of ${r.name}`}
        onClick={() =>
          edits.run(`the rhythm of ${r.name}`, async () => {
            await removeRhythm(r.id);
            tell(
              `${r.name} is made again and again no more.`,
              putBack('It', () => restoreRhythm(r)),
            );
          })
        }
      >
        <Trash2 size={18} aria-hidden="true" />
      </button>
      <NotSaved of={edits} />
    </li>
  );
}
