import { at, evolve, flowOf, massG, merge, portion, readyAt } from '../../kitchen';
import type { Stream } from '../../kitchen';
import { parts, stream } from '../specs';
import type { Params } from '../params';
import type { StepKind } from '../types';

/** Seconds to pour one part into a vessel of its own (common practice). */
const EACH_S = 30;
/** Shares are typed in whole per cent: less than this is nothing left. */
const NOTHING_LEFT = 1e-9;

/** Several parts at once, each with a name. */
export const part: StepKind<'part'> = {
  kind: 'part',
  label: 'Part',
  what: 'Parts one thing into several, each with a name of its own, so that one base takes several finishes. Shares are of what there was; what is left keeps its name.',
  station: 'jar',
  params: {
    of: stream('what', 'milk'),
    parts: parts('into', [{ name: 'part 2', share: 0.5 }]),
  },
  nothing: { parts: [] },
  along: true,
  reads: (p) => [p.of],
  writes: (p) => [
    ...(leftOf(p) > 0 && !p.parts.some((x) => x.name === p.of) ? [p.of] : []),
    ...p.parts.map((x) => x.name),
  ],
  usesUp: (p) => (leftOf(p) > 0 || p.parts.some((x) => x.name === p.of) ? [] : [p.of]),
  run(id, p, get) {
    const s = get(p.of);
    const left = leftOf(p);
    const over = Math.max(
      1,
      p.parts.reduce((sum, x) => sum + x.share, 0),
    );
    const ready = s.readyAtS + EACH_S * p.parts.length;
    let stays = left;
    const made: (readonly [string, Stream])[] = [];
    for (const x of p.parts) {
      if (x.name === p.of) {
        stays += x.share / over;
        continue;
      }
      const into = merge(get(x.name), portion(s, x.share / over));
      made.push([x.name, evolve(into, { readyAtS: Math.max(into.readyAtS, ready) })]);
    }
    const apart = p.parts.filter((x) => x.name !== p.of && x.share > 0);
    return {
      writes: [[p.of, stays > 0 ? readyAt(portion(s, stays), ready) : null], ...made],
      flows: apart.map((x) => flowOf(id, at(p.of), at(x.name), portion(s, x.share / over))),
      tasks:
        p.parts.length > 0 ? [{ id: 'part', durationS: EACH_S * p.parts.length, hands: 'busy', timed: false }] : [],
      figures: { parts: p.parts.length, pouredG: massG(s) * (1 - stays), leftG: massG(s) * stays },
    };
  },
  readings: {},
};

/** What no part takes, as a share of what there was. */
function leftOf(p: Readonly<Params['part']>): number {
  const left = 1 - p.parts.reduce((sum, x) => sum + x.share, 0);
  return left > NOTHING_LEFT ? left : 0;
}
