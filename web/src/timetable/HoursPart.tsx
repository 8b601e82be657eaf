import type { Kit } from '@ironpan/core/kitchen';
import type { Hours, Once, Spell } from '@ironpan/core/schedule';
import { Trash2 } from 'lucide-react';
import { saveHours } from '../store/hours';
import { newId } from '../store/ids';
import { NotSaved } from '../ui/NotSaved';
import { SelectField } from '../ui/SelectField';
import { whenOf } from '../ui/times';
import { useEdits } from '../ui/useEdits';
import { WhenField } from '../ui/WhenField';
import { FromCalendar } from './CalendarPart';
import { SpellRow } from './SpellRow';

interface HoursPartProps {
  readonly hours: Hours;
  readonly kit: Kit;
  readonly now: number;
}
const HOUR = 3_600_000;
const SHOWN = 8;
const SPARE = [0, 5, 10, 15, 20, 30, 45, 60];

/** When somebody is there, how many, and with what of the kit. */
export function HoursPart({ hours, kit, now }: HoursPartProps) {
  const edits = useEdits();
  const change = (f: (h: Hours) => Hours): void => edits.run('these hours', () => saveHours(f, now));
  // Each change is laid on what is kept by then: two fields that are changed at once both count.
  const laid = <T extends { readonly id: string }>(all: readonly T[], id: string, part: Partial<T> | null): T[] =>
    all.flatMap((x) => (x.id !== id ? [x] : part === null ? [] : [{ ...x, ...part }]));
  const spell = (id: string, part: Partial<Spell> | null): void =>
    change((h) => ({ ...h, weekly: laid(h.weekly, id, part) }));
  const once = (id: string, part: Partial<Once> | null): void =>
    change((h) => ({ ...h, once: laid(h.once, id, part) }));
  const coming = hours.once.filter((o) => o.to > now).toSorted((a, b) => a.from - b.from);
  // A calendar is long: its first lines show that it was read.
  const ahead = coming.filter((o, i) => o.source === 'hand' || i < SHOWN);
  return (
    <section aria-label="When you are there" className="plate p-4">
      <h2 className="text-xl">When you are there</h2>
      <p className="quiet mb-2">Nothing is put where you sleep or are away; what stands by itself may stand then.</p>
      <ul>
        {hours.weekly.map((s) => (
          <SpellRow key={s.id} spell={s} onChange={(x) => spell(s.id, x)} />
        ))}
        {ahead.map((o) => (
          <li key={o.id} className="rowline flex flex-wrap items-end gap-3 py-2">
            {o.source === 'calendar' ? (
              <p className="grow self-center">
                away {whenOf(o.from, now)} to {whenOf(o.to, now)}{' '}
                <span className="quiet">{o.text === '' ? 'by your calendar' : `by your calendar: ${o.text}`}</span>
              </p>
            ) : (
              <>
                <SelectField
                  label="once"
                  value={o.what}
                  options={[
                    ['away', 'away'],
                    ['asleep', 'asleep'],
                    ['there', 'there after all'],
                  ]}
                  onChange={(what) => once(o.id, { what: what as Once['what'] })}
                />
                <WhenField
                  label="from"
                  value={o.from}
                  now={0}
                  onChange={(from) => once(o.id, { from, to: Math.max(o.to, from + HOUR) })}
                />
                <WhenField
                  label="to"
                  value={o.to}
                  now={o.from + 60_000}
                  tooEarly="It cannot end before it begins."
                  onChange={(to) => once(o.id, { to })}
                />
              </>
            )}
            <button
              type="button"
              className="btn btn-outline"
              aria-label={`Take away: ${o.what}, ${whenOf(o.from, now)}`}
              onClick={() => once(o.id, null)}
            >
              <Trash2 size={18} aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap items-end gap-3">
        <button
          type="button"
          className="btn btn-outline"
          onClick={() =>
            change((h) => ({
              ...h,
              weekly: [
                ...h.weekly,
                { id: newId('spell'), what: 'away', days: [1, 2, 3, 4, 5], fromMin: 9 * 60, toMin: 17 * 60 },
              ],
            }))
          }
        >
          Away every week
        </button>
        <button
          type="button"
          className="btn btn-outline"
          onClick={() => {
            const from = Math.ceil(now / HOUR) * HOUR;
            const o: Once = { id: newId('once'), what: 'away', from, to: from + 2 * HOUR, text: '', source: 'hand' };
            change((h) => ({ ...h, once: [...h.once, o] }));
          }}
        >
          Away, or there, once
        </button>
        <SelectField
          label="who cooks"
          value={String(hours.cooks)}
          options={[
            ['1', 'one'],
            ['2', 'two'],
          ]}
          onChange={(n) => change((h) => ({ ...h, cooks: Number(n) }))}
        />
        <SelectField
          label="to spare before it is wanted"
          value={String(hours.spareMin)}
          options={SPARE.map((m) => [String(m), m === 0 ? 'nothing' : `${m} min`] as const)}
          onChange={(m) => change((h) => ({ ...h, spareMin: Number(m) }))}
        />
      </div>
      <fieldset className="mt-3">
        <legend className="small quiet">out of use (lent, broken, in the wash)</legend>
        <div className="flex flex-wrap gap-x-5">
          {kit.things
            .filter((t) => t.is !== 'jar')
            .map((t) => (
              <label key={t.id} className="flex min-h-11 items-center gap-2">
                <input
                  type="checkbox"
                  className="checkbox"
                  checked={hours.outOfUse.includes(t.id)}
                  onChange={(e) => {
                    const out = e.target.checked;
                    change((h) => ({
                      ...h,
                      outOfUse: out ? [...new Set([...h.outOfUse, t.id])] : h.outOfUse.filter((x) => x !== t.id),
                    }));
                  }}
                />
                {t.name}
              </label>
            ))}
        </div>
      </fieldset>
      <FromCalendar hours={hours} now={now} />
      <NotSaved of={edits} />
    </section>
  );
}
