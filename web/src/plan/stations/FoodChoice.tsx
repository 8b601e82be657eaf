import { MATERIALS, WATER } from '@ironpan/core/materials';
import type { Material } from '@ironpan/core/materials';
import type { Recipe } from '@ironpan/core/steps';
import { useMaterials } from '../../live/useOwn';
import { SelectField } from '../../ui/SelectField';

interface Chosen {
  readonly id: string;
  /** null: plain water, which no plan needs to hold. */
  readonly material: Material | null;
}
interface FoodChoiceProps {
  readonly label: string;
  readonly value: string;
  /** any: all there are; ground: what milk is made of; poured: liquids, water among them. */
  readonly of: 'any' | 'ground' | 'poured';
  readonly hideLabel?: boolean;
  readonly recipe: Recipe;
  readonly onChange: (food: Chosen) => void;
}
const FORM: Readonly<Record<string, string>> = { dry: ', dry', soaked: ', soaked', cooked: ', cooked' };
const named = (m: Material): string =>
  `${m.name}${m.stirredIn || m.name.includes(m.basis) ? '' : (FORM[m.basis] ?? '')}`;

/** Any food: own ones first, then what is ground, then what is stirred in. */
export function FoodChoice({ label, value, of, hideLabel = false, recipe, onChange }: FoodChoiceProps) {
  const own = useMaterials();
  if (!own) return null;
  const mine = own.map((m) => m.material);
  const known = [...mine, ...MATERIALS.filter((m) => !mine.some((x) => x.id === m.id))];
  const here = recipe.materials.filter((m) => !known.some((x) => x.id === m.id));
  const liquid = of === 'poured';
  const fit = (m: Material): boolean =>
    of === 'any' || (liquid ? m.liquid && !m.stirredIn?.floats : m.stirredIn === undefined);
  const fits = [...here, ...known].filter((m) => fit(m) || m.id === value);
  const groups: readonly (readonly [string, readonly Material[]])[] = [
    ['Your own', fits.filter((m) => mine.includes(m))],
    ['Foods', fits.filter((m) => !mine.includes(m) && !m.stirredIn)],
    [liquid ? 'Other liquids' : 'To stir in', fits.filter((m) => !mine.includes(m) && m.stirredIn)],
  ];
  const choose = (to: string): void =>
    onChange({ id: to, material: to === WATER ? null : (fits.find((m) => m.id === to) ?? null) });
  return (
    <SelectField
      label={label}
      hideLabel={hideLabel}
      value={value}
      options={liquid ? [[WATER, 'Water']] : []}
      groups={groups.map(([name, foods]) => [name, foods.map((m) => [m.id, named(m)] as const)] as const)}
      onChange={choose}
    />
  );
}
