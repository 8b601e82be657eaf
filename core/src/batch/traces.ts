import { groupBy } from '../numerics';
import type { Trace } from '../steps';
import type { TraceChunk } from './events';

/** The courses of a batch out of their chunks, by the id of the first: how a reading names one. */
export function tracesOf(chunks: readonly TraceChunk[]): ReadonlyMap<string, Trace> {
  const out = new Map<string, Trace>();
  for (const mine of groupBy(chunks, (c) => `${c.step} ${c.task} ${c.channel}`).values()) {
    const whole = [...mine].sort((a, b) => a.chunk - b.chunk);
    const first = whole[0];
    if (first?.chunk === 0) out.set(first.id, { everyS: first.everyS, values: whole.flatMap((c) => [...c.values]) });
  }
  return out;
}
