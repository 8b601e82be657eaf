import { instantOf } from '@ironpan/core/schedule';
import { duration, join } from '@ironpan/core/words';
import type { Kit } from '@ironpan/core/kitchen';
import { milkOf } from '@ironpan/core/words';
import { dressOf } from '../../drawings/foodStyle';
import { leaveOut, timeId } from '../../store/rhythms';
import type { RhythmNow } from '../../store/rhythms';
import { changeWish, removeWish, restoreWish } from '../../store/wishes';
import { litresText } from './litres';
import { NotSaved } from '../../ui/NotSaved';
import { dayLong, hourMinute, whenOf } from '../../ui/times';
import { putBack, tell } from '../../ui/toast';
import { useEdits } from '../../ui/useEdits';
import type { Edits } from '../../ui/useEdits';
import { thingName } from '../words';
import type { AheadNow } from './useAhead';
import type { AheadRow } from './rows';

interface FortnightPartProps {
  readonly ahead: AheadNow;
  readonly kit: Kit;
  readonly now: number;
}
type Line = { readonly at: number; readonly row: AheadRow } | { readonly at: number; readonly out: Out };
interface Out {
  readonly id: string;
  readonly rhythm: RhythmNow;
}
const FORTNIGHT_MS = 14 * 24 * 3_600_000;

/** The next fortnight by days: what is wanted, from when it takes somebody, and whether it is needed at all. */
export function FortnightPart({ ahead, kit, now }: FortnightPartProps) {
  const edits = useEdits();
  const lines: readonly Line[] = [
    ...ahead.rows.map((row) => ({ at: row.wish.byAt ?? row.readyAt ?? now, row })),
    ...ahead.rhythms.flatMap((rhythm) =>
      rhythm.without
        .map((s) => ({ at: instantOf(s), out: { id: timeId(rhythm.id, s), rhythm } }))
        .filter((o) => o.at > now && o.at < now + FORTNIGHT_MS),
    ),
  ].toSorted((a, b) => a.at - b.at);
  const days = [...new Set(lines.map((l) => new Date(l.at).toDateString()))];
  return (
    <section aria-label="The next fortnight" className="plate p-4">
      <h2 className="text-xl">The next fortnight</h2>
      {lines.length === 0 && <p className="quiet">Nothing is wanted yet.</p>}
      <ol>
        {days.map((day) => {
          const of = lines.filter((l) => new Date(l.at).toDateString() === day);
          const at = of[0]?.at ?? now;
          return (
            <li key={day} className="rowline grid gap-x-4 py-2 wide:grid-cols-[7rem_1fr]">
              <h3 className="text-base font-semibold">{dayLong(at)}</h3>
              <ul>
                {of.map((l) =>
                  'row' in l ? (
                    <Made key={l.row.wish.id} {...{ row: l.row, kit, now, edits }} />
                  ) : (
                    <LeftOut key={l.out.id} {...{ out: l.out, at: l.at, now, edits }} />
                  ),
                )}
              </ul>
            </li>
          );
        })}
      </ol>
      {ahead.failed !== null && (
        <p role="alert" className="alert alert-error">
          The days to come could not be worked out: {ahead.failed}.
        </p>
      )}
      {ahead.share !== null ? (
        <p className="mt-2 flex items-center gap-3 print:hidden">
          <progress className="progress w-40" value={ahead.share} max={1} aria-label="Placing the days to come" />
          <span className="quiet">The days to come are put in place.</span>
        </p>
      ) : (
        ahead.rows.some((r) => !r.settled && r.known) && (
          <p className="small quiet mt-2">
            What is more than three days away is as it looks now; the clock settles it when it is near.
          </p>
        )
      )}
      <NotSaved of={edits} />
    </section>
  );
}
const SWATCH = 'mt-1 size-5 shrink-0 rounded-sm';
function Made({
  row: r,
  kit,
  now,
  edits,
}: {
  readonly row: AheadRow;
  readonly kit: Kit;
  readonly now: number;
  readonly edits: Edits;
}) {
  const { wish } = r;
  return (
    <li className="flex gap-3 py-1" aria-label={wish.name}>
      <span aria-hidden="true" className={SWATCH} style={{ ...dressOf(r.milk), border: '1px solid var(--edge)' }} />
      <div className="min-w-0 flex-1">
        <p>
          <b>{wish.name}</b>
          {r.ml !== null && <span className="num"> · {litresText(r.ml)}</span>}
          {wish.byAt !== null && (
            <>
              {' '}
              for <span className="num">{hourMinute(wish.byAt)}</span>
            </>
          )}
          <span className="quiet"> · {whenText(r, kit, now)}</span>
        </p>
        {r.left && r.instead && r.instead.is !== 'asItIs' && (
          <div className="alert mt-1 flex-wrap print:hidden">
            <span>
              About {litresText(r.left.ml)} of what stands will be left by then
              {r.left.untilAt !== null && <>, good until {whenOf(r.left.untilAt, now)}</>}. Drink that first.
            </span>
            {r.instead.is === 'less' && (
              <button
                type="button"
                className="btn btn-outline"
                onClick={() => {
                  if (r.instead?.is !== 'less') return;
                  const { ml } = r.instead;
                  edits.run('how much is made', () => changeWish(wish.id, { ml }, now));
                }}
              >
                Make only {litresText(r.instead.ml)}
              </button>
            )}
            <button
              type="button"
              className="btn btn-outline"
              onClick={() =>
                edits.run('that it is left out', async () => {
                  await removeWish(wish.id, now);
                  tell(
                    `${wish.name} is left out this time.`,
                    putBack('It', () => restoreWish(wish, now)),
                  );
                })
              }
            >
              Leave it out this time
            </button>
          </div>
        )}
        {r.left && r.left.turnsMl >= TURNS_ML && (
          <p className="small">
            About {litresText(r.left.turnsMl)} that is there before then will not be drunk in time, at the pace of this
            rhythm.
          </p>
        )}
      </div>
    </li>
  );
}
/** Less than this is no more than what clings to a jar, ml. */
const TURNS_ML = 150;
function whenText(r: AheadRow, kit: Kit, now: number): string {
  if (r.cannot?.why === 'order') return 'it cannot be made as its plan stands: open the plan, it says what is wrong';
  if (r.cannot) return `it needs ${r.cannot.things.map((t) => thingName(kit, t)).join(' and ')}, out of use`;
  if (!r.known) return 'not placed yet';
  if (r.beginsAt === null || r.readyAt === null) return 'there is no time for it in the hours in which you are there';
  // Beside the day on which it is wanted.
  const day = r.wish.byAt ?? now;
  const begins = r.beginsAt < now ? 'begun' : `begin ${whenOf(r.beginsAt, day)}`;
  return `${begins}, ready ${whenOf(r.readyAt, day)}${r.lateS > 0 ? `, ${join(duration(r.lateS))} late` : ''}`;
}
function LeftOut({
  out,
  at,
  now,
  edits,
}: {
  readonly out: Out;
  readonly at: number;
  readonly now: number;
  readonly edits: Edits;
}) {
  return (
    <li className="flex flex-wrap items-center gap-3 py-1 print:hidden">
      <span
        aria-hidden="true"
        className={SWATCH}
        style={{ ...dressOf(milkOf(out.rhythm.recipe)), border: '1px solid var(--edge)', opacity: 0.4 }}
      />
      <span className="quiet">
        <s>{out.rhythm.name}</s>, for {hourMinute(at)}: left out
      </span>
      <button
        type="button"
        className="btn btn-outline btn-sm"
        aria-label={`Take ${out.rhythm.name} in again, ${whenOf(at, now)}`}
        onClick={() => edits.run('that it is taken in', () => leaveOut(out.id, false, now))}
      >
        Take it in again
      </button>
    </li>
  );
}
