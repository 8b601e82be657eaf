import type { InnerUnit } from '../units';
import type { Kit, ThingKind } from './kit';

/** Bounds of a kitchen's own figures, in the unit of the fold: the one home for records, plan files and fields. */
export interface KitSpec {
  readonly label: string;
  readonly unit: InnerUnit;
  /** Key in a plan file. */
  readonly key: string;
  readonly low: number;
  readonly high: number;
}
const spec = (label: string, key: string, unit: InnerUnit, low: number, high: number): KitSpec => ({
  label,
  key,
  unit,
  low,
  high,
});

type Scalar = 'altitudeM' | 'roomC' | 'fridgeC' | 'tapC' | 'cupMl' | 'perKWh' | 'boughtPerL';
/** The figures of a kitchen: label, unit and bounds; fields, files and validators derive from it. */
export const KIT_SPECS: Readonly<Record<Scalar, KitSpec>> = {
  altitudeM: spec('altitude', 'altitude', 'm', -400, 5000),
  roomC: spec('room', 'room', 'C', 0, 45),
  fridgeC: spec('fridge', 'fridge', 'C', -1, 15),
  tapC: spec('tap water', 'tap', 'C', 0, 40),
  cupMl: spec('your own cup, full of water', 'cup', 'ml', 50, 500),
  perKWh: spec('a kilowatt-hour costs', 'energyPrice', 'price', 0, 100),
  boughtPerL: spec('a bought litre costs', 'boughtLitre', 'price', 0, 1000),
};

interface ThingSpecs {
  readonly name: string;
  readonly numbers: Readonly<Record<string, KitSpec>>;
  readonly choices: Readonly<Record<string, readonly (string | boolean)[]>>;
}
const vessel = {
  ml: spec('holds', 'volume', 'ml', 50, 100_000),
  diameterCm: spec('across', 'diameter', 'cm', 4, 80),
  massG: spec('weighs empty', 'mass', 'g', 10, 20_000),
};
/** The same for each kind of thing. */
export const THING_SPECS: Readonly<Record<ThingKind, ThingSpecs>> = {
  jug: {
    name: 'Jugs',
    numbers: {
      ratedMl: spec('rated volume', 'rated', 'ml', 100, 20_000),
      watts: spec('rated power', 'power', 'W', 20, 5000),
    },
    choices: { lid: ['vented', 'sealed'] },
  },
  strainer: {
    name: 'Bags and sieves',
    numbers: {
      openingUm: spec('opening of one layer', 'opening', 'um', 5, 5000),
      layers: spec('layers', 'layers', 'count', 1, 16),
    },
    choices: {},
  },
  pot: { name: 'Pots', numbers: vessel, choices: { made: ['steel', 'glass'] } },
  bowl: { name: 'Bowls', numbers: vessel, choices: { made: ['steel', 'glass'] } },
  hob: {
    name: 'Hobs',
    numbers: { watts: spec('power', 'power', 'W', 100, 10_000) },
    choices: { heat: ['gas', 'electric', 'induction'] },
  },
  jar: { name: 'Jars', numbers: { ml: spec('holds', 'volume', 'ml', 30, 20_000) }, choices: { glass: [true, false] } },
};
/** Every kind of thing. */
export const THING_KINDS = Object.keys(THING_SPECS) as readonly ThingKind[];
/** The names of a kitchen’s figures. */
export const KIT_SCALARS = Object.keys(KIT_SPECS) as readonly Scalar[];
/** Only these keys: `Kit[Scalar]` is a number. */
export type KitScalar = Scalar & keyof Kit;
