import { jarNow, lineAt, warmSpells } from '@ironpan/core/batch';
import type { FridgeLine } from '@ironpan/core/batch';
import { groupBy } from '@ironpan/core/numerics';
import { COLD_C } from '@ironpan/core/steps';
import { plain } from '@ironpan/core/units';
import { duration, join, roughly, upper } from '@ironpan/core/words';
import { useMemo, useState } from 'react';
import { useLive } from '../../live/live';
import type { ShelfJar } from '../../live/shelf';
import { useKit } from '../../live/useKitchen';
import { fridgeLog } from '../../store/jars';
import { AsTable } from '../../ui/AsTable';
import { Dialog } from '../../ui/Dialog';
import { fullDate, whenOf } from '../../ui/times';
import { AFTER_PAGE_MS, useAfter } from '../../ui/useAfter';
import { FridgeChart } from './FridgeChart';
import { Logger } from './Logger';

const DAY = 86_400_000;
/** So much of the past is drawn. */
const SHOWN_DAYS = 14;
/** Jars named; more of them say the same. */
const MOST = 4;
/** Warm for less than this was its door, not the fridge, ms. */
const DOOR_MS = 2 * 3_600_000;
/** A gain below this is none, s. */
const WORTH_S = 1800;

/** The fridge itself: how warm it was, when it was too warm, and what a degree less would give every jar in it. */
export function FridgePart({ jars, now }: { readonly jars: readonly ShelfJar[]; readonly now: number }) {
  const kit = useKit();
  const log = useLive(['fridge'], fridgeLog).data;
  const [reading, setReading] = useState(false);
  const settled = useAfter(AFTER_PAGE_MS);
  const hour = Math.floor(now / 3_600_000) * 3_600_000;
  const seen = useMemo(() => {
    if (!log || !kit) return null;
    const from = hour - SHOWN_DAYS * DAY;
    const until = hour + 3_600_000;
    const lines = shownLines(log, from, until, kit.fridgeC);
    return { lines, from, until, spells: warmSpells(lines, from, until, COLD_C) };
  }, [log, kit, hour]);
  const gains = useMemo(
    () => (settled && log && kit ? colder(jars, log, lineAt(log, now)?.placeC ?? kit.fridgeC, now) : []),
    // By the jars, which are told anew at each minute: not at each second.
    // oxlint-disable-next-line react/exhaustive-deps
    [settled, jars, log, kit],
  );
  if (!kit || !log || !seen || !settled) return null;
  const told = log.some((l) => l.hottestC !== undefined && l.at >= seen.from);
  const nowC = lineAt(log, now)?.placeC ?? kit.fridgeC;
  return (
    <section aria-label="The fridge" className="plate p-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1">
        <h2 className="text-xl">The fridge</h2>
        <button type="button" className="btn btn-outline" onClick={() => setReading(true)}>
          Read a logger’s file
        </button>
      </div>
      <FridgeChart lines={seen.lines} from={seen.from} until={seen.until} />
      <AsTable
        heads={['from', 'fridge', 'warmest']}
        rows={seen.lines.map((l) => [
          fullDate(l.at),
          `${plain(l.placeC, 1)} °C`,
          l.hottestC === undefined ? '' : `${plain(l.hottestC, 1)} °C`,
        ])}
      />
      <p className="mt-1">
        {told
          ? spellsText(seen.spells, now)
          : `Set to ${plain(nowC, 1)} °C; no logger has told how warm it really is. A file of one, or a thermometer in a glass of water, says more than the dial.`}
      </p>
      {gains.length > 0 && (
        <>
          <p className="mt-2">A degree colder, from now on (an estimate):</p>
          <ul>
            {gains.slice(0, MOST).map((g) => (
              <li key={g.jar} className="flex justify-between gap-3">
                <span>{g.name}</span>
                <span className="num">+{join(roughly(g.moreS))}</span>
              </li>
            ))}
          </ul>
          <p className="quiet small">
            {gains.length > MOST ? `And ${gains.length - MOST} more. ` : ''}What ends with the usual cap gains nothing.
          </p>
        </>
      )}
      {reading && (
        <Dialog title="Read a logger’s file" onClose={() => setReading(false)}>
          <Logger now={now} onDone={() => setReading(false)} />
        </Dialog>
      )}
    </section>
  );
}

function spellsText(
  spells: readonly { readonly from: number; readonly to: number; readonly hottestC: number }[],
  now: number,
): string {
  if (spells.length === 0) return `As far as a logger told, never warmer than ${COLD_C} °C.`;
  const long = spells.filter((s) => s.to - s.from >= DOOR_MS).sort((a, b) => b.to - b.from - (a.to - a.from));
  const doors = spells.length - long.length;
  const short =
    doors === 0
      ? ''
      : ` ${doors === 1 ? 'One shorter while' : `${doors} shorter whiles`}, as when its door stands open.`;
  const [longest] = long;
  if (!longest) return `As far as a logger told, never warmer than ${COLD_C} °C for two hours.${short}`;
  const many = long.length === 1 ? 'Once' : `${long.length} times`;
  return `${many} warmer than ${COLD_C} °C; the longest ${join(duration((longest.to - longest.from) / 1000))}, from ${whenOf(longest.from, now)}, up to ${plain(longest.hottestC, 1)} °C.${short} The jars that stood in it are reckoned so.`;
}
/** The log in a while, with what held at its beginning. */
function shownLines(log: readonly FridgeLine[], from: number, until: number, usualC: number): readonly FridgeLine[] {
  const before = lineAt(log, from);
  const first = { ...(before ?? { placeC: usualC }), at: from };
  return [first, ...log.filter((l) => l.at > from && l.at < until)];
}
/** How much longer each jar in the fridge would have there, a degree colder. */
function colder(jars: readonly ShelfJar[], log: readonly FridgeLine[], nowC: number, now: number) {
  const then = [...log.filter((l) => l.at <= now), { at: now, placeC: nowC - 1 }];
  const all = jars
    .flatMap((j) => {
      if (j.now.place !== 'fridge' || !j.now.keep || j.now.keep.s <= 0) return [];
      const s = jarNow(j.jar, j.events, j.batch, then, now + 1).keep?.s ?? 0;
      const name = `${upper(j.name)}, batch ${j.batch.number}`;
      return s - j.now.keep.s >= WORTH_S ? [{ jar: j.jar.id, name, moreS: s - j.now.keep.s }] : [];
    })
    .sort((a, b) => b.moreS - a.moreS);
  // Jars of one milk gain the same: one line.
  return [...groupBy(all, (g) => g.name).values()].flatMap((same) => {
    const [first] = same;
    return first ? [same.length > 1 ? { ...first, name: `${first.name}, ${same.length} jars` } : first] : [];
  });
}
