import { Plus, X } from 'lucide-react';
import { MATERIALS } from '@ironpan/core/materials';
import type { PlanRecord } from '@ironpan/core/records';
import type { Edit, Recipe } from '@ironpan/core/steps';
import { foodName } from '@ironpan/core/words';
import type { Units } from '../../ui/cups';
import { AmountField } from './AmountField';
import { FoodField } from './FoodField';

interface FoodsProps {
  readonly plan: PlanRecord;
  readonly units: Units;
  /** Their station is open: each may be another food, and there may be more or fewer. */
  readonly open: boolean;
  readonly onEdit: (edits: readonly Edit[], touched: string) => void;
}
const MOST_FOODS = 12;
/** Something to begin with: another food beside those that are there. */
const ANOTHER = ['almonds', 'oats-rolled'];

/** What a plan begins with. */
export function Foods({ plan, units, open, onEdit }: FoodsProps) {
  const { recipe } = plan;
  return (
    <>
      {recipe.larder.map((l, index) => (
        <div key={index} className="min-w-0">
          {open && <FoodField recipe={recipe} index={index} onEdit={onEdit} />}
          <AmountField
            label={foodName(l.material, recipe)}
            grams={l.grams}
            cupG={recipe.materials.find((m) => m.id === l.material)?.cupG ?? null}
            units={units}
            high={100_000}
            onChange={(grams) => onEdit([{ do: 'larder', index, grams }], `larder.${index}`)}
          />
          {open && recipe.larder.length > 1 && (
            <button
              type="button"
              className="link small inline-flex items-center gap-1"
              onClick={() => onEdit([{ do: 'leave', index }], `leave.${index}`)}
            >
              <X size={14} aria-hidden="true" /> take out
              <span className="sr-only"> {foodName(l.material, recipe)}</span>
            </button>
          )}
        </div>
      ))}
      {open && recipe.larder.length < MOST_FOODS && (
        <button
          type="button"
          className="btn btn-outline btn-sm justify-self-start"
          onClick={() => onEdit(anotherFood(recipe), `take.${recipe.larder.length}`)}
        >
          <Plus size={16} aria-hidden="true" /> another food
        </button>
      )}
    </>
  );
}

function anotherFood(r: Recipe): readonly Edit[] {
  const id = ANOTHER.find((x) => !r.larder.some((l) => l.material === x)) ?? ANOTHER[0] ?? '';
  const food = MATERIALS.find((m) => m.id === id);
  const into = r.larder[0]?.into ?? 'work';
  return food ? [{ do: 'take', line: { into, material: food.id, grams: 50 }, foods: [food] }] : [];
}
