import { kindOf, paramOf } from '../steps';
import { aligned, sameWay } from './aligned';
import { alike, linesOf, PLACE, STOOD_S } from './differences';
import type { DifferenceOf } from './differences';
import type { Made } from './made';

export type Value = number | string | boolean | null;
/** One line of batches side by side: what it is of, and how it is in each; null: it has none. */
export interface Row {
  readonly key: string;
  readonly at: DifferenceOf;
  readonly values: readonly Value[];
  readonly same: boolean;
}
interface Entry {
  readonly at: DifferenceOf;
  readonly value: Value;
  readonly unit: string;
}

/** All that went in, by key, in the order of the work. */
function entriesOf(m: Made): ReadonlyMap<string, Entry> {
  const out = new Map<string, Entry>();
  const put = (key: string, at: DifferenceOf, value: Value, unit: string): void =>
    void out.set(key, { at, value, unit });
  for (const [key, l] of linesOf(m.recipe))
    put(`amount.${key}`, { of: 'amount', into: l.into, material: l.material }, l.grams, 'g');
  for (const s of m.recipe.steps) {
    const stood = m.gapS[s.id] ?? 0;
    if (stood >= STOOD_S) put(`stood.${s.id}`, { of: 'stood', step: s.id }, stood, 's');
    const idle = kindOf(s.kind).idle?.(s.params) ?? [];
    for (const [name, spec] of Object.entries(kindOf(s.kind).params)) {
      const v = paramOf(s, name);
      if (typeof v === 'object' || spec.type === 'stream' || spec.type === 'food' || idle.includes(name)) continue;
      put(
        `param.${s.id}.${name}`,
        { of: 'param', step: s.id, param: name },
        v,
        spec.type === 'number' ? spec.unit : '',
      );
    }
    const lost = m.readings.reduce((g, r) => g + (r.step === s.id && r.trace === undefined ? r.value : 0), 0);
    if (lost > 0) put(`lost.${s.id}`, { of: 'lost', step: s.id }, lost, 'g');
  }
  for (const [id, { mean }] of Object.entries(m.beliefs))
    put(`coefficient.${id}`, { of: 'coefficient', id }, mean, 'times');
  for (const what of PLACE) put(`place.${what}`, { of: 'place', what }, m.kit[what], what === 'altitudeM' ? 'm' : 'C');
  put('jar', { of: 'jar' }, m.kit.use.jar, '');
  return out;
}

/** Two batches or more side by side, the others aligned to the first. None: no lines. */
export function sideBySide(all: readonly Made[]): readonly Row[] {
  const [first, ...others] = all;
  if (!first) return [];
  const set = [first, ...others.map((m) => aligned(first, m))];
  const entries = set.map(entriesOf);
  const keys = new Map(entries.flatMap((e) => [...e].map(([key, x]) => [key, x] as const)));
  const rows = [...keys].map(([key, { at, unit }]): Row => {
    // Of a thing that nothing was measured of, as usual; what is not there at all is none.
    const missing: Value = at.of === 'coefficient' ? 1 : at.of === 'stood' || at.of === 'lost' ? 0 : null;
    const values = entries.map((e) => e.get(key)?.value ?? missing);
    const same = values.every((v) => equal(v, values[0] ?? null, unit));
    return { key, at, values, same };
  });
  const steps = set.map((m) => m.recipe.steps.length);
  const way: Row = { key: 'way', at: { of: 'way' }, values: steps, same: set.every((m) => sameWay(first, m)) };
  return [way, ...rows];
}
const equal = (x: Value, y: Value, unit: string): boolean =>
  typeof x === 'number' && typeof y === 'number' ? alike(x, y, unit) : x === y;
