import { fig } from '../../checks';
import { massG } from '../../kitchen';
import { MATERIALS } from '../../materials';
import type { Material } from '../../materials';
import { kindOf, makeStep } from '../../steps';
import type { Recipe, Step } from '../../steps';
import type { RescueEdit } from '../../batch';
import { isOpen } from './inHand';
import { enough, idsFor, line, moveOf, putIn } from './sick';
import type { Aim, Move, Sick } from './sick';

const SUGAR = 'sugar';
const DATES = 'date-syrup';
/** As sweet as this per 100 g, it sweetens. */
const SWEETENS_G = 40;
/** The edit that makes a food known; none where the plan knows it. */
const known = (r: Recipe, m: Material): readonly RescueEdit[] =>
  r.materials.some((x) => x.id === m.id) ? [] : [{ do: 'foods', foods: [m] }];

/** Sweetening stirred in: what the plan sweetens with, else sugar or dates. */
export function sweeten(s: Sick, aim: Aim): readonly Move[] {
  const { hand } = s;
  if (!isOpen(hand)) return [];
  const own = s.p.recipe.materials.filter((m) => m.stirredIn && m.per100g.sugars >= SWEETENS_G);
  const foods = own.length > 0 ? own : MATERIALS.filter((m) => m.id === SUGAR || m.id === DATES);
  const id = idsFor(s)('sweeten');
  return foods.flatMap((m) => {
    const edits = (amountG: number) => [
      ...known(s.p.recipe, m),
      ...putIn(hand, [makeStep(id, 'add', { of: hand.stream, food: m.id, amountG })]),
    ];
    const g = enough(s, aim, edits, [0, Math.ceil(massG(hand.now) / 5), 1]);
    return g === null
      ? []
      : moveOf(s, { ...line('sweeten', { addG: fig(g, 'g') }), named: m.name.toLowerCase() }, edits(g), aim);
  });
}

/** What is ground as it comes, without a soak or a cooking before, can be ground once more. */
function groundAsItIs(s: Sick): {
  readonly food: string;
  readonly name: string;
  readonly grind: Step<'grind'>;
  readonly strain: Step<'strain'>;
} | null {
  const { steps, larder } = s.p.recipe;
  const at = steps.findIndex((x) => x.kind === 'grind');
  const grind = steps[at];
  const strain = steps.find((x): x is Step<'strain'> => x.kind === 'strain');
  const [first] = larder;
  if (grind?.kind !== 'grind' || !strain || !first || first.into !== grind.params.of) return null;
  const before = steps
    .slice(0, at)
    .some((x) => kindOf(x.kind).reads(x.params).includes(first.into) && x.kind !== 'sort');
  const name = s.p.recipe.materials.find((m) => m.id === first.material)?.name.toLowerCase() ?? first.material;
  return before ? null : { food: first.material, name, grind, strain };
}
/** More of the food, ground into the milk that is there, and strained as before. */
export function moreFood(s: Sick, aim: Aim): readonly Move[] {
  const { hand } = s;
  const as = groundAsItIs(s);
  if (!isOpen(hand) || !as) return [];
  const begun = s.p.recipe.larder.reduce((g, l) => g + l.grams, 0);
  const newId = idsFor(s);
  const [addId, grindId, strainId] = [newId('moreFood'), newId('grindAgain'), newId('strainAgain')];
  const strained = hand.ahead.some((x) => x.kind === 'strain' && x.params.of === hand.stream);
  const { loads, durationS, jug } = as.grind.params;
  const edits = (amountG: number) =>
    putIn(hand, [
      makeStep(addId, 'add', { of: hand.stream, food: as.food, amountG }),
      makeStep(grindId, 'grind', { of: hand.stream, waterG: 0, loads, durationS, jug }),
      ...(strained
        ? []
        : [
            makeStep(strainId, 'strain', {
              ...as.strain.params,
              of: hand.stream,
              into: hand.stream,
              pulp: 'second pulp',
            }),
          ]),
    ]);
  const g = enough(s, aim, edits, [0, Math.ceil(begun / 5) * 5, 5]);
  return g === null ? [] : moveOf(s, { ...line('moreFood', { addG: fig(g, 'g') }), named: as.name }, edits(g), aim);
}
