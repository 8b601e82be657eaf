import { FIGURES, KINDS, kindOf } from '../steps';
import type { Kind, ParamSpec } from '../steps';
import { MATERIALS } from '../materials';
import { USUAL_KIT } from '../kitchen';
import { amountOf, boundText, unitsFor, writeAmount } from './amounts';
import { KITCHEN_LINES, THING_LINES, writeKitchen } from './kitchenBlock';
import { fileKey, PLAN_FORMAT, PLAN_VERSION } from './planFile';
import { PRODUCT_KEYS, STREAM_KEYS, OUTCOME_FORMAT } from './outcomeFile';

/** "fat cap lifted off, g"; shares and flags say by themselves what they are. */
const figureText = ([unit, what]: (typeof FIGURES)[keyof typeof FIGURES]): string =>
  unit === 'flag' || unit === 'count' ? what : `${what}, ${unit === 'C' ? '°C' : unit === 'share' ? 'fraction' : unit}`;
const row = (...cells: readonly string[]): string => `| ${cells.join(' | ')} |`;
const code = (x: unknown): string => `\`${typeof x === 'string' ? x : JSON.stringify(x)}\``;

function paramRow(kind: Kind, name: string, spec: ParamSpec): string {
  const key = code(fileKey(kind, name, spec));
  if (spec.type === 'number') {
    const s = amountOf(spec);
    const from = `${boundText(spec.low, spec.unit)} to ${boundText(spec.high, spec.unit)}`;
    return row(
      key,
      spec.label,
      unitsFor(s).join(', '),
      from,
      code(JSON.stringify(writeAmount(spec.default, spec.shown))),
    );
  }
  const values =
    spec.type === 'choice'
      ? spec.choices.map((c) => code(c)).join(', ')
      : spec.type === 'flag'
        ? '`true`, `false`'
        : spec.type === 'stream'
          ? 'a name'
          : spec.type === 'food'
            ? spec.liquid
              ? '`water`, or the id of a material'
              : 'the id of a material'
            : spec.type === 'parts'
              ? '`[{"name": …, "share": {"value": 30, "unit": "%"}}, …]`, six at most'
              : ['in use', ...USUAL_KIT.things.filter((t) => t.is === spec.thing).map((t) => t.id)]
                  .map((c) => code(c))
                  .join(', ');
  return row(key, spec.label, '', values, code(spec.type === 'parts' ? JSON.stringify(spec.default) : spec.default));
}
function kindText(kind: Kind): string {
  const k = kindOf(kind);
  return [
    `### ${code(kind)}: ${k.label}`,
    '',
    k.what,
    '',
    row('key', 'meaning', 'units', 'bounds or values', 'default'),
    row('---', '---', '---', '---', '---'),
    ...Object.entries(k.params).map(([n, s]) => paramRow(kind, n, s)),
  ].join('\n');
}
const keyTable = (keys: Readonly<Record<string, string>>): string[] => [
  row('key', 'meaning'),
  row('---', '---'),
  ...Object.entries(keys).map(([k, v]) => row(code(k), v)),
];

/** docs/plan-file.md, written from the step kinds themselves; a test compares the two. */
export function planFileDocs(): string {
  const usual = writeKitchen(USUAL_KIT);
  return `${[
    '# The plan file',
    '',
    'Generated from the code by `npm run docs`; do not edit by hand.',
    '',
    '`npm run --silent predict -- plan.json` (or `-` for standard input) reads a plan and prints the predicted outcome.',
    '`--methods` lists every method; `--method ID` prints that method’s plan file, ready to edit. Bad input: one sentence a fault',
    'on standard error, and exit code 2.',
    '',
    'Every amount is an object with its unit, `{"value": 10, "unit": "h"}`; food also says its basis. A bare number is a fault, and so is an unknown key.',
    'A parameter that is left out takes its default.',
    '',
    '## The whole',
    '',
    ...keyTable({
      format: `always ${code(PLAN_FORMAT)}`,
      version: `${PLAN_VERSION}; a newer one is refused with a sentence`,
      name: 'what the plan is called',
      method: 'optional: the method it came from',
      larder: 'what is taken from the larder: `{"into": stream, "material": id, "amount": {"value", "unit", "basis"}}`',
      steps: 'the steps in order: `{"id": own name, "kind": …, …parameters}`',
      kitchen: 'optional: what differs from the usual kitchen',
      materials: 'optional: own materials, like a known one with what differs',
    }),
    '',
    `Units of mass: g, kg, oz, lb; of temperature: C, F; of time: s, min, h, d; of a share: %, share; of a number: count. Water may also be given in ml or l.`,
    '',
    '## Materials',
    '',
    `Known: ${MATERIALS.map((m) => `${code(m.id)} (${m.name}, basis ${m.basis})`).join(', ')}. An own one: \`{"id", "name", "like": known id, "per100g": {"protein": {"value": 38, "unit": "g"}, …}, "canLeave": {"protein": {"value": 80, "unit": "%"}, …}, "cup": {"value": 90, "unit": "g"}}\`;`,
    'what is not given is as in the known one; water is what is missing to 100 g.',
    '',
    '## The kitchen',
    '',
    row('key', 'units', 'bounds', 'default'),
    row('---', '---', '---', '---'),
    ...KITCHEN_LINES.map((l) =>
      row(
        code(l.key),
        unitsFor(l.spec).join(', '),
        `${boundText(l.spec.low, l.spec.unit)} to ${boundText(l.spec.high, l.spec.unit)}`,
        code(JSON.stringify(usual[l.key])),
      ),
    ),
    row(
      code('things'),
      '',
      'a list: `{"id", "is": kind of thing, "name", …}` with what differs from the usual of its kind',
      'none besides the usual',
    ),
    ...Object.entries(THING_LINES).flatMap(([kind, lines]) => [
      ...lines.amounts.map((l) =>
        row(
          code(`${kind}.${l.key}`),
          unitsFor(l.spec).join(', '),
          `${boundText(l.spec.low, l.spec.unit)} to ${boundText(l.spec.high, l.spec.unit)}`,
          code(JSON.stringify((usual[kind] as Record<string, unknown>)[l.key])),
        ),
      ),
      ...Object.entries(lines.choices).map(([k, c]) =>
        row(
          code(`${kind}.${k}`),
          '',
          c.map((x) => code(x)).join(', '),
          code((usual[kind] as Record<string, unknown>)[k]),
        ),
      ),
    ]),
    '',
    '## Steps',
    '',
    KINDS.map(kindText).join('\n\n'),
    '',
    '## The result',
    '',
    ...keyTable({
      format: `always ${code(OUTCOME_FORMAT)}`,
      version: '1',
      model: 'number of the computation',
      name: 'as in the plan',
      method: 'as in the plan, or null',
      milk: 'the main product (see below), or null',
      pulp: 'the stream called pulp, or null',
      products: 'every stream there is at the end',
      'totals.elapsedS': 'from the first step to the last, no waiting between, s',
      'totals.handsOnS': 'with your hands, s',
      'totals.steamG': 'left as steam, g',
      'totals.thrownAwayG': 'poured down the drain, hulls included, g',
      'totals.filmG': 'stuck to pot, jug and bag, g',
      'totals.jarredMl': 'in jars and boxes altogether, ml',
      'totals.kWh': 'energy of hob, jug and oven, kWh (an estimate)',
      'totals.cost': 'food and energy at the kitchen’s prices, or the usual ones',
      'totals.costPerL': 'the same a litre jarred, or null',
      stages: 'one a step: `step`, `kind`, `startS`, `durationS`, `made` (each stream it wrote), `figures`',
      warnings:
        'what is wrong or risky, the heaviest first: `check`, `weight` (danger, mend, know), `step`, `say`, `figures`, `fixes`',
      kitchen: 'the kitchen that was used, defaults and all',
    }),
    '',
    '### A product',
    '',
    ...keyTable(PRODUCT_KEYS),
    '',
    '### A stream in `made`',
    '',
    ...keyTable(STREAM_KEYS),
    '',
    '### Figures of a stage',
    '',
    ...keyTable(Object.fromEntries(Object.entries(FIGURES).map(([k, f]) => [k, figureText(f)]))),
  ].join('\n')}\n`;
}
