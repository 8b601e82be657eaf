import { cupsOf, nearestCupText, US_CUP_ML } from '@ironpan/core/units';
import { WATER_G_PER_ML } from '@ironpan/core/materials';
import { NumberField } from '../ui/NumberField';

/** A US cup of water, g at 20 °C. */
export const WATER_CUP_G = US_CUP_ML * WATER_G_PER_ML;

interface AmountFieldProps {
  readonly label: string;
  readonly grams: number;
  /** g in one US cup of this form; null: a cup says nothing of it. */
  readonly cupG: number | null;
  /** ml of the cook's cup; null: grams alone. */
  readonly cupMl: number | null;
  readonly high: number;
  readonly onChange: (g: number) => void;
}
/** Grams first; cups beside them on request, each through the density of that form. */
export function AmountField({ label, grams, cupG, cupMl, high, onChange }: AmountFieldProps) {
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
          hint={`≈ ${nearestCupText(cups)}`}
          onChange={(c) => onChange(c * per)}
        />
      )}
    </div>
  );
}
