import type { Layer } from '@ironpan/core/steps';
import { useId, useRef, useState } from 'react';
import type { PointerEvent } from 'react';
import { JarShape } from '../../drawings/Jar';
import { jarInside } from '../../drawings/jarInside';
import { NumberField } from '../../ui/NumberField';
import { moveLine, NAMES, SLOTS, slotsOf, slotsThere, toLayers, toggleSlot } from './layerSlots';
import type { Slot, Slots } from './layerSlots';

const W = 132;
const H = 250;
/** Keys move a line by this share of the fill; with shift by five times as much. */
const STEP = 0.01;
const DRAWN_FULL = 0.94;
/** Room for two columns of handles, and how high one is. */
const WIDE = W + 108;
const HANDLE = 30;

interface LayerLinesProps {
  /** What is drawn: what was said, else what is expected. */
  readonly layers: readonly Layer[];
  readonly said: boolean;
  readonly onSay: (layers: readonly Layer[]) => void;
}
/** The layers of a jar, said by dragging their lines on the drawn jar, by keys, or as figures. */
export function LayerLines({ layers, said, onSay }: LayerLinesProps) {
  const svg = useRef<SVGSVGElement>(null);
  // While a line is dragged its place is known here alone: it is said, and kept, when it is let go.
  const [held, setHeld] = useState<{ readonly line: number; readonly slots: Slots } | null>(null);
  const id = useId();
  const slots = held?.slots ?? slotsOf(layers);
  const inside = jarInside(W, H);
  // However little is in it, it is drawn full: a share of the height is a share of what is there.
  const high = DRAWN_FULL * (inside.bottom - inside.top - 1);
  const top = inside.bottom - high;
  const shown = toLayers(slots);
  const lines = linesOf(slots);
  const crowded = lines.some((l, i) => i > 0 && (l.at - (lines[i - 1]?.at ?? 0)) * high < HANDLE);
  const say = (s: Slots): void => onSay(toLayers(s));
  const move = (i: number, e: PointerEvent): void => {
    const box = svg.current?.getBoundingClientRect();
    if (!box) return;
    const y = ((e.clientY - box.top) / box.height) * (H + 8);
    setHeld({ line: i, slots: moveLine(slots, i, (y - top) / high) });
  };
  const letGo = (): void => {
    if (held) say(held.slots);
    setHeld(null);
  };
  return (
    <div className="flex flex-wrap items-start gap-x-5 gap-y-2">
      <svg
        ref={svg}
        width={WIDE}
        height={H + 8}
        viewBox={`0 0 ${WIDE} ${H + 8}`}
        role="group"
        aria-label="Layers in the jar"
        className="block shrink-0 touch-none"
      >
        <JarShape
          width={W}
          height={H}
          share={DRAWN_FULL}
          fill="var(--milk)"
          layers={shown}
          seen={said || held !== null}
        />
        {lines.map(({ at, between }, i) => {
          const y = top + at * high;
          // Where two lines are close, their handles stand beside each other.
          const out = W + 8 + (i % 2 === 1 && crowded ? 48 : 0);
          return (
            <g
              key={between}
              role="slider"
              tabIndex={0}
              aria-label={`Line ${between}`}
              aria-orientation="vertical"
              aria-valuemin={0}
              aria-valuemax={100}
              aria-valuenow={Math.round(100 * (1 - at))}
              aria-valuetext={`${Math.round(100 * (1 - at))} % from the bottom`}
              className="cursor-ns-resize"
              onPointerDown={(e) => {
                e.currentTarget.setPointerCapture(e.pointerId);
                setHeld({ line: i, slots });
              }}
              onPointerMove={(e) => {
                if (held?.line === i) move(i, e);
              }}
              onPointerUp={letGo}
              onPointerCancel={() => setHeld(null)}
              onKeyDown={(e) => {
                const by = { ArrowUp: -STEP, ArrowDown: STEP, PageUp: -5 * STEP, PageDown: 5 * STEP }[e.key];
                if (by === undefined) return;
                e.preventDefault();
                say(moveLine(slots, i, at + by * (e.shiftKey ? 5 : 1)));
              }}
            >
              <rect x={0} y={y - 8} width={W} height={16} fill="transparent" />
              <rect x={out - 2} y={y - 20} width={52} height={40} fill="transparent" />
              <line x1={2} x2={out} y1={y} y2={y} stroke="var(--flame)" strokeWidth={2.5} />
              <path
                d={`M${out} ${y} l12 -13 h30 a4 4 0 0 1 4 4 v18 a4 4 0 0 1 -4 4 h-30 Z`}
                fill="var(--flame)"
                stroke="var(--iron)"
                strokeWidth={1.2}
              />
              <path
                d={`M${out + 20} ${y - 4} h18 M${out + 20} ${y} h18 M${out + 20} ${y + 4} h18`}
                stroke="var(--plate)"
                strokeWidth={2}
              />
            </g>
          );
        })}
      </svg>
      <div className="min-w-48 flex-1">
        <ul aria-label="Layers, from the top down" className="flex flex-col gap-1.5">
          {SLOTS.map((s) => (
            <li key={s} className="flex min-h-11 items-center gap-2">
              {s === 'body' ? (
                <span className="min-w-32 px-3 font-semibold">{NAMES[s]}</span>
              ) : (
                <button
                  type="button"
                  aria-pressed={slots[s] !== null}
                  className={`btn btn-tall min-w-32 justify-start ${slots[s] === null ? 'btn-outline' : 'btn-neutral'}`}
                  onClick={() => say(toggleSlot(slots, s))}
                >
                  {NAMES[s]}
                </button>
              )}
              {s === 'body' ? (
                <span className="num">{Math.round(100 * bodyOf(slots))} %</span>
              ) : (
                slots[s] !== null && (
                  <NumberField
                    label={`${NAMES[s]}, of the height`}
                    hideLabel
                    value={Math.round(1000 * slots[s]) / 10}
                    unit="%"
                    low={0}
                    high={Math.round(1000 * (slots[s] + bodyOf(slots))) / 10}
                    highWhy="The layers together are the whole jar."
                    width="3rem"
                    onChange={(v) => say({ ...slots, [s]: v / 100 })}
                  />
                )
              )}
            </li>
          ))}
        </ul>
        <p id={id} className="quiet small mt-2">
          {said
            ? 'Drag the lines to where you see them.'
            : 'Hatched: as expected, nobody has looked yet. Drag the lines, or press what you see.'}
        </p>
      </div>
    </div>
  );
}
const bodyOf = (s: Slots): number => 1 - Object.values(s).reduce((x: number, v) => x + (v ?? 0), 0);

/** The lines between layers from the top down, and what each parts. */
function linesOf(s: Slots): readonly { readonly at: number; readonly between: string }[] {
  const there = slotsThere(s);
  let at = 0;
  return there.slice(0, -1).map((x, i) => {
    at += x === 'body' ? bodyOf(s) : (s[x] ?? 0);
    const next = there[i + 1] as Slot;
    return { at, between: `between ${NAMES[x]} and ${NAMES[next]}` };
  });
}
