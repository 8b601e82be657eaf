import { kindOf, nameOf } from '@ironpan/core/steps';
import type { Edit, ParamSpec, ParamValue, Step } from '@ironpan/core/steps';
import { WATER } from '@ironpan/core/materials';
import type { Material } from '@ironpan/core/materials';
import { loadsAfter, WATER_CUP_G } from '@ironpan/core/words';
import { NumberField } from '../../ui/NumberField';
import { AmountField } from './AmountField';
import { FoodChoice } from './FoodChoice';
import { ParamField } from './ParamField';
import { PartsField } from './PartsField';
import type { StationsProps } from './types';
import { StreamField } from './StreamField';

interface StepParamProps {
  readonly step: Step;
  readonly param: string;
  readonly spec: ParamSpec;
  readonly value: ParamValue;
  readonly p: StationsProps;
}
interface FoodAmountProps {
  readonly step: Step<'add' | 'pour'>;
  readonly label: string;
  readonly high: number;
  readonly p: StationsProps;
  readonly onChange: (g: number) => void;
}
/** How much of a food, in grams and in cups of its own form; where it is ground in loads, also how much in each. */
function FoodAmount({ step, label, high, p, onChange }: FoodAmountProps) {
  const { recipe } = p.plan;
  const id = step.kind === 'add' ? step.params.food : step.params.liquid;
  const material = recipe.materials.find((m) => m.id === id);
  const loads = step.kind === 'add' ? loadsAfter(step, recipe) : 0;
  return (
    <div>
      <AmountField
        label={label}
        grams={step.params.amountG}
        cupG={id === WATER ? WATER_CUP_G : (material?.cupG ?? null)}
        units={p.units}
        high={high}
        onChange={onChange}
      />
      {loads > 1 && (
        <NumberField
          label={`in each of ${loads} loads`}
          value={Math.round((step.params.amountG / loads) * 100) / 100}
          unit="g"
          low={0}
          high={high / loads}
          onChange={(g) => onChange(g * loads)}
        />
      )}
      {material?.stirredIn?.aroma === true && (
        <p className="small quiet">Given for its smell: it counts as mass alone.</p>
      )}
    </div>
  );
}

/** What only a powder, or only what follows another add, needs to be told. */
function asked(step: Step<'add'>, param: string, { plan: { recipe } }: StationsProps): boolean {
  if (param === 'slaked')
    return (
      step.params.slaked || recipe.materials.some((m) => m.id === step.params.food && m.stirredIn?.floats === true)
    );
  const before = recipe.steps[recipe.steps.findIndex((s) => s.id === step.id) - 1];
  return (
    param !== 'together' || step.params.together || (before?.kind === 'add' && before.params.of === step.params.of)
  );
}
/** Water and tea come from the kettle; the nut’s own water, or any food that is poured, is raw and as warm as the room. */
const asItComes = (step: string, m: Material | null, roomC: number): readonly Edit[] =>
  m === null || m.stirredIn
    ? [{ do: 'set', step, param: 'boiled', value: true }]
    : [
        { do: 'set', step, param: 'boiled', value: false },
        { do: 'set', step, param: 'atC', value: roomC },
      ];
/** One parameter of a step, by what it is: a stream, a food, parts, or a figure. */
export function StepParam({ step, param, spec, value, p }: StepParamProps) {
  const set = (v: ParamValue): void => p.onEdit([{ do: 'set', step: step.id, param, value: v }], `${step.id}.${param}`);
  if (kindOf(step.kind).idle?.(step.params).includes(param)) return null;
  if (step.kind === 'add' && !asked(step, param, p)) return null;
  if ((step.kind === 'add' || step.kind === 'pour') && param === 'amountG' && spec.type === 'number')
    return <FoodAmount step={step} label={spec.label} high={spec.high} p={p} onChange={set} />;
  switch (spec.type) {
    case 'stream':
      return <StreamField recipe={p.plan.recipe} step={step} param={param} label={spec.label} onChange={set} />;
    case 'food':
      return (
        <FoodChoice
          label={spec.label}
          value={nameOf(step, param)}
          of={spec.liquid ? 'poured' : 'any'}
          recipe={p.plan.recipe}
          onChange={(food) =>
            p.onEdit(
              [
                ...(food.material ? [{ do: 'foods' as const, foods: [food.material] }] : []),
                { do: 'set', step: step.id, param, value: food.id },
                ...(step.kind === 'pour' ? asItComes(step.id, food.material, p.kit.roomC) : []),
              ],
              `${step.id}.${param}`,
            )
          }
        />
      );
    case 'parts':
      return typeof value === 'object' ? (
        <PartsField recipe={p.plan.recipe} step={step} parts={value} onChange={set} />
      ) : null;
    default:
      return <ParamField spec={spec} value={value} kit={p.kit} units={p.units} slider onChange={set} />;
  }
}
