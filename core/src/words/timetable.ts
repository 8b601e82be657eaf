import type { Because, Room, Slack, WhyThen } from '../schedule';
import { duration, join } from './format';

/** How what stands in a timetable is called, and an instant of it, s. */
export interface Names {
  readonly block: (id: string) => string;
  readonly milk: (id: string) => string;
  readonly thing: (id: string) => string;
  readonly at: (s: number) => string;
}
/** Less room than this is none, s. */
const NO_ROOM_S = 60;

/** Why a block stands where it stands, in a sentence or two. */
export function whyThenText({ later, earlier }: WhyThen, n: Names): string {
  if (later.because?.is === 'byHand') return 'You put it there.';
  const tight = [told(later, 'later', n), told(earlier, 'earlier', n)];
  return [...tight.filter((x) => x.startsWith('No ')), ...tight.filter((x) => x.startsWith('Up '))].join(' ');
}
function told(r: Room, way: 'later' | 'earlier', n: Names): string {
  if (!r.because) return '';
  if (r.s >= NO_ROOM_S && r.through !== null)
    return `Up to ${join(duration(r.s))} ${way} with all up to “${n.block(r.through)}”: ${because(r.because, way, n, 'then')}.`;
  if (r.s >= NO_ROOM_S) return `${room(r.s, way)}: ${because(r.because, way, n)}.`;
  if (r.through === null) return `No ${way}: ${because(r.because, way, n)}.`;
  const chain =
    way === 'later'
      ? `all up to “${n.block(r.through)}” follows at once, and`
      : `it follows at once on what began with “${n.block(r.through)}”, and`;
  return `No ${way}: ${chain} ${because(r.because, way, n, 'then')}.`;
}
/** By itself it could move so far; beyond that something stops it. */
const room = (s: number, way: 'later' | 'earlier'): string => `Up to ${join(duration(s))} ${way} by itself; then`;

function because(b: Because, way: 'later' | 'earlier', n: Names, when = 'by then'): string {
  switch (b.is) {
    case 'wanted':
      return when === 'then' ? 'then the milk is wanted' : 'the milk is wanted by then';
    case 'byHand':
      return 'you put it there';
    case 'begun':
      return 'that has been begun';
    case 'now':
      return 'it is not yet that time';
    case 'notBefore':
      return 'you said not before';
    case 'before':
      return `“${n.block(b.block)}” is over only then`;
    case 'after':
      return `“${n.block(b.block)}” follows`;
    case 'stands':
      return way === 'later'
        ? `what “${n.block(b.block)}” made may stand no longer`
        : `what it makes may stand no longer before “${n.block(b.block)}”`;
    case 'thing': {
      const wash = b.setUpS === 0 ? '' : `, and is ${b.setUpS > 60 ? 'washed' : 'rinsed'} between`;
      return way === 'later'
        ? `${n.thing(b.thing)} is needed for “${n.block(b.block)}”${wash}`
        : `${n.thing(b.thing)} is taken by “${n.block(b.block)}”${wash}`;
    }
    case 'hands':
      return way === 'later'
        ? `your hands are at “${n.block(b.block)}” next`
        : `your hands are at “${n.block(b.block)}”`;
    case 'off':
      return way === 'later' ? `nobody is there from ${n.at(b.fromS)}` : `nobody is there until ${n.at(b.toS)}`;
  }
}
/** How far it may slip, and what is missed then. */
export function slackText(s: Slack, milk: string, n: Names): string {
  if (s.then === null) return 'However late it is, no wish is missed.';
  const which = s.then === milk ? 'it' : `“${n.milk(s.then)}”`;
  return s.s < NO_ROOM_S
    ? `If it slips, ${which} is late.`
    : `It may slip by ${join(duration(s.s))}; then ${which} is late.`;
}
