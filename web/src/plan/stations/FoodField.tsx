import { exchangeFood } from '@ironpan/core/steps';
import type { Edit, Recipe } from '@ironpan/core/steps';
import { FoodChoice } from './FoodChoice';

interface FoodFieldProps {
  readonly recipe: Recipe;
  readonly index: number;
  readonly onEdit: (edits: readonly Edit[], touched: string) => void;
}
/** Which food this is, its form beside it: dry, cooked, fresh and dried are different grams. Own foods stand first. */
export function FoodField({ recipe, index, onEdit }: FoodFieldProps) {
  const line = recipe.larder[index];
  if (!line) return null;
  return (
    <FoodChoice
      label="which food"
      hideLabel
      value={line.material}
      of="ground"
      recipe={recipe}
      onChange={({ material: food }) => {
        if (food) onEdit(exchangeFood(recipe, index, food), `food.${index}`);
      }}
    />
  );
}
