import { plain, toInner, fromInner, unitsOf, UNITS } from '../units';
import type { InnerUnit, UnitName } from '../units';
import type { NumberSpec } from '../steps';
import { WATER_G_PER_ML } from '../materials';
import type { Fault } from '../records';

/** Less than this (a microgram, a microsecond) is nothing. */
const LEAST = 1e-6;

/** What an amount may be in a file. */
export interface AmountSpec {
  readonly unit: InnerUnit;
  readonly low: number;
  readonly high: number;
  readonly water?: boolean;
  readonly whole?: boolean;
  /** Besides value and unit, a food says its basis. */
  readonly basis?: string;
}
/** {value, unit} of an amount of the fold, in the unit people use for it. */
export const amountOf = (s: NumberSpec): AmountSpec => ({
  unit: s.unit,
  low: s.low,
  high: s.high,
  water: s.water === true,
  whole: s.unit === 'count',
});
/** The units in which an amount may be written. */
export const unitsFor = (s: AmountSpec): readonly UnitName[] => [...unitsOf(s.unit), ...(s.water ? unitsOf('ml') : [])];

/** The unit a bound is told in: one that suits its size. */
export function boundText(x: number, unit: InnerUnit): string {
  const best: Partial<Record<InnerUnit, UnitName>> = { s: x >= 7200 ? 'h' : x >= 120 ? 'min' : 's', share: '%' };
  const name = best[unit] ?? unit;
  const v = fromInner(x, name);
  return `${plain(v, Number.isInteger(v) ? 0 : 3)} ${name}`;
}

/** {"value":10,"unit":"h"} → 36000. Anything else: a sentence pushed to `faults`, and null. */
export function readAmount(given: unknown, spec: AmountSpec, path: string, faults: Fault[]): number | null {
  const units = unitsFor(spec);
  const say = (text: string): null => {
    faults.push({ path, say: `${path} ${text}` });
    return null;
  };
  const example = `{"value": ${spec.whole ? 1 : 10}, "unit": "${units[0] ?? ''}"${spec.basis ? `, "basis": "${spec.basis}"` : ''}}`;
  if (given === undefined) return say(`is missing; write ${example}.`);
  if (typeof given === 'number')
    return say(`is the bare number ${given}; say its unit: ${example.replace(/1?[10](?=,)/, String(given))}.`);
  if (typeof given !== 'object' || given === null || Array.isArray(given))
    return say(`must be an amount such as ${example}.`);
  const { value, unit, basis, ...rest } = given as Record<string, unknown>;
  const unknown = Object.keys(rest)[0];
  if (unknown !== undefined) return say(`has “${unknown}”, which is not known here.`);
  if (typeof value !== 'number' || !Number.isFinite(value))
    return say(`needs a number as its value; ${JSON.stringify(value)} is none.`);
  if (unit === undefined) return say(`has no unit; use ${units.join(', ')}.`);
  if (!units.includes(unit as UnitName))
    return say(`has the unit “${JSON.stringify(unit).replaceAll('"', '')}”; use ${units.join(', ')}.`);
  if (spec.basis === undefined ? basis !== undefined : basis !== spec.basis)
    return say(spec.basis === undefined ? 'has a basis; only food has one.' : `must have the basis “${spec.basis}”.`);
  const name = unit as UnitName;
  const inner = toInner(value, name) * (UNITS[name].inner === 'ml' && spec.unit === 'g' ? WATER_G_PER_ML : 1);
  if (spec.whole === true && !Number.isInteger(inner)) return say(`is ${value}; it must be a whole number.`);
  const slack = 1e-9 * Math.max(1, Math.abs(spec.high));
  if (inner < spec.low - slack || inner > spec.high + slack)
    return say(
      `is ${value} ${name}; it must be ${boundText(spec.low, spec.unit)} to ${boundText(spec.high, spec.unit)}.`,
    );
  // 70 % is 0.7, without the dust of binary arithmetic.
  return Math.abs(inner) < LEAST ? 0 : Number(inner.toPrecision(12));
}

/** 36000 s shown in h → {"value":10,"unit":"h"}. */
export function writeAmount(inner: number, unit: UnitName, basis?: string): Record<string, unknown> {
  const value = Number(fromInner(inner, unit).toPrecision(15));
  return basis === undefined ? { value, unit } : { value, unit, basis };
}
