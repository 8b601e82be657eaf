import { isRead, kindOf, nameOf, numberOf } from '../steps';
import type { Kind, ParamValue, Recipe, Step } from '../steps';
import { celsius, duration, grams, join, millilitres, percent } from './format';
import { CHOICES, streamName } from './labels';
import { foodName } from './language';

/** What a step is called where its kind alone says too little: “Add salt”, “Pour water”. */
export function stepTitle(s: Step, r: Recipe): string {
  const food = s.kind === 'add' ? s.params.food : s.kind === 'pour' ? s.params.liquid : null;
  const { label } = kindOf(s.kind);
  return food === null ? label : `${label} ${foodName(food, r).split(',')[0] ?? ''}`;
}
/** Figures a line has room for. */
const SHOWN = 3;

/** A step in a line: what it takes, what it makes, its weightiest figures. “beans, 1 100 g, 90 s”. */
export function stepText(s: Step, r: Recipe): string {
  const specs = Object.entries(kindOf(s.kind).params);
  const name = (n: string): string => streamName(n, r);
  const takes = specs.flatMap(([n, spec]) => (spec.type === 'stream' && isRead(s, n) ? [name(nameOf(s, n))] : []));
  const makes = specs.flatMap(([n, spec]) =>
    spec.type === 'stream' && !isRead(s, n) && n !== 'pulp' && !takes.includes(name(nameOf(s, n)))
      ? [name(nameOf(s, n))]
      : [],
  );
  const streams = [takes.join(' into '), makes.length > 0 ? `into ${makes.join(' and ')}` : ''].filter((x) => x !== '');
  const parts =
    'parts' in s.params ? [s.params.parts.map((x) => `${name(x.name)} ${join(percent(x.share))}`).join(', ')] : [];
  const idle = kindOf(s.kind).idle?.(s.params) ?? [];
  const figures = specs.flatMap(([n, spec]) => {
    if (idle.includes(n)) return [];
    if (spec.type === 'choice' && n === 'hand') return [CHOICES[nameOf(s, n)] ?? nameOf(s, n)];
    if (spec.type !== 'number') return [];
    const v = numberOf(s, n);
    if (v <= 0 || !['g', 'C', 's', 'ml'].includes(spec.unit)) return [];
    if (spec.unit === 'C' && 'place' in s.params && s.params.place !== 'other' && n === 'placeC') return [];
    return [join({ g: grams, C: celsius, s: duration, ml: millilitres }[spec.unit as 'g'](v))];
  });
  return [streams.join(' '), ...parts, ...figures.slice(0, SHOWN)].filter((x) => x !== '').join(', ');
}

/** What a recipe said of a step: “Soak: 10 h, worktop”; nothing said: its name alone. */
export function saidText(kind: Kind, set: Readonly<Record<string, ParamValue>>): string {
  const { label, params } = kindOf(kind);
  const parts = Object.entries(set).flatMap(([name, v]): string[] => {
    const spec = params[name];
    if (spec?.type === 'choice') return [CHOICES[typeof v === 'string' ? v : ''] ?? label];
    if (spec?.type !== 'number' || typeof v !== 'number') return [];
    if (spec.unit === 'count') return [`${spec.label} ${v}`];
    return [join({ g: grams, C: celsius, s: duration }[spec.unit as 'g'](v))];
  });
  return parts.length > 0 ? `${label}: ${parts.join(', ')}` : label;
}
