import { kindOf } from '@ironpan/core/steps';
import type { Step } from '@ironpan/core/steps';
import { fromInner, parseNumber, toInner } from '@ironpan/core/units';
import { numberFaultText } from '@ironpan/core/words';
import { useId, useState } from 'react';
import { now } from '../clock';
import { append, readingOf } from '../store/batches';
import { keepDraft, readDraft } from '../store/drafts';
import { useLive } from '../live/live';
import { NotSaved } from './NotSaved';
import { useWrite } from './useWrite';

interface ReadingFieldProps {
  readonly batch: string;
  /** The last line of its log that the screen knows. */
  readonly seen: number;
  readonly step: Step;
  readonly what: string;
  /** What the fold expects, in its own unit; shown as the hint. */
  readonly expected: number | undefined;
  readonly recorded: number | undefined;
}
const UNIT = { g: 'g', C: '°C', s: 's', min: 'min', h: 'h', count: '' } as const;
const tidy = (x: number): string => String(Number(x.toPrecision(5)));
/** An expectation is no finer than it can be read: whole above ten, a tenth below. */
const rounded = (x: number): number => (Math.abs(x) >= 10 ? Math.round(x) : Math.round(x * 10) / 10);

/** One reading: what is typed is kept as a draft at each keystroke, and becomes a reading when it is recorded. */
export function ReadingField({ batch, seen, step, what, expected, recorded }: ReadingFieldProps) {
  const spec = kindOf(step.kind).readings[what];
  const key = `${batch} ${step.id} ${what}`;
  const draft = useLive(['draft', key], () => readDraft(key)).data;
  const [typed, setTyped] = useState<string | null>(null);
  const id = useId();
  const write = useWrite();
  if (!spec) return null;
  const text = typed ?? draft ?? '';
  const n = parseNumber(text);
  const low = fromInner(spec.low, spec.shown);
  const high = fromInner(spec.high, spec.shown);
  const unit = UNIT[spec.shown];
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
  const type = (t: string): void => {
    setTyped(t);
    // A draft that cannot be kept is no loss while the field holds it; recording it would say what is wrong.
    keepDraft(key, t).catch(() => undefined);
  };
  const record = (): void => {
    if (!n.ok || fault !== null) return;
    const reading = readingOf(step.id, spec.task, what, toInner(n.value, spec.shown), 'cook');
    write.run(
      `${spec.label}, ${text} ${unit}`,
      async () => {
        await append(batch, [reading], now(), seen);
        await keepDraft(key, '');
      },
      () => setTyped(''),
    );
  };
  const hint =
    recorded !== undefined
      ? `recorded ${tidy(fromInner(recorded, spec.shown))} ${unit}`
      : expected !== undefined && expected > 0
        ? `about ${tidy(rounded(fromInner(expected, spec.shown)))} ${unit} expected`
        : '';
  return (
    <div>
      <label htmlFor={id} className="block text-[1.05rem]">
        {spec.label}
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
          <span className="unit">{unit}</span>
        </span>
        <button
          type="button"
          className="btn btn-outline btn-lg"
          disabled={text === '' || fault !== null}
          onClick={record}
        >
          Record<span className="sr-only"> {spec.label}</span>
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
      <NotSaved of={write} />
    </div>
  );
}
