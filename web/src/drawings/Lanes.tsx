import { useRef, useState } from 'react';
import type { KeyboardEvent, PointerEvent } from 'react';
import { daysOf, LABEL, rowsOf } from './laneAxis';
import type { Axis, Span } from './laneAxis';
import { dressOf, foodColour } from './foodStyle';

/** What stands on a lane. */
export interface LaneBlock extends Span {
  readonly id: string;
  /** It stays the same one wherever it is put: a key that is held down goes on moving it. */
  readonly key: string;
  readonly milk: string;
  readonly text: string;
  /** Read out: what, of which milk, from when to when. */
  readonly name: string;
  /** Hands, an eye, or nobody. */
  readonly takes: 'busy' | 'near' | 'free';
  /** It can be put elsewhere. */
  readonly moves: boolean;
}
export interface Lane {
  readonly name: string;
  readonly blocks: readonly LaneBlock[];
}
interface LanesProps {
  readonly axis: Axis;
  readonly lanes: readonly Lane[];
  readonly off: readonly (Span & { readonly what: string })[];
  readonly now: number;
  readonly wanted: readonly { readonly at: number; readonly milk: string }[];
  readonly hour: (ms: number) => string;
  readonly day: (ms: number) => string;
  /** How large the text is beside its usual size: who enlarges it gets room for it. */
  readonly scale: number;
  readonly chosen: string | null;
  readonly onChoose: (block: string) => void;
  readonly onMove: (block: string, to: number) => void;
}
const ROW = 34;
const GAP = 4;
/** The names of days, and above the lanes those and the hours, px. */
const DAY = 24;
const HEAD = 46;
/** A letter of a word on a block is about so wide, px. */
const LETTER = 7.1;
const SNAP_MS = 5 * 60_000;
/** What everyone and everything does when: you on the first lane, each thing on one of its own. */
export function Lanes(p: LanesProps) {
  const { axis, lanes } = p;
  const { width } = axis;
  const label = LABEL * p.scale;
  const laid = lanes.map((l) => ({ name: l.name, rows: rowsOf(l.blocks) }));
  return (
    <div className="relative" style={{ paddingTop: HEAD + 4, width: label + width }}>
      <div className="absolute inset-y-0" style={{ left: label, width }} aria-hidden="true">
        {p.off.map((o) => (
          <div
            key={`${o.from}`}
            className="absolute bottom-0 overflow-hidden"
            style={{ ...box(axis, o, width), background: 'var(--night)', top: HEAD }}
          >
            {box(axis, o, width).width >= o.what.length * LETTER * p.scale && (
              <span className="small quiet block text-center">{o.what}</span>
            )}
          </div>
        ))}
        {daysOf(axis).map((d, i, all) => {
          const [x, next] = [axis.x(d) * width, all[i + 1]];
          const room = (next === undefined ? width : axis.x(next) * width) - x;
          const text = p.day(d);
          return room < text.length * LETTER * p.scale ? null : (
            <span key={d} className="absolute top-0 font-semibold whitespace-nowrap" style={{ left: x }}>
              {text}
            </span>
          );
        })}
        {axis.ticks.map((t) => (
          <div
            key={t}
            className="absolute bottom-0"
            style={{ left: axis.x(t) * width, borderLeft: '1px solid var(--line)', top: HEAD }}
          >
            <span className="num small absolute -translate-x-1/2 whitespace-nowrap" style={{ top: DAY - HEAD }}>
              {p.hour(t)}
            </span>
          </div>
        ))}
        {p.wanted.map((w) => (
          <div
            key={`${w.milk} ${w.at}`}
            className="absolute inset-y-0"
            style={{ left: axis.x(w.at) * width, borderLeft: '2px dashed var(--flame-text)', top: HEAD }}
          />
        ))}
      </div>
      {laid.map((l) => (
        <div key={l.name} className="rowline relative" style={{ height: Math.max(1, l.rows.length) * ROW + GAP }}>
          <span
            className="sticky left-0 z-20 block truncate pr-2 font-semibold"
            style={{ width: label, top: 8, paddingTop: 8, background: 'var(--plate)' }}
          >
            {l.name}
          </span>
          <div className="absolute inset-y-0" style={{ left: label, width }}>
            {l.rows.flatMap((row, r) =>
              row.map((b, i) => <Block key={b.key} {...p} b={b} top={r * ROW + GAP} next={row[i + 1]?.from ?? null} />),
            )}
          </div>
        </div>
      ))}
      {p.now >= axis.from && p.now <= axis.to && (
        <div
          aria-hidden="true"
          data-now
          className="pointer-events-none absolute inset-y-0"
          style={{ left: label + axis.x(p.now) * width, borderLeft: '2px solid var(--flame)', top: HEAD }}
        />
      )}
    </div>
  );
}
const box = (axis: Axis, s: Span, width: number) => {
  const left = axis.x(s.from) * width;
  return { left, width: Math.max(4, axis.x(s.to) * width - left) };
};

function Block(p: LanesProps & { readonly b: LaneBlock; readonly top: number; readonly next: number | null }) {
  const { b, axis, onMove, onChoose } = p;
  const { width } = axis;
  const at = box(axis, b, width);
  const [pulled, setPulled] = useState<number | null>(null);
  const from = useRef<{ readonly x: number; moved: boolean } | null>(null);
  const long = b.text.length * LETTER * p.scale;
  const fits = at.width >= long + 14;
  const roomAfter = (p.next === null ? width : axis.x(p.next) * width) - at.left - at.width;
  const beside = !fits && roomAfter >= long + 10;
  const left = pulled === null ? at.left : axis.x(pulled) * width;
  const drag = (e: PointerEvent): void => {
    const f = from.current;
    if (!f || !b.moves || e.buttons === 0 || Math.abs(e.clientX - f.x) < 4) return;
    f.moved = true;
    const to = axis.at((at.left + e.clientX - f.x) / width);
    setPulled(Math.round(to / SNAP_MS) * SNAP_MS);
  };
  const drop = (): void => {
    if (from.current?.moved && pulled !== null) onMove(b.id, pulled);
    setPulled(null);
  };
  // By pointer, key or voice: what ends a pull is no press.
  const press = (): void => {
    if (!from.current?.moved) onChoose(b.id);
    from.current = null;
  };
  const keys = (e: KeyboardEvent): void => {
    const way = e.key === 'ArrowLeft' ? -1 : e.key === 'ArrowRight' ? 1 : 0;
    if (way === 0 || !b.moves) return;
    e.preventDefault();
    onMove(b.id, Math.round(b.from / SNAP_MS + way) * SNAP_MS);
  };
  return (
    <>
      <button
        type="button"
        aria-label={b.name}
        title={b.name}
        aria-pressed={p.chosen === b.id}
        data-takes={b.takes}
        className="absolute touch-none overflow-hidden rounded text-left text-[0.86rem] leading-none"
        style={{
          ...{ left, top: p.top, width: at.width, height: ROW - GAP, color: 'var(--on-food)' },
          ...(b.takes === 'free'
            ? { background: 'var(--plate)', border: `3px solid ${foodColour(b.milk)}`, color: 'var(--ink)' }
            : { ...dressOf(b.milk), border: '1.5px solid var(--edge)' }),
          ...(b.takes === 'near' && { borderStyle: 'dashed' }),
          ...(p.chosen === b.id && { outline: '3px solid var(--flame)', outlineOffset: 1 }),
          ...(b.moves && { cursor: pulled === null ? 'grab' : 'grabbing' }),
        }}
        onPointerDown={(e) => {
          from.current = { x: e.clientX, moved: false };
          e.currentTarget.setPointerCapture(e.pointerId);
        }}
        onPointerMove={drag}
        onPointerUp={drop}
        onClick={press}
        onPointerCancel={() => {
          from.current = null;
          setPulled(null);
        }}
        onKeyDown={keys}
      >
        {fits && <span className="block truncate px-1.5 font-semibold">{b.text}</span>}
      </button>
      {beside && pulled === null && (
        <span
          aria-hidden="true"
          className="pointer-events-none absolute text-[0.86rem] leading-none font-semibold whitespace-nowrap"
          style={{ left: at.left + at.width + 5, top: p.top + 9 }}
        >
          {b.text}
        </span>
      )}
      {pulled !== null && (
        <span
          className="num small pointer-events-none absolute z-10 rounded px-1"
          style={{ left, top: p.top - 14, background: 'var(--bar)', color: 'var(--bar-text)' }}
        >
          {p.hour(pulled)}
        </span>
      )}
    </>
  );
}
