import { rankFor } from '@ironpan/core/questions';
import type { AtHand, Candidate, Ranked, Use } from '@ironpan/core/questions';
import type { Here, Kit } from '@ironpan/core/kitchen';
import { METHODS, recipeIn } from '@ironpan/core/methods';
import type { MethodRecord } from '@ironpan/core/records';
import { milkOf } from '@ironpan/core/words';
import { useMemo } from 'react';

export interface School extends Candidate {
  readonly name: string;
  readonly line: string;
  readonly own: boolean;
}
export interface RankedSchool extends Ranked {
  readonly school: School;
}

/** Every school, the cook's own among them, as it would begin in this kitchen. */
export function schoolsIn(kit: Kit, own: readonly MethodRecord[]): readonly School[] {
  return [
    ...own.map((m) => ({ id: m.id, milk: milkOf(m.recipe), name: m.name, line: m.line, recipe: m.recipe, own: true })),
    ...METHODS.map((m) => ({
      id: m.id,
      milk: m.milk,
      name: m.name,
      line: m.line,
      recipe: recipeIn(m, kit),
      own: false,
    })),
  ];
}

/** The schools of a milk (or of all) in the order in which their outcomes meet a use. */
export function useSchools(
  use: Use,
  milk: string,
  at: AtHand,
  here: Here | undefined,
  own: readonly MethodRecord[] | undefined,
): readonly RankedSchool[] {
  const { hours, blender } = at;
  return useMemo(() => {
    if (!here || !own) return [];
    const schools = schoolsIn(here.kit, own).filter((s) => milk === '' || s.milk === milk);
    const byId = new Map(schools.map((s) => [s.id, s]));
    return rankFor(use, schools, here, { hours, blender }).flatMap((r): RankedSchool[] => {
      const school = byId.get(r.id);
      return school ? [{ ...r, school }] : [];
    });
  }, [use, milk, hours, blender, here, own]);
}
