import { flowG } from '@ironpan/core/kitchen';
import type { Flow } from '@ironpan/core/kitchen';
import { kindOf } from '@ironpan/core/steps';
import type { Step } from '@ironpan/core/steps';

/** Less than this is not worth a ribbon of its own, g. */
export const LEAST_G = 20;

/** It parts one stream from another, joins two, brings one of its own or closes one into vessels. */
function always(s: Step): boolean {
  const kind = kindOf(s.kind);
  const reads = kind.reads(s.params);
  return kind.fills !== undefined || reads.length === 0 || new Set([...reads, ...kind.writes(s.params)]).size > 1;
}
/** Only what moves grams is drawn as a bar; resting, cooling and the like happen along a ribbon. */
export function moves(s: Step, flows: readonly Flow[]): boolean {
  return always(s) || flows.some((f) => flowG(f) >= LEAST_G);
}
