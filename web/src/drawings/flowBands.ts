import { isPulp, massG, solidsG } from '@ironpan/core/kitchen';
import type { Stream } from '@ironpan/core/kitchen';
import type { Paint } from './flowTypes';

/** A stream's bands from top to bottom, as shares of its height: solids and water run apart. */
export function bandsOf(s: Stream | undefined): readonly (readonly [Paint, number])[] {
  const mass = s ? massG(s) : 0;
  if (!s || mass <= 0) return [['food', 1]];
  if (Object.keys(s.madeFrom).length === 0) return [['water', 1]];
  if (s.openedShare === 0 && s.boundWaterG > 0) {
    // Whole pieces: what they were bought as, then what they drank and what covers them.
    const drunk = Math.min(1, (s.freeWaterG + s.gainedWaterG) / mass);
    return drunk > 0.005
      ? [
          ['food', 1 - drunk],
          ['water', drunk],
        ]
      : [['food', 1]];
  }
  const dry = Math.min(1, solidsG(s) / mass);
  const pulp = isPulp(s);
  return [
    [pulp ? 'pulp' : 'solids', dry],
    [pulp ? 'pulpWet' : 'milk', 1 - dry],
  ];
}
