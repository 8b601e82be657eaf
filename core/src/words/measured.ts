import type { MeasuredTold } from '../batch';
import type { calibrationFault, FunnelTold, Share } from '../steps';
import { plain } from '../units';
import { join, percent } from './format';
import { BODY_WORDS } from './measures';

/** “24.1 s: 2.9 mm²/s, 3.0 ± 0.3 mPa·s, 1.8 times water: like milk”. */
export function funnelText(t: FunnelTold): string {
  const fine = (x: number): string => plain(x, x < 10 ? 1 : 0);
  return `${plain(t.meanS, 1)} s: ${fine(t.mm2S)} mm²/s, ${fine(t.mPaS)} ± ${plain(t.sd, 1)} mPa·s, ${plain(t.relative, 1)} ± ${plain(t.relativeSd, 1)} times water: ${BODY_WORDS[t.word]}`;
}
/** “6.4 ± 0.3 % solids”. */
export const shareText = (s: Share): string => `${plain(100 * s.x, 1)} ± ${plain(100 * s.sd, 1)} % solids`;
const BY = { dried: 'Dried', full: 'By a full measure' } as const;
/** What was measured beside what was expected, a line each. */
export function measuredText(m: MeasuredTold): readonly (readonly [what: string, seen: string, expected: string])[] {
  return [
    ...(m.body
      ? [
          [
            'Funnel',
            funnelText(m.body.told),
            m.body.expected === null ? 'expected: sets' : `expected: ${plain(m.body.expected, 1)} times water`,
          ] as const,
        ]
      : []),
    ...m.solids.map((s) => {
      const off = Math.abs(s.told.x - s.expected) > 2 * s.told.sd;
      return [
        BY[s.by],
        shareText(s.told),
        `${off ? 'expected' : 'as expected'}: ${join(percent(s.expected))}`,
      ] as const;
    }),
  ];
}
/** Why a funnel tells nothing; and for one that does, how well. */
export function calibrationText(f: ReturnType<typeof calibrationFault>): string {
  switch (f) {
    case 'none':
      return 'Let water run through, then the syrup, three times each.';
    case 'syrupNotSlower':
      return 'The syrup must run slower than water: look whether the two were mixed up, or the stem is clogged.';
    case 'tooWide':
      return 'This one is too wide: milk and water run through in nearly the same time. Take a narrower stem.';
    case null:
      return 'It tells milks apart. Calibrate it again when it was changed or dropped.';
  }
}
