import type { CSSProperties } from 'react';

/** One of the things that make the difference. */
export interface FallStep {
  readonly key: string;
  readonly name: string;
  readonly value: string;
  readonly note: string;
  /** How far it moves the figure, in the unit of `from` and `to`. */
  readonly by: number;
  /** What nothing explains. */
  readonly rest?: boolean;
}
export interface FallEnd {
  readonly title: string;
  readonly text: string;
  readonly value: number;
}
interface WaterfallProps {
  readonly label: string;
  readonly from: FallEnd;
  readonly to: FallEnd;
  readonly steps: readonly FallStep[];
  /** Beside each other, or on a phone below each other. */
  readonly wide: boolean;
}
/** Height of the drawing, px, with room above the highest and below the lowest. */
const HIGH = 180;
const ROOM = 14;

/** From one figure to another, a step for each thing that moved it; the steps add up. The scale does not begin at nothing. */
export function Waterfall({ label, from, to, steps, wide }: WaterfallProps) {
  const levels = [from.value];
  for (const s of steps) levels.push((levels.at(-1) ?? 0) + s.by);
  const top = Math.max(...levels, to.value);
  const bottom = Math.min(...levels, to.value);
  const span = Math.max(top - bottom, 1e-12);
  if (!wide) return <Below label={label} from={from} to={to} steps={steps} span={span} />;
  const y = (v: number): number => ROOM + ((top - v) / span) * (HIGH - 2 * ROOM);
  return (
    <ol
      aria-label={label}
      className="grid gap-x-4"
      style={{ gridTemplateColumns: `8.5rem repeat(${steps.length}, minmax(6.5rem, 1fr)) 8.5rem` }}
    >
      <End of={from} at={y(from.value)} />
      {steps.map((s, i) => {
        const [a, b] = [y(levels[i] ?? 0), y(levels[i + 1] ?? 0)];
        return (
          <li key={s.key} className="relative min-w-0" style={{ paddingTop: Math.max(a, b) + 8 }}>
            <span
              aria-hidden="true"
              className="absolute right-2 left-0"
              style={{ top: Math.min(a, b), height: Math.max(3, Math.abs(b - a)), ...dressOf(s) }}
            />
            <Dashes at={b} />
            <Said s={s} />
          </li>
        );
      })}
      <End of={to} at={y(to.value)} last />
    </ol>
  );
}
/** The figure goes on at this height to the next. */
const Dashes = ({ at }: { readonly at: number }) => (
  <span
    aria-hidden="true"
    className="absolute -right-4 w-6 border-t-2 border-dashed"
    style={{ top: at - 1, borderColor: 'var(--ash)' }}
  />
);
/** Less, more, and what nothing explains: told by colour, by their signs, and the last by its stripes. */
function dressOf(s: FallStep): CSSProperties {
  const line = { border: '1.5px solid var(--ink)', borderRadius: 2 };
  if (s.rest)
    return {
      ...line,
      backgroundColor: 'var(--plate)',
      backgroundImage: 'repeating-linear-gradient(45deg, var(--edge) 0 3px, transparent 3px 8px)',
    };
  return { ...line, background: s.by < 0 ? 'var(--water)' : 'var(--leaf-text)' };
}
function Said({ s }: { readonly s: FallStep }) {
  return (
    <>
      <span className="block leading-snug font-semibold break-words">{s.name}</span>
      <span className="num block text-lg">{s.value}</span>
      {s.note !== '' && <span className="small quiet block leading-snug">{s.note}</span>}
    </>
  );
}
function End({ of, at, last = false }: { readonly of: FallEnd; readonly at: number; readonly last?: boolean }) {
  return (
    <li className="relative" style={{ minHeight: HIGH + 70 }}>
      <span
        aria-hidden="true"
        className="absolute inset-x-0 rounded-t"
        style={{
          top: at,
          height: HIGH + 20 - at,
          borderTop: '3px solid var(--ink)',
          // Pale enough to be read on, in both themes.
          background: 'linear-gradient(color-mix(in srgb, var(--milk) 30%, var(--plate)), transparent)',
        }}
      />
      {!last && <Dashes at={at} />}
      <span className="absolute inset-x-2" style={{ top: at + 10 }}>
        <span className="num block text-lg whitespace-nowrap">{of.text}</span>
        <span className="small quiet block leading-snug break-words">{of.title}</span>
      </span>
    </li>
  );
}

type BelowProps = Omit<WaterfallProps, 'wide'> & { readonly span: number };
/** The same for a phone: each thing in a line, its bar from the middle to the side it moves to. */
function Below({ label, from, to, steps, span }: BelowProps) {
  const end = (e: FallEnd) => (
    <li className="flex flex-wrap items-baseline justify-between gap-x-3 py-1.5">
      <span className="quiet min-w-0 break-words">{e.title}</span>
      <span className="num text-xl">{e.text}</span>
    </li>
  );
  return (
    <ol aria-label={label}>
      {end(from)}
      {steps.map((s) => {
        const share = Math.min(50, (Math.abs(s.by) / span) * 50);
        return (
          <li key={s.key} className="rowline py-2">
            <span className="relative mb-1 block h-4" aria-hidden="true">
              <span
                className="absolute inset-y-0"
                style={{ [s.by < 0 ? 'right' : 'left']: '50%', width: `max(3px, ${share}%)`, ...dressOf(s) }}
              />
              <span className="absolute inset-y-0 left-1/2 border-l-2" style={{ borderColor: 'var(--ink)' }} />
            </span>
            <Said s={s} />
          </li>
        );
      })}
      {end(to)}
    </ol>
  );
}
