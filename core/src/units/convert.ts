import { DAY_S, HOUR_S, MINUTE_S } from './time';
/** Units a plan file or a screen may use, and the one unit of their kind the fold works in. */
export type InnerUnit = 'g' | 'C' | 's' | 'ml' | 'share' | 'count' | 'W' | 'm' | 'cm' | 'um' | 'price';
interface UnitSpec {
  readonly inner: InnerUnit;
  readonly factor: number;
  readonly offset: number;
}
const unit = (inner: InnerUnit, factor = 1, offset = 0): UnitSpec => ({ inner, factor, offset });

/** inner = (value + offset) · factor. Avoirdupois ounce and pound, inch: exact by the 1959 international agreement. */
export const UNITS = {
  g: unit('g'),
  kg: unit('g', 1000),
  oz: unit('g', 28.349523125),
  lb: unit('g', 453.59237),
  C: unit('C'),
  F: unit('C', 5 / 9, -32),
  s: unit('s'),
  min: unit('s', MINUTE_S),
  h: unit('s', HOUR_S),
  d: unit('s', DAY_S),
  ml: unit('ml'),
  l: unit('ml', 1000),
  '%': unit('share', 0.01),
  share: unit('share'),
  count: unit('count'),
  W: unit('W'),
  kW: unit('W', 1000),
  m: unit('m'),
  cm: unit('cm'),
  in: unit('cm', 2.54),
  um: unit('um'),
  price: unit('price'),
} as const satisfies Record<string, UnitSpec>;
export type UnitName = keyof typeof UNITS;

/** To the unit of the fold. 212 F → 100 C · 0 kg → 0 g. */
export function toInner(value: number, name: UnitName): number {
  const u = UNITS[name];
  return (value + u.offset) * u.factor;
}

/** From the unit of the fold to a unit for people; the inverse of {@link toInner}. */
export function fromInner(value: number, name: UnitName): number {
  const u = UNITS[name];
  return value / u.factor - u.offset;
}

/** Every unit name whose inner unit is `inner`, for messages: g → g, kg, oz, lb. */
export function unitsOf(inner: InnerUnit): readonly UnitName[] {
  return (Object.keys(UNITS) as UnitName[]).filter((n) => UNITS[n].inner === inner);
}
