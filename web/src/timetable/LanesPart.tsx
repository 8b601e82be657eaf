import type { Kit } from '@ironpan/core/kitchen';
import { ICE_BATH, offBetween, OVEN } from '@ironpan/core/schedule';
import { useMemo } from 'react';
import { axisOf, LABEL } from '../drawings/laneAxis';
import { Lanes } from '../drawings/Lanes';
import type { Lane, LaneBlock } from '../drawings/Lanes';
import type { Shown, ShownBlock } from '../offload/clockView';
import { fixStep } from '../store/wishes';
import { NotSaved } from '../ui/NotSaved';
import { hourMinute, weekday, whenOf } from '../ui/times';
import { tell } from '../ui/toast';
import { useEdits } from '../ui/useEdits';
import { useWidth } from '../ui/useWidth';
import { nameIn } from './words';
import type { Clock } from './useClock';

interface LanesPartProps {
  readonly clock: Clock;
  readonly shown: Shown;
  readonly kit: Kit;
  readonly now: number;
  readonly chosen: string | null;
  readonly onChoose: (block: string) => void;
}
/** What is longer than this and takes nobody is drawn on the lane of what goes by itself, ms. */
const BY_ITSELF = 10 * 60_000;
const EDGE = 15 * 60_000;

/** The timetable drawn: you and each thing on a lane. On a phone the list below says it. */
export function LanesPart({ clock, shown, kit, now, chosen, onChoose }: LanesPartProps) {
  const [ref, whole] = useWidth(900);
  const edits = useEdits();
  const scale = parseFloat(getComputedStyle(document.documentElement).fontSize) / 16;
  const width = Math.max(300, whole - LABEL * scale);
  const all = useMemo(() => {
    const ends = [
      ...shown.blocks.flatMap((b) => [b.from, b.to]),
      ...clock.items.flatMap((i) => (i.wish?.byAt != null && i.wish.byAt > now ? [i.wish.byAt] : [])),
    ];
    return { from: Math.min(...ends) - EDGE, to: Math.max(...ends) + EDGE };
  }, [shown, clock.items, now]);
  const lanes = useMemo(() => lanesOf(clock, shown, kit, now), [clock, shown, kit, now]);
  const axis = useMemo(() => {
    const busy = shown.blocks.flatMap((b) => b.parts.filter((p) => p.hands !== 'free'));
    return axisOf(
      all,
      busy,
      width,
      lanes.flatMap((l) => l.blocks),
    );
  }, [all, shown, width, lanes]);
  // What does not fit is scrolled, by keys too.
  const wider = axis.width > width + 1;
  const off = useMemo(() => offBetween(clock.hours, all.from, all.to), [clock.hours, all]);
  const move = (id: string, to: number): void => {
    const b = shown.blocks.find((x) => x.id === id);
    const item = clock.items.find((i) => i.id === b?.milk);
    if (!b || !item?.wish) return;
    const at = Math.max(now, to);
    edits.run(`where “${b.title}” stands`, async () => {
      await fixStep(item.id, b.step, at, now);
      tell(`“${b.title}” now stands at ${whenOf(at, now)}.`, {
        label: 'Let it go',
        run: () => edits.run(`that “${b.title}” is let go`, () => fixStep(item.id, b.step, null, now)),
      });
    });
  };
  return (
    <section aria-label="Timetable" className="plate overflow-clip p-4 print:hidden">
      <div ref={ref} className="overflow-x-auto" {...(wider && { tabIndex: 0, role: 'group', 'aria-label': 'Lanes' })}>
        <Lanes
          {...{ axis, lanes, now, chosen, onChoose }}
          off={off}
          hour={hourMinute}
          day={weekday}
          scale={scale}
          wanted={clock.items.flatMap((i) => (i.wish?.byAt == null ? [] : [{ at: i.wish.byAt, milk: i.milk }]))}
          onMove={move}
        />
      </div>
      <p className="small quiet mt-2">
        Filled: your hands. Dashed: an eye on it. Open: it stands by itself. The dashed line: wanted by then. Drag a
        step, or move it with the arrow keys; the rest is put around it. Press it to ask why then.
      </p>
      <NotSaved of={edits} />
    </section>
  );
}

function lanesOf(clock: Clock, shown: Shown, kit: Kit, now: number): readonly Lane[] {
  const of = (b: { readonly milk: string }) => clock.items.find((i) => i.id === b.milk);
  const block = (b: ShownBlock, part: ShownBlock['parts'][number], takes: LaneBlock['takes'], n = 0): LaneBlock => ({
    ...{ id: b.id, key: `${b.id} ${n}`, milk: of(b)?.milk ?? '', text: b.title, from: part.from, to: part.to, takes },
    name: `${b.title}, ${nameIn(clock.items, b.milk)}, ${whenOf(part.from, now)} to ${whenOf(part.to, now)}`,
    moves: b.stands !== 'begun' && of(b)?.wish !== null,
  });
  const you = shown.blocks.flatMap((b) => {
    const mine = b.parts.filter((p) => p.hands !== 'free' && p.to > p.from);
    // Loads of a jug are one piece of work to look at.
    const [first, last] = [mine[0], mine.at(-1)];
    return first && last
      ? [block(b, { ...first, to: last.to }, mine.some((p) => p.hands === 'busy') ? 'busy' : 'near')]
      : [];
  });
  const alone = shown.blocks.flatMap((b) =>
    b.parts.filter((p) => p.hands === 'free' && p.to - p.from >= BY_ITSELF).map((p, i) => block(b, p, 'free', i)),
  );
  const things = [...new Set(shown.uses.map((u) => u.thing))].map((thing): Lane => ({
    name:
      thing === ICE_BATH || thing === OVEN ? capital(thing) : (kit.things.find((t) => t.id === thing)?.name ?? thing),
    blocks: shown.uses
      .filter((u) => u.thing === thing)
      .map((u) => ({
        ...{
          id: u.block,
          key: `${u.block} ${u.from}`,
          milk: of(u)?.milk ?? '',
          text: nameIn(clock.items, u.milk),
          from: u.from,
          to: u.to,
        },
        ...{ takes: 'busy' as const, moves: false },
        name: `${nameIn(clock.items, u.milk)}, ${whenOf(u.from, now)} to ${whenOf(u.to, now)}`,
      })),
  }));
  return [{ name: 'You', blocks: you }, ...(alone.length > 0 ? [{ name: 'By itself', blocks: alone }] : []), ...things];
}
const capital = (s: string): string => s.charAt(0).toUpperCase() + s.slice(1);
