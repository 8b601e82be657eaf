import type { Difference, DifferenceOf, Explained, Made, Told, Value } from '../comparing';
import type { Because, Together } from '../comparing';
import type { Material } from '../materials';
import { coefficientIn } from '../kitchen';
import { kindOf } from '../steps';
import type { Step } from '../steps';
import { plain } from '../units';
import { duration, grams, join, percent, upper } from './format';
import { CHOICES } from './labels';
import { foodName } from './language';
import { measureText } from './measures';
import { shownText } from './shown';
import { stepTitle } from './stepText';

type Named = Pick<Made, 'recipe' | 'kit'>;
/** "Wash the pulp 2" where there are several, else its title alone. */
export function stepNamed(id: string, of: Named): string {
  const s = of.recipe.steps.find((x) => x.id === id);
  if (!s) return id;
  const title = stepTitle(s, of.recipe);
  const twins = of.recipe.steps.filter((x) => stepTitle(x, of.recipe) === title);
  return twins.length > 1 ? `${title} ${twins.indexOf(s) + 1}` : title;
}
const thingNamed = (id: string, of: Named): string => of.kit.things.find((t) => t.id === id)?.name ?? id;
const specOf = (s: Step | undefined, param: string) => (s ? kindOf(s.kind).params[param] : undefined);
const stepIn = (id: string, of: Named): Step | undefined => of.recipe.steps.find((s) => s.id === id);

const PLACE_NAMES: Readonly<Record<Extract<DifferenceOf, { of: 'place' }>['what'], string>> = {
  altitudeM: 'height above the sea',
  roomC: 'room',
  fridgeC: 'fridge',
  tapC: 'tap water',
};
/** What a thing or a food did, how it is called in a table, and in a sentence with how much more or less. */
const DOES: Readonly<Record<string, readonly [row: string, does: string]>> = {
  hold: ['holds back', 'held back'],
  power: ['works', 'worked'],
  hob: ['heats', 'heated'],
  steam: ['lets off steam', 'let off steam,'],
  uptake: ['drinks', 'drank'],
  opening: ['breaks open', 'broke open'],
  dissolving: ['gives what it holds', 'gave what it holds'],
  swelling: ['swells', 'swelled'],
  leaving: ['gives with its water', 'gave with its water'],
  settling: ['settles', 'settled'],
  packing: ['packs', 'packed'],
  cooling: ['cools', 'cooled'],
  keeping: ['keeps', 'kept'],
};
function ownerOf(id: string, of: Named): readonly [name: string, row: string, does: string] {
  const { kind = '', thing = id } = coefficientIn(id) ?? {};
  const [row, does] = DOES[kind] ?? [id, id];
  const name = of.recipe.materials.some((m) => m.id === thing)
    ? foodName(thing, of.recipe)
    : (of.kit.things.find((t) => t.id === thing)?.name ?? CHOICES[thing] ?? thing);
  return [name, row, does];
}

/** A thing of the kitchen or a food and what it does: “Fine bag: holds back”. */
export function coefficientName(id: string, kit: Named['kit'], foods: readonly Material[]): string {
  const [name, row] = ownerOf(id, { recipe: { materials: foods, larder: [], steps: [] }, kit });
  return `${upper(name)}: ${row}`;
}
/** So many times the usual: “1.4 × usual”; the usual itself by name. */
export const timesUsual = (x: number): string =>
  Math.abs(x - 1) < 0.01 ? 'as usual' : join({ n: plain(x, 2), unit: '×\u00a0usual' });

/** What a line of batches side by side is of. */
export function differenceName(at: DifferenceOf, of: Named): string {
  switch (at.of) {
    case 'size':
      return 'size of the batch';
    case 'amount':
      return foodName(at.material, of.recipe);
    case 'swap':
      return 'food';
    case 'food':
      return `${foodName(at.material, of.recipe)}, as it is described`;
    case 'param': {
      const spec = specOf(stepIn(at.step, of), at.param);
      return `${stepNamed(at.step, of)}: ${spec?.label ?? at.param}`;
    }
    case 'way':
      return 'the steps';
    case 'coefficient': {
      const [name, row] = ownerOf(at.id, of);
      return `${name}: ${row}`;
    }
    case 'thing':
      return thingNamed(at.id, of);
    case 'place':
      return PLACE_NAMES[at.what];
    case 'jar':
      return 'jar';
    case 'stood':
      return `stood before “${stepNamed(at.step, of).toLowerCase()}”`;
    case 'lost':
      return `${stepNamed(at.step, of)}: ran over or out`;
    case 'course':
      return `${stepNamed(at.step, of)}: temperatures by the probe`;
  }
}
/** A value of such a line, as a kitchen says it; none: –. */
export function differenceValue(at: DifferenceOf, v: Value, of: Named): string {
  if (v === null) return '–';
  switch (at.of) {
    case 'size':
      return join({ n: plain(Number(v), 2), unit: '×' });
    case 'amount':
    case 'lost':
      return join(grams(Number(v)));
    case 'swap':
      return String(v)
        .split(' ')
        .map((id) => foodName(id, of.recipe))
        .join(' and ');
    case 'stood':
      return Number(v) === 0 ? 'not' : join(duration(Number(v)));
    case 'coefficient':
      return timesUsual(Number(v));
    case 'place':
      return at.what === 'altitudeM' ? join({ n: plain(Number(v)), unit: 'm' }) : shownText('C', Number(v));
    case 'thing':
    case 'jar':
      return thingNamed(String(v), of);
    case 'way':
      return `${plain(Number(v))} steps`;
    case 'food':
    case 'course':
      return String(v);
    case 'param': {
      const spec = specOf(stepIn(at.step, of), at.param);
      if (typeof v === 'number') return spec?.type === 'number' ? shownText(spec.shown, v) : plain(v);
      if (typeof v === 'boolean') return v ? 'yes' : 'no';
      return spec?.type === 'thing' ? thingNamed(v, of) : (CHOICES[v] ?? v);
    }
  }
}
/** 1.4 → 40 % more · 0.8 → 20 % less · 2.3 → 2.3 times as much. */
const timesText = (x: number): string =>
  x >= 1.95 ? `${plain(x, 1)} times as much` : `${join(percent(Math.abs(x - 1)))} ${x < 1 ? 'less' : 'more'}`;

/** A difference in a clause: “Soak: soak for 4 h instead of 10 h”; `than`: what a thing is measured by (“expected”). */
export function differenceText(d: Difference, a: Named, b: Named, than: string): string {
  const both = { recipe: withBoth(a, b), kit: b.kit };
  switch (d.at.of) {
    case 'size':
      return `${timesText(Number(d.to))} of everything`;
    case 'way':
      return wayText(a, b);
    case 'coefficient': {
      const [name, , does] = ownerOf(d.at.id, both);
      return `${name} ${does} ${timesText(Number(d.to) / Number(d.from))} than ${than}`.replace(
        'as much than',
        'as much as',
      );
    }
    case 'lost':
      return d.to === null || d.to === 0
        ? `nothing ran over at “${stepNamed(d.at.step, both).toLowerCase()}”`
        : `${join(grams(Number(d.to)))} ran over or out at “${stepNamed(d.at.step, both).toLowerCase()}”`;
    case 'stood':
      return Number(d.from) === 0
        ? `it stood ${join(duration(Number(d.to)))} before “${stepNamed(d.at.step, both).toLowerCase()}”`
        : `it stood ${join(duration(Number(d.to)))} instead of ${join(duration(Number(d.from)))} before “${stepNamed(d.at.step, both).toLowerCase()}”`;
    case 'course':
    case 'food':
      return differenceName(d.at, both);
    case 'thing':
      return `${thingNamed(d.at.id, b)} is another`;
    default: {
      const name = clauseName(d.at, both);
      const [from, to] = [differenceValue(d.at, d.from, a), differenceValue(d.at, d.to, { ...both, kit: b.kit })];
      return d.at.of === 'swap' ? `${to} instead of ${from}` : `${name} ${to} instead of ${from}`;
    }
  }
}
/** As in a table, but within a sentence: “soak” says how long, and a step begins no sentence. */
function clauseName(at: DifferenceOf, of: Named): string {
  if (at.of !== 'param') return differenceName(at, of);
  const title = stepNamed(at.step, of).toLowerCase();
  const label = specOf(stepIn(at.step, of), at.param)?.label ?? at.param;
  return /^how /.test(label) ? title : `${title}: ${label}`;
}
/** Steps and foods of both, the second's first where they are called alike. */
const withBoth = (a: Named, b: Named): Named['recipe'] => ({
  ...b.recipe,
  steps: b.recipe.steps.some((s) => !a.recipe.steps.some((t) => t.id === s.id)) ? b.recipe.steps : a.recipe.steps,
  materials: [...b.recipe.materials, ...a.recipe.materials],
});
/** “with pour water; without wash the pulp”. */
export function wayText(a: Named, b: Named): string {
  const only = (x: Named, y: Named): string[] =>
    x.recipe.steps
      .filter((s) => !y.recipe.steps.some((t) => t.id === s.id && t.kind === s.kind))
      .map((s) => stepNamed(s.id, x).toLowerCase());
  const [more, less] = [only(b, a), only(a, b)];
  if (more.length + less.length === 0) return 'the same steps in another order, or of something else';
  const parts = [
    ...(more.length > 0 ? [`with ${more.join(', ')}`] : []),
    ...(less.length > 0 ? [`without ${less.join(', ')}`] : []),
  ];
  return parts.join('; ');
}

/** A move of a figure with its sign: “−47 ml”, “+0.3 %”. */
export function movedText(of: Explained, x: number): string {
  const sign = x < 0 ? '−' : '+';
  return `${sign}${join(of === 'body' || of === 'slime' ? { n: plain(Math.abs(x), 2), unit: '× water' } : measureText(of, Math.abs(x)))}`;
}
/** What can be said of a figure as a whole. */
export function verdictText(of: Explained, b: Because, t: Told): string {
  const by = movedText(of, b.to - b.from);
  const rest = movedText(of, b.rest);
  const usual = join(
    of === 'body' || of === 'slime' ? { n: plain(b.day, 2), unit: '× water' } : measureText(of, b.day),
  );
  const within = Math.abs(b.rest) <= b.day;
  const day = within
    ? `That is no more than such batches differ by from one day to another (${usual}).`
    : `That is more than from one day to another (${usual}): something was not written down, or was weighed with the pot.`;
  switch (t.verdict) {
    case 'same':
      return 'The same in both.';
    case 'known':
      return `${by}: what was written down explains it.`;
    case 'partly':
      return `${by}, of which nothing that was written down explains ${rest}. ${day}`;
    case 'day':
      return `${by}, and nothing that was written down explains it. ${day}`;
    case 'unknown':
      return `${by}, and nothing that was written down explains it. ${day}`;
  }
}
/** What weighs less than this share of the weightiest is not named beside it. */
const WEIGHTY = 0.3;
/** The causes in a clause, the weightiest first: “Fine bag held back 40 % more than expected”. Nothing known: null. */
export function causesText(t: Told, a: Named, b: Named, than: string, most = 2): string | null {
  const least = WEIGHTY * Math.abs(t.causes[0]?.share ?? 0);
  const weighty = t.causes.filter((c) => Math.abs(c.share) >= least);
  const named = weighty.slice(0, most).map((c) => differenceText(c.of, a, b, than));
  return named.length === 0 ? null : named.join(', and ');
}
/** More are not read out one by one. */
const READ_OUT = 3;
/** That some differences cannot be told apart by what is known. */
export function togetherText(t: Together, a: Named, b: Named, than: string): string {
  const names = t.differences.slice(0, READ_OUT).map((d) => differenceText(d, a, b, than));
  const more = t.differences.length - names.length;
  const all = more > 0 ? [...names, `${plain(more)} more`] : names;
  const list = `${all.slice(0, -1).join('; ')}; and ${all.at(-1) ?? ''}`;
  const seen = t.batches <= 2 ? 'These two batches' : `All ${plain(t.batches)} batches that had the one or the other`;
  return `${upper(list)}: these changed together. ${seen} cannot tell which of them did it; the shares are worked out.`;
}
