import type { Readable } from '@ironpan/core/batch';
import type { Step } from '@ironpan/core/steps';
import { fromInner, parseNumber, toInner } from '@ironpan/core/units';
import { duration, join, numberFaultText } from '@ironpan/core/words';
import { useId, useState } from 'react';
import { now } from '../clock';
import { append, readingOf } from '../store/batches';
import { keepDraft, readDraft } from '../store/drafts';
import { useLive } from '../live/live';
import { NotSaved } from './NotSaved';
import { useMeasure } from './useMeasure';
import { useWrite } from './useWrite';
import { reportAs } from '../report';

interface ReadingFieldProps {
  readonly batch: string;
  /** The last line of its log that the screen knows. */
  readonly seen: number;
  readonly step: Step;
  readonly of: Readable;
  /** What was recorded, in its own unit. */
  readonly recorded: number | undefined;
  /** How far into its task it is now, s, where each measurement is kept with its moment. */
  readonly atS?: () => number;
}
const UNIT = { g: 'g', C: '°C', s: 's', min: 'min', h: 'h', count: '' } as const;
/** So far over all that can have come to the step, as a share, that the scale or the bowl is asked about. */
const OVER = 1.05;
const tidy = (x: number): string => String(Number(x.toPrecision(5)));
/** An expectation is no finer than it can be read: whole above ten, a tenth below. */
const rounded = (x: number): number => (Math.abs(x) >= 10 ? Math.round(x) : Math.round(x * 10) / 10);

/** One reading: what is typed is kept as a draft at each keystroke, and becomes a reading when it is recorded. */
export function ReadingField({ batch, seen, step, of, recorded, atS }: ReadingFieldProps) {
  const { what, spec, expected, mostG } = of;
  const label = of.atS === null ? spec.label : `${spec.label.replace(/ now$/, '')} after ${join(duration(of.atS))}`;
  const key = `${batch} ${step.id} ${what}${of.atS === null ? '' : ` ${of.atS}`}`;
  const draft = useLive(['draft', key], () => readDraft(key)).data;
  const [typed, setTyped] = useState<string | null>(null);
  const id = useId();
  const write = useWrite();
  const { units, per, unit: chosen, choose } = useMeasure(of);
  const [asked, setAsked] = useState(false);
  const text = typed ?? draft ?? '';
  const n = parseNumber(text);
  // What is poured may be told in ml or cups: `per` is how much of its own unit one of them is.
  const shown = (x: number): number => fromInner(x, spec.shown) / per;
  const low = shown(spec.low);
  const high = shown(spec.high);
  const unit = chosen ?? UNIT[spec.shown];
  const fault =
    text === ''
      ? null
      : !n.ok
        ? numberFaultText(n.fault, text, low, high, unit)
        : n.value < low
          ? numberFaultText('low', text, low, high, unit)
          : n.value > high
            ? numberFaultText('high', text, low, high, unit)
            : null;
  const inner = n.ok ? toInner(n.value * per, spec.shown) : 0;
  const tooMuch = fault === null && mostG !== null && inner > mostG * OVER;
  const type = (t: string): void => {
    setTyped(t);
    setAsked(false);
    // A draft that cannot be kept is no loss while the field holds it; recording it would say what is wrong.
    keepDraft(key, t).catch(reportAs('Saving a half-typed figure'));
  };
  const record = (): void => {
    if (!n.ok || fault !== null) return;
    if (tooMuch && !asked) {
      setAsked(true);
      return;
    }
    const reading = readingOf(step.id, spec.task, what, inner, 'cook', of.atS ?? (atS && Math.round(atS())));
    write.run(
      `${label}, ${text} ${unit}`,
      async () => {
        await append(batch, [reading], now(), seen);
        await keepDraft(key, '');
      },
      () => {
        setTyped('');
        setAsked(false);
      },
    );
  };
  const hint =
    recorded !== undefined
      ? `recorded ${tidy(chosen === undefined ? shown(recorded) : rounded(shown(recorded)))} ${unit}`
      : expected !== undefined && expected > 0
        ? `about ${tidy(rounded(shown(expected)))} ${unit} expected`
        : '';
  return (
    <div>
      <label htmlFor={id} className="block text-[1.05rem]">
        {label}
        {recorded !== undefined && (
          <span
            className="ml-2 inline-block size-2.5 rounded-full"
            style={{ background: 'var(--water)' }}
            aria-hidden="true"
          />
        )}
      </label>
      <div className="mt-1 flex gap-2">
        <span className={`input min-h-14 flex-1 text-xl ${fault ? 'input-error' : ''}`}>
          <input
            id={id}
            inputMode="decimal"
            autoComplete="off"
            className="w-full"
            value={text}
            aria-invalid={fault !== null}
            aria-describedby={`${id}-hint`}
            onChange={(e) => type(e.target.value)}
            onKeyDown={(e) => {
              if (e.key === 'Enter') record();
            }}
          />
          {units.length > 1 ? (
            <select
              className="unit min-h-14 min-w-14 cursor-pointer"
              aria-label={`${label}, in`}
              value={unit}
              onChange={(e) => choose(e.target.value)}
            >
              {units.map((u) => (
                <option key={u}>{u}</option>
              ))}
            </select>
          ) : (
            <span className="unit">{unit}</span>
          )}
        </span>
        <button
          type="button"
          className="btn btn-outline btn-lg"
          disabled={text === '' || fault !== null}
          onClick={record}
        >
          Record<span className="sr-only"> {label}</span>
        </button>
      </div>
      <p
        id={`${id}-hint`}
        className="small mt-0.5"
        role={fault ? 'alert' : undefined}
        style={{ color: fault ? 'var(--flame-text)' : 'var(--ash)' }}
      >
        {fault ?? hint}
      </p>
      {asked && tooMuch && (
        <p className="alert alert-warning mt-1" role="alert">
          More than there can be: about {tidy(rounded(shown(mostG)))} {unit} came to this step. Was the vessel weighed
          with it? Press Record again to keep it all the same.
        </p>
      )}
      <NotSaved of={write} />
    </div>
  );
}
