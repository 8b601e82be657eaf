import { leverAt } from '@ironpan/core/questions';
import type { Lever } from '@ironpan/core/questions';
import type { Factor } from '@ironpan/core/trials';
import { CHOICES, leverPlace, leverValue, upper } from '@ironpan/core/words';
import { fromInner, toInner } from '@ironpan/core/units';
import { X } from 'lucide-react';
import { NumberField } from '../../ui/NumberField';
import { SelectField } from '../../ui/SelectField';
import { factorOf } from './factorOf';

interface FactorFieldProps {
  readonly f: Factor;
  readonly which: number;
  readonly levers: readonly Lever[];
  /** Those that are not changed yet. */
  readonly free: readonly Lever[];
  readonly onChange: (f: Factor) => void;
  readonly onRemove: () => void;
}
const UNIT: Readonly<Record<Lever['shown'], string>> = {
  ...{ g: 'g', ml: 'ml', um: 'µm', C: '°C', s: 's', min: 'min', h: 'h', '%': '%', cm: 'cm', count: '' },
};
/** One thing that is changed: which, how it is in the plan, and how it is otherwise. */
export function FactorField({ f, which, levers, free, onChange, onRemove }: FactorFieldProps) {
  const mine = leverAt(levers, f.at);
  if (!mine) return null;
  const name = (l: Lever): string => upper(leverPlace(l, levers));
  const take = (key: string): void => {
    const l = free.find((x) => x.key === key);
    if (l) onChange(factorOf(l));
  };
  const choices = f.at.of === 'choice' ? f.at.choices : null;
  return (
    <div className="flex flex-wrap items-end gap-3">
      <SelectField
        label={`thing ${which}`}
        wide
        value={mine.key}
        options={[mine, ...free].map((l) => [l.key, name(l)] as const)}
        onChange={take}
      />
      <p className="min-h-11 content-center">
        <span className="quiet small block">in the plan</span>
        <b className="num">{leverValue(mine, f.from)}</b>
      </p>
      {choices ? (
        <SelectField
          label="instead"
          value={choices[f.to] ?? ''}
          options={choices.map((c) => [c, CHOICES[c] ?? c] as const)}
          onChange={(c) => onChange({ ...f, to: choices.indexOf(c) })}
        />
      ) : (
        <NumberField
          key={mine.key}
          label="instead"
          value={fromInner(f.to, mine.shown)}
          unit={UNIT[mine.shown]}
          low={fromInner(mine.least, mine.shown)}
          high={fromInner(mine.most, mine.shown)}
          whole={mine.shown === 'count'}
          onChange={(v) => onChange({ ...f, to: toInner(v, mine.shown) })}
        />
      )}
      <button
        type="button"
        className="btn btn-ghost btn-square"
        aria-label={`Do not change ${name(mine)}`}
        onClick={onRemove}
      >
        <X size={20} aria-hidden="true" />
      </button>
      {f.to === f.from && (
        <p role="alert" className="small basis-full" style={{ color: 'var(--flame-text)' }}>
          It is the same as in the plan: nothing would be changed. Say another value.
        </p>
      )}
    </div>
  );
}
