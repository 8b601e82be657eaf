import { USUAL_KIT } from '../kitchen';
import type { Kit, Thing, ThingKind } from '../kitchen';
import type { Fault } from '../records';
import type { UnitName } from '../units';
import { readAmount, writeAmount } from './amounts';
import type { AmountSpec } from './amounts';

type Scalar = 'altitudeM' | 'roomC' | 'fridgeC' | 'tapC' | 'cupMl';
interface Line {
  readonly key: string;
  readonly of: string;
  readonly spec: AmountSpec;
  readonly shown: UnitName;
}
/** The kitchen's own figures in a plan file; the one home of their bounds and names there. */
export const KITCHEN_LINES: readonly (Line & { readonly of: Scalar })[] = [
  { key: 'altitude', of: 'altitudeM', spec: { unit: 'm', low: -400, high: 5000 }, shown: 'm' },
  { key: 'room', of: 'roomC', spec: { unit: 'C', low: 0, high: 45 }, shown: 'C' },
  { key: 'fridge', of: 'fridgeC', spec: { unit: 'C', low: -1, high: 15 }, shown: 'C' },
  { key: 'tap', of: 'tapC', spec: { unit: 'C', low: 0, high: 40 }, shown: 'C' },
  { key: 'cup', of: 'cupMl', spec: { unit: 'ml', low: 50, high: 500 }, shown: 'ml' },
];
interface ThingLines {
  readonly amounts: readonly Line[];
  readonly choices: Readonly<Record<string, readonly (string | boolean)[]>>;
}
const vessel: ThingLines = {
  amounts: [
    { key: 'volume', of: 'ml', spec: { unit: 'ml', low: 50, high: 100_000 }, shown: 'l' },
    { key: 'diameter', of: 'diameterCm', spec: { unit: 'cm', low: 4, high: 80 }, shown: 'cm' },
    { key: 'mass', of: 'massG', spec: { unit: 'g', low: 10, high: 20_000 }, shown: 'g' },
  ],
  choices: { made: ['glass', 'steel'] },
};
export const THING_LINES: Readonly<Record<ThingKind, ThingLines>> = {
  jug: {
    amounts: [
      { key: 'rated', of: 'ratedMl', spec: { unit: 'ml', low: 100, high: 20_000 }, shown: 'l' },
      { key: 'power', of: 'watts', spec: { unit: 'W', low: 20, high: 5000 }, shown: 'W' },
    ],
    choices: { lid: ['vented', 'sealed'] },
  },
  strainer: {
    amounts: [{ key: 'opening', of: 'openingUm', spec: { unit: 'um', low: 5, high: 5000 }, shown: 'um' }],
    choices: {},
  },
  pot: vessel,
  bowl: vessel,
  hob: {
    amounts: [{ key: 'power', of: 'watts', spec: { unit: 'W', low: 100, high: 10_000 }, shown: 'W' }],
    choices: { heat: ['gas', 'electric', 'induction'] },
  },
  jar: {
    amounts: [{ key: 'volume', of: 'ml', spec: { unit: 'ml', low: 30, high: 20_000 }, shown: 'ml' }],
    choices: { glass: [true, false] },
  },
};
const KINDS = Object.keys(THING_LINES) as ThingKind[];

/** A kitchen block over the usual kitchen: what is not given stays usual. */
export function readKitchen(given: unknown, faults: Fault[]): Kit {
  if (given === undefined) return USUAL_KIT;
  if (typeof given !== 'object' || given === null || Array.isArray(given)) {
    faults.push({ path: 'kitchen', say: 'kitchen must be an object { … }.' });
    return USUAL_KIT;
  }
  const block = given as Record<string, unknown>;
  const kit: Record<string, unknown> = { ...USUAL_KIT };
  const known = new Set<string>([...KITCHEN_LINES.map((l) => l.key), ...KINDS]);
  for (const k of Object.keys(block))
    if (!known.has(k))
      faults.push({ path: `kitchen.${k}`, say: `kitchen.${k} is not known here; known are ${[...known].join(', ')}.` });
  for (const l of KITCHEN_LINES)
    if (block[l.key] !== undefined)
      kit[l.of] = readAmount(block[l.key], l.spec, `kitchen.${l.key}`, faults) ?? kit[l.of];
  kit.things = USUAL_KIT.things.map((t) =>
    block[t.is] !== undefined && USUAL_KIT.use[t.is] === t.id ? readThing(t, block[t.is], faults) : t,
  );
  return kit as unknown as Kit;
}

function readThing(usual: Thing, given: unknown, faults: Fault[]): Thing {
  const path = `kitchen.${usual.is}`;
  if (typeof given !== 'object' || given === null || Array.isArray(given)) {
    faults.push({ path, say: `${path} must be an object { … }.` });
    return usual;
  }
  const block = given as Record<string, unknown>;
  const lines = THING_LINES[usual.is];
  const known = [...lines.amounts.map((l) => l.key), ...Object.keys(lines.choices)];
  const out: Record<string, unknown> = { ...usual };
  for (const k of Object.keys(block))
    if (!known.includes(k))
      faults.push({ path: `${path}.${k}`, say: `${path}.${k} is not known here; known are ${known.join(', ')}.` });
  for (const l of lines.amounts)
    if (block[l.key] !== undefined)
      out[l.of] = readAmount(block[l.key], l.spec, `${path}.${l.key}`, faults) ?? out[l.of];
  for (const [k, choices] of Object.entries(lines.choices)) {
    const v = block[k];
    if (v === undefined) continue;
    if ((choices as readonly unknown[]).includes(v)) out[k] = v;
    else
      faults.push({
        path: `${path}.${k}`,
        say: `${path}.${k} is ${JSON.stringify(v)}; use ${choices.map((c) => JSON.stringify(c)).join(' or ')}.`,
      });
  }
  return out as unknown as Thing;
}

/** The kitchen that was used, defaults and all. */
export function writeKitchen(kit: Kit): Record<string, unknown> {
  const out: Record<string, unknown> = {};
  for (const l of KITCHEN_LINES) out[l.key] = writeAmount(kit[l.of], l.shown);
  for (const kind of KINDS) {
    const t = kit.things.find((x) => x.is === kind && x.id === kit.use[kind]) as unknown as
      Record<string, unknown> | undefined;
    if (!t) continue;
    const lines = THING_LINES[kind];
    const block: Record<string, unknown> = {};
    for (const l of lines.amounts) block[l.key] = writeAmount(t[l.of] as number, l.shown);
    for (const k of Object.keys(lines.choices)) block[k] = t[k];
    out[kind] = block;
  }
  return out;
}
