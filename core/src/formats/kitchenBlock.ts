import { cutName } from '../units';
import { KIT_SCALARS, KIT_SPECS, THING_KINDS, THING_SPECS, USUAL_KIT } from '../kitchen';
import type { Kit, KitSpec, Thing, ThingKind } from '../kitchen';
import type { Fault } from '../records';
import type { UnitName } from '../units';
import { readAmount, writeAmount } from './amounts';
import type { AmountSpec } from './amounts';

interface Line {
  readonly key: string;
  readonly of: string;
  readonly spec: AmountSpec;
  readonly shown: UnitName;
}
/** The unit each figure is written in. */
const SHOWN: Readonly<Record<string, UnitName>> = { ratedMl: 'l', openingUm: 'um' };
const lineOf = (of: string, s: KitSpec): Line => ({
  key: s.key,
  of,
  spec: { unit: s.unit, low: s.low, high: s.high },
  shown: SHOWN[of] ?? s.unit,
});
/** The kitchen's own figures in a plan file; their bounds stand with the kitchen. */
export const KITCHEN_LINES: readonly Line[] = KIT_SCALARS.map((k) => lineOf(k, KIT_SPECS[k]));
interface ThingLines {
  readonly amounts: readonly Line[];
  readonly choices: Readonly<Record<string, readonly (string | boolean)[]>>;
}
const linesOf = (k: ThingKind): ThingLines => ({
  amounts: Object.entries(THING_SPECS[k].numbers).map(([of, s]) => lineOf(of, s)),
  choices: THING_SPECS[k].choices,
});
const KINDS = THING_KINDS;
/** The lines of a plan file that name a thing of the kitchen. */
export const THING_LINES = Object.fromEntries(KINDS.map((k) => [k, linesOf(k)])) as Readonly<
  Record<ThingKind, ThingLines>
>;

/** A kitchen block over the usual kitchen: what is not given stays usual. */
export function readKitchen(given: unknown, faults: Fault[]): Kit {
  if (given === undefined) return USUAL_KIT;
  if (typeof given !== 'object' || given === null || Array.isArray(given)) {
    faults.push({ path: 'kitchen', say: 'kitchen must be an object { … }.' });
    return USUAL_KIT;
  }
  const block = given as Record<string, unknown>;
  const kit: Record<string, unknown> = { ...USUAL_KIT };
  const known = new Set<string>([...KITCHEN_LINES.map((l) => l.key), ...KINDS, MORE]);
  for (const k of Object.keys(block))
    if (!known.has(k))
      faults.push({ path: `kitchen.${k}`, say: `kitchen.${k} is not known here; known are ${[...known].join(', ')}.` });
  for (const l of KITCHEN_LINES)
    if (block[l.key] !== undefined)
      kit[l.of] = readAmount(block[l.key], l.spec, `kitchen.${l.key}`, faults) ?? kit[l.of];
  const usual = USUAL_KIT.things.map((t) =>
    block[t.is] !== undefined && USUAL_KIT.use[t.is] === t.id
      ? readThing(t, block[t.is], `kitchen.${t.is}`, faults)
      : t,
  );
  const more = readMore(block[MORE], faults);
  kit.things = [...usual.filter((t) => !more.some((m) => m.id === t.id)), ...more];
  return kit as unknown as Kit;
}

/** The key of what stands in this kitchen besides the usual things. */
const MORE = 'things';
/** Other jugs, bags, boxes: each with an id that steps name it by, its kind, and what differs from the usual of its kind. */
function readMore(given: unknown, faults: Fault[]): readonly Thing[] {
  if (given === undefined) return [];
  if (!Array.isArray(given) || given.length > 60) {
    faults.push({ path: `kitchen.${MORE}`, say: `kitchen.${MORE} must be a list [ … ] of 60 things at most.` });
    return [];
  }
  return (given as readonly unknown[]).flatMap((x, i): Thing[] => {
    const path = `kitchen.${MORE}[${i}]`;
    const { id, is, name, ...figures } = (x ?? {}) as Readonly<Record<string, unknown>>;
    const usual = USUAL_KIT.things.find((t) => t.is === is);
    const ok = typeof id === 'string' && /^[\w:.-]{1,80}$/.test(id) && typeof name === 'string' && name.trim() !== '';
    if (!ok || !usual) {
      const say = `${path} must say its id, its name and what it is: ${KINDS.join(', ')}.`;
      faults.push({ path, say });
      return [];
    }
    return [{ ...readThing(usual, figures, path, faults), id, name: cutName(name, 80) }];
  });
}

function readThing(usual: Thing, given: unknown, path: string, faults: Fault[]): Thing {
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
  for (const l of KITCHEN_LINES)
    out[l.key] = writeAmount((kit as unknown as Record<string, number>)[l.of] ?? 0, l.shown);
  for (const kind of KINDS) {
    const t = kit.things.find((x) => x.is === kind && x.id === kit.use[kind]) as unknown as
      | Record<string, unknown>
      | undefined;
    if (!t) continue;
    out[kind] = figuresOf(kind, t);
  }
  const more = kit.things.filter((t) => isMore(t, kit));
  if (more.length > 0)
    out[MORE] = more.map((t) => ({
      id: t.id,
      is: t.is,
      name: t.name,
      ...figuresOf(t.is, t as unknown as Readonly<Record<string, unknown>>),
    }));
  return out;
}
function figuresOf(kind: ThingKind, t: Readonly<Record<string, unknown>>): Record<string, unknown> {
  const lines = THING_LINES[kind];
  const block: Record<string, unknown> = {};
  for (const l of lines.amounts) block[l.key] = writeAmount(t[l.of] as number, l.shown);
  for (const k of Object.keys(lines.choices)) block[k] = t[k];
  return block;
}
/** The usual kitchen has none of this name, or a different one that is not told as the one in use. */
function isMore(t: Thing, kit: Kit): boolean {
  const usual = USUAL_KIT.things.find((x) => x.id === t.id);
  if (!usual) return true;
  return t.id !== kit.use[t.is] && JSON.stringify({ ...t, name: '' }) !== JSON.stringify({ ...usual, name: '' });
}
