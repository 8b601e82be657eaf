import { COEFFICIENTS } from '@ironpan/core/kitchen';
import type { Beliefs } from '@ironpan/core/kitchen';
import { beliefsFrom, wordBeliefs } from '@ironpan/core/learning';
import type { KitRecord } from '@ironpan/core/records';
import { db } from './db';
import { readKit } from './kit';
import { readWording } from './wording';

/** This kitchen with what it has learned: what a plan is folded with, and what a batch keeps from its start. */
export interface HereRecord {
  readonly kit: KitRecord;
  readonly beliefs: Beliefs;
}
/** The kit and what was learned, read together. */
export async function readHere(): Promise<HereRecord> {
  const [kit, learned, lasting, wording] = await Promise.all([
    readKit(),
    db().learned.toArray(),
    db().lasting.toArray(),
    readWording(),
  ]);
  const keeping = lasting.map((l) => [l.id, { ...COEFFICIENTS.keeping, mean: l.mean, n: l.jars }] as const);
  return {
    kit,
    beliefs: {
      ...beliefsFrom(learned.flatMap((r) => r.taught ?? [])),
      ...Object.fromEntries(keeping),
      ...wordBeliefs(wording),
    },
  };
}
