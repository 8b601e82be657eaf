import type { Kind, ParamValue } from '../steps';
import { DAY_S, HOUR_S, leadingNumber, MINUTE_S, unitNamed } from '../units';
import { WATER_G_PER_ML } from '../materials';
import { temperature } from './pastedHeat';

/** A step that a line of a recipe speaks of: its kind, and what of it was said. */
export interface PastedStep {
  readonly is: 'step';
  readonly kind: Kind;
  readonly set: Readonly<Record<string, ParamValue>>;
}

/** The first word of a sentence that is done rather than taken; the kind it becomes. */
const VERBS: readonly (readonly [RegExp, Kind])[] = [
  [/^(sort|pick over|wash)\b(?!.*\bpulp)/i, 'sort'],
  [/^(wash|work).*\bpulp\b/i, 'wash'],
  [/^(soak|cover)\b/i, 'soak'],
  [/^(drain|rinse)\b/i, 'drain'],
  [/^(hull|skin|peel|slip|rub)\b/i, 'hull'],
  [/^toast\b/i, 'toast'],
  [/^(blend|grind|blitz|whiz+|process|pulse|pur[ée]+)/i, 'grind'],
  [/^(knead|massage)\b/i, 'knead'],
  [/^(strain|filter|sieve|squeeze|press|wring)\b/i, 'strain'],
  [/^(boil|simmer|bring|cook)\b/i, 'boil'],
  [/^(heat|warm)\b/i, 'heat'],
  [/^skim\b/i, 'skim'],
  [/^(let .*(stand|rest|sit)|stand|rest|leave)\b/i, 'stand'],
  [/^(cool|chill|refrigerate)\b|^let .*cool/i, 'cool'],
  [/^(bottle|jar|pour (it )?into (a )?(jar|bottle))/i, 'jar'],
  [/^freeze\b/i, 'freeze'],
];
const STARTS = new RegExp(VERBS.map(([v]) => `(?:${v.source})`).join('|'), 'i');
const kindSaid = (text: string): Kind | undefined => VERBS.find(([v]) => v.test(text))?.[1];
/** "1. Soak …", "- Blend …": what stands before the verb. */
const NUMBERED = /^(\d{1,2}[.)]\s+|[-•*·–]\s*)(?=[A-Za-z])/;

/** The sentences of a line that is done, one a step; null: it is no such line. */
export function clausesOf(line: string): readonly string[] | null {
  const text = line.trim().replace(NUMBERED, '');
  if (!STARTS.test(text)) return null;
  return text.split(/[.;]\s+|[.;]$|,\s*(?:and\s+|then\s+)?|\s+(?:and|then)\s+/i).reduce<string[]>((all, part) => {
    const clause = part.trim();
    if (clause === '') return all;
    const last = all.at(-1);
    // What begins with no verb belongs to what stands before it, “30 seconds”; so does more of the same, “drain, rinse”.
    if (last !== undefined && (!STARTS.test(clause) || kindSaid(clause) === kindSaid(last)))
      all[all.length - 1] = `${last}, ${clause}`;
    else all.push(clause);
    return all;
  }, []);
}

const SPANS: Readonly<Record<string, number>> = {
  s: 1,
  sec: 1,
  m: MINUTE_S,
  min: MINUTE_S,
  h: HOUR_S,
  hr: HOUR_S,
  hour: HOUR_S,
  d: DAY_S,
  day: DAY_S,
  night: 10 * HOUR_S,
};
const WORDS: Readonly<Record<string, number>> = {
  a: 1,
  an: 1,
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  eight: 8,
  ten: 10,
  twelve: 12,
  half: 0.5,
  few: 3,
};
/** How long, s; the middle of a span, "10–20 min". Nothing said: null. */
function spanOf(text: string): number | null {
  if (/over\s?night/i.test(text)) return 10 * HOUR_S;
  const m =
    /(\d+(?:[.,]\d+)?|\b(?:half an?|an?|one|two|three|four|five|six|eight|ten|twelve))(?:\s*(?:-|–|to)\s*(\d+(?:[.,]\d+)?))?\s*(s|secs?|seconds?|m|mins?|minutes?|h|hrs?|hours?|d|days?|nights?)\b/i.exec(
      text,
    );
  if (!m) return null;
  const n = (x: string | undefined): number =>
    x === undefined ? NaN : (WORDS[x.toLowerCase().split(' ')[0] ?? ''] ?? Number(x.replace(',', '.')));
  const unit =
    (m[3] ?? '')
      .toLowerCase()
      .replace(/s$/, '')
      .replace(/^(second|minute).*/, (w) => w.slice(0, 3)) || 's';
  const low = n(m[1]);
  const high = m[2] === undefined ? low : n(m[2]);
  return ((low + high) / 2) * (SPANS[unit] ?? 1);
}
/** Water said within the sentence, g: "with 800 ml of water". */
function waterOf(text: string, cupMl: number): number | null {
  const m = /([\d¼½¾⅓⅔][\d¼½¾⅓⅔.,/ ]*)\s*([a-z]+\.?)\s+(?:of\s+)?(?:\w+\s+){0,2}?water/i.exec(text);
  const value = m ? leadingNumber(m[1] ?? '')?.value : undefined;
  const unit = m && unitNamed(m[2] ?? '');
  if (value === undefined || !unit) return null;
  if (unit.is === 'mass') return value * unit.g;
  return value * (unit.is === 'cup' ? cupMl : unit.ml) * WATER_G_PER_ML;
}
const TIMES: readonly (readonly [RegExp, number])[] = [
  [/\bonce\b/i, 1],
  [/\btwice\b|two times/i, 2],
  [/three times|thrice/i, 3],
  [/four times/i, 4],
];

/** One sentence as a step with its times, temperatures and water; null: none of these words. */
export function pastedStep(text: string, cupMl: number): PastedStep | null {
  const kind = kindSaid(text);
  if (!kind) return null;
  const set: Record<string, ParamValue> = {};
  const s = spanOf(text);
  const c = temperature(text);
  const water = waterOf(text, cupMl);
  const put = (name: string, v: ParamValue | null): void => {
    if (v !== null) set[name] = v;
  };
  switch (kind) {
    case 'soak':
      put('durationS', s);
      put('waterC', c);
      put('waterG', water);
      if (/fridge|refrigerat/i.test(text)) set.place = 'fridge';
      break;
    case 'drain':
      put('rinses', TIMES.find(([w]) => w.test(text))?.[1] ?? (/rinse/i.test(text) ? 1 : null));
      break;
    case 'grind':
      put('durationS', s);
      put('waterC', c);
      put('waterG', water);
      break;
    case 'wash':
      put('waterC', c);
      put('waterG', water);
      break;
    case 'knead':
    case 'toast':
    case 'stand':
      put('durationS', s);
      break;
    case 'strain':
      put(
        'hand',
        /wring|hard/i.test(text) ? 'press' : /gent/i.test(text) ? 'gentle' : /drip/i.test(text) ? 'drip' : null,
      );
      break;
    case 'boil':
      put('holdS', s);
      if (/simmer|gentl/i.test(text)) set.vigour = 'gentle';
      break;
    case 'heat':
      put('toC', c);
      put('holdS', s);
      break;
    case 'cool':
      put('toC', c);
      break;
    default:
      break;
  }
  return { is: 'step', kind, set };
}
