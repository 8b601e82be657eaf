import { cupsOf, fromInner, nearestCupText, spoonText, toInner, US_CUP_ML } from '@ironpan/core/units';
import type { Units } from '../../ui/cups';
import { NumberField } from '../../ui/NumberField';

interface AmountFieldProps {
  readonly label: string;
  readonly grams: number;
  /** g in one US cup of this form; null: a cup says nothing of it. */
  readonly cupG: number | null;
  readonly units: Units;
  readonly high: number;
  readonly onChange: (g: number) => void;
}
/** Grams first; cups beside them on request, each through the density of that form. */
export function AmountField({ label, grams, cupG, units, high, onChange }: AmountFieldProps) {
  const { cupMl } = units;
  const cups = cupG !== null && cupMl !== null ? cupsOf(grams, cupG, cupMl) : null;
  const per = cups !== null && cupG !== null && cupMl !== null ? (cupG * cupMl) / US_CUP_ML : 1;
  return (
    <div className="flex flex-wrap items-end gap-x-2">
      <NumberField label={label} value={Math.round(grams * 10) / 10} unit="g" low={0} high={high} onChange={onChange} />
      {cups !== null && (
        <NumberField
          label={`${label}, cups`}
          hideLabel
          value={Math.round(cups * 100) / 100}
          unit="cups"
          low={0}
          high={high / per}
          width="2.7rem"
          hint={`≈ ${(cupMl !== null && spoonText(cups * cupMl, cupMl)) || nearestCupText(cups)}`}
          onChange={(c) => onChange(c * per)}
        />
      )}
      {units.us && (
        <NumberField
          label={`${label}, ounces`}
          hideLabel
          value={Math.round(fromInner(grams, 'oz') * 10) / 10}
          unit="oz"
          low={0}
          high={fromInner(high, 'oz')}
          width="2.7rem"
          onChange={(oz) => onChange(toInner(oz, 'oz'))}
        />
      )}
    </div>
  );
}
