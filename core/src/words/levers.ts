import type { Complaint, Lever, Remedy } from '../questions';
import { duration, join, upper } from './format';
import { shownText } from './shown';
import { CHOICES } from './labels';
import { fixText } from './warnings';

/** A lever's value as a kitchen says it. */
export function leverValue(l: Lever, v: number): string {
  if (l.at.of === 'choice') {
    const c = l.at.choices[Math.round(v)] ?? '';
    return CHOICES[c] ?? c;
  }
  return shownText(l.shown, v);
}
/** "grind: fresh water" where two steps have a lever of the same name, else its name alone. */
export function leverName(l: Lever, all: readonly Lever[]): string {
  const twins = all.filter((x) => x.label === l.label);
  if (twins.length < 2 || l.stepLabel === '') return l.label;
  const same = twins.filter((x) => x.stepLabel === l.stepLabel);
  const which = same.length > 1 ? ` ${same.indexOf(l) + 1}` : '';
  return `${l.stepLabel.toLowerCase()}${which}: ${l.label}`;
}

/** “grind: each load”: with its step where its own name does not say it. */
export function leverPlace(l: Lever, all: readonly Lever[]): string {
  const name = leverName(l, all);
  return l.stepLabel === '' || name !== l.label ? name : `${l.stepLabel.toLowerCase()}: ${name}`;
}
/** What a cook says of a milk that is not right. */
export const COMPLAINT_NAMES: Readonly<Record<Complaint, string>> = {
  slimy: 'slimy',
  tooThick: 'too thick',
  thickensHot: 'too thick when heated',
  watery: 'too weak',
  gritty: 'gritty',
  beany: 'beany',
};
/** One thing done otherwise: "Grind: each load 20 s instead of 150 s". */
export function remedyText(r: Remedy, levers: readonly Lever[]): string {
  switch (r.how.is) {
    case 'mend':
      return fixText(r.how.fix);
    case 'rinse':
      return `Soak ${join(duration(r.how.forS))} first, throw that water away, rinse ${r.how.rinses} times`;
    case 'lever': {
      const l = r.how.lever;
      const where = leverPlace(levers.find((x) => x.key === l.key) ?? l, levers);
      return upper(`${where} ${leverValue(l, r.how.to)} instead of ${leverValue(l, l.now)}`);
    }
  }
}
