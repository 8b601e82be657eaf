import { MATERIALS } from '@ironpan/core/materials';
import type { Recipe } from '@ironpan/core/steps';
import type { Edit } from '@ironpan/core/steps';
import { useMaterials } from '../../live/useOwn';
import { SelectField } from '../../ui/SelectField';

interface FoodFieldProps {
  readonly recipe: Recipe;
  readonly index: number;
  readonly onEdit: (edits: readonly Edit[], touched: string) => void;
}
const BASIS: Readonly<Record<string, string>> = {
  dry: 'dry',
  soaked: 'soaked',
  cooked: 'cooked',
  fresh: 'fresh',
  frozen: 'frozen',
  dried: 'dried',
};

/** Which food this is, its form beside it: dry, cooked, fresh and dried are different grams. Own foods stand first. */
export function FoodField({ recipe, index, onEdit }: FoodFieldProps) {
  const own = useMaterials();
  const line = recipe.larder[index];
  if (!line || !own) return null;
  const here = recipe.materials.find((m) => m.id === line.material);
  const all = [...own.map((m) => m.material), ...MATERIALS];
  const listed = all.some((m) => m.id === line.material) || !here ? all : [here, ...all];
  return (
    <SelectField
      label="which food"
      hideLabel
      value={line.material}
      options={listed.map(
        (m) => [m.id, `${m.name}${m.name.includes(m.basis) ? '' : `, ${BASIS[m.basis] ?? m.basis}`}`] as const,
      )}
      onChange={(id) => {
        const food = listed.find((m) => m.id === id);
        if (food)
          onEdit(
            [{ do: 'food', index, food, cooked: MATERIALS.filter((m) => m.id === food.cookedAs) }],
            `food.${index}`,
          );
      }}
    />
  );
}
