import type { Kit } from '@ironpan/core/kitchen';
import { fromInner, toInner } from '@ironpan/core/units';
import type { NumberSpec, ParamSpec, ParamValue } from '@ironpan/core/steps';
import { CHOICES, WATER_CUP_G } from '@ironpan/core/words';
import { NumberField } from '../../ui/NumberField';
import { SelectField } from '../../ui/SelectField';
import type { Units } from '../../ui/cups';
import { AmountField } from './AmountField';

interface ParamFieldProps {
  readonly spec: ParamSpec;
  readonly value: ParamValue;
  readonly kit: Kit;
  readonly units: Units;
  readonly slider?: boolean;
  readonly label?: string;
  readonly onChange: (v: ParamValue) => void;
}
const UNIT: Readonly<Record<NumberSpec['shown'], string>> = {
  g: 'g',
  ml: 'ml',
  um: 'µm',
  C: '°C',
  s: 's',
  min: 'min',
  h: 'h',
  '%': '%',
  cm: 'cm',
  count: '',
};

/** A field for any parameter, from its description alone: a new step needs no new form. */
export function ParamField({ spec, value, kit, units, slider = false, label = spec.label, onChange }: ParamFieldProps) {
  switch (spec.type) {
    case 'number':
      return (
        <div>
          {spec.unit === 'g' && spec.water === true ? (
            <AmountField
              label={label}
              grams={value as number}
              cupG={WATER_CUP_G}
              units={units}
              high={spec.high}
              onChange={onChange}
            />
          ) : (
            <PlainNumber spec={spec} label={label} value={value as number} us={units.us} onChange={onChange} />
          )}
          {slider && <Slider spec={spec} label={label} value={value as number} onChange={onChange} />}
        </div>
      );
    case 'choice':
      return (
        <SelectField
          label={label}
          value={value as string}
          options={spec.choices.map((c) => [c, CHOICES[c] ?? c] as const)}
          onChange={onChange}
        />
      );
    case 'flag':
      return (
        <label className="flex min-h-9 cursor-pointer items-center gap-2 pt-4">
          <input
            type="checkbox"
            className="checkbox"
            checked={value as boolean}
            onChange={(e) => onChange(e.target.checked)}
          />
          {label}
        </label>
      );
    case 'thing': {
      const things = kit.things.filter((t) => t.is === spec.thing);
      const inUse = things.find((t) => t.id === kit.use[spec.thing]) ?? things[0];
      const chosen = things.some((t) => t.id === value) ? (value as string) : 'in use';
      return (
        <SelectField
          label={label}
          value={chosen}
          options={[
            ['in use', inUse?.name ?? 'the usual'],
            ...things.filter((t) => t !== inUse).map((t) => [t.id, t.name] as const),
          ]}
          onChange={onChange}
        />
      );
    }
    // Streams, foods and parts have fields of their own.
    case 'stream':
    case 'food':
    case 'parts':
      return null;
  }
}

interface NumberProps {
  readonly spec: NumberSpec;
  readonly label: string;
  readonly value: number;
  readonly onChange: (v: number) => void;
}
function PlainNumber({ spec, label, value, us, onChange }: NumberProps & { readonly us: boolean }) {
  return (
    <div className="flex flex-wrap items-end gap-x-2">
      <NumberField
        label={label}
        value={fromInner(value, spec.shown)}
        unit={UNIT[spec.shown]}
        low={fromInner(spec.low, spec.shown)}
        high={fromInner(spec.high, spec.shown)}
        whole={spec.unit === 'count'}
        width="3.6rem"
        onChange={(v) => onChange(toInner(v, spec.shown))}
      />
      {us && spec.unit === 'C' && (
        <NumberField
          label={`${label}, °F`}
          hideLabel
          value={Math.round(fromInner(value, 'F'))}
          unit="°F"
          low={fromInner(spec.low, 'F')}
          high={fromInner(spec.high, 'F')}
          width="2.7rem"
          onChange={(f) => onChange(toInner(f, 'F'))}
        />
      )}
      {us && spec.unit === 'cm' && <span className="small quiet mb-2">{fromInner(value, 'in').toFixed(1)} in</span>}
    </div>
  );
}
/** The same value under the finger; its end is a useful one, not the bound of what can be computed. */
function Slider({ spec, label, value, onChange }: NumberProps) {
  const useful = spec.default > 0 ? spec.default * 3 : spec.step * 20;
  const high = Math.min(spec.high, Math.max(useful, spec.unit === 'C' || spec.unit === 'share' ? spec.high : 0));
  return (
    <input
      type="range"
      aria-label={`${label}, drag`}
      className="mt-1 block h-6 w-full max-w-44 cursor-pointer"
      style={{ accentColor: 'var(--flame)' }}
      min={spec.low}
      max={Math.max(high, value)}
      step={spec.step}
      value={value}
      onChange={(e) => onChange(Number(e.target.value))}
    />
  );
}
