export { parseNumber } from './parseNumber';
export type { ParsedNumber, NumberFault } from './parseNumber';
export { toInner, fromInner, UNITS, unitsOf } from './convert';
export type { InnerUnit, UnitName } from './convert';
export { cupsOf, nearestCupText, METRIC_CUP_ML, US_CUP_ML } from './cups';
export { roundToStep, significant } from './round';
export { plain } from './plain';
export { leadingNumber, unitNamed, spoonText, FRACTIONS } from './quantity';
export type { QuantityUnit } from './quantity';
