import express from 'express';
import type { Request, Response, Router } from 'express';
import { INSTRUMENTS, PRACTICE_FAULTS, PRACTICE_SPEEDS } from '@ironpan/core/instruments';
import { validRow } from '@ironpan/core/records';
import type { BatchRecord, EventRecord } from '@ironpan/core/records';
import { Kitchens } from './kitchens';
import type { Followed } from './kitchens';
import { nameOf } from './stand-ins';

/** Four times a second, whatever the pace. */
const EVERY_MS = 250;
/** A batch with a long log. */
const MOST_BODY = '4mb';
const MOST_EVENTS = 5000;

/** The instruments that ship with Ironpan: who is there, what batch they follow, and what they tell, as it comes. */
export function benchRoutes(now: () => number): Router {
  const kitchens = new Kitchens(now);
  const routes = express.Router();
  routes.get('/instruments', (_req, res) => {
    res.json(INSTRUMENTS.map((id) => ({ id, name: nameOf(id) })));
  });
  routes.put('/kitchens/:batch', express.json({ limit: MOST_BODY }), (req, res) => {
    const judged = followed(req.body, req.params.batch);
    if ('fault' in judged) {
      res.status(400).type('text').send(`${judged.fault}\n`);
      return;
    }
    try {
      kitchens.follow(judged);
    } catch (e) {
      res
        .status(400)
        .type('text')
        .send(`This batch cannot be worked out: ${e instanceof Error ? e.message : 'no'}.\n`);
      return;
    }
    res.json({ ok: true });
  });
  routes.get('/kitchens/:batch/stream', (req, res) => stream(kitchens, req, res));
  return routes;
}

/** Server-Sent Events: each message is a list of ticks, its id the instant of the last. After a break it goes on from there. */
function stream(kitchens: Kitchens, req: Request, res: Response): void {
  const batch = String(req.params.batch);
  if (!kitchens.has(batch)) {
    res.status(404).type('text').send('This batch is not followed here.\n');
    return;
  }
  res.set({
    'Content-Type': 'text/event-stream',
    'Cache-Control': 'no-cache, no-transform',
    'X-Accel-Buffering': 'no',
  });
  res.flushHeaders();
  let last = Number(req.get('last-event-id') ?? req.query.since ?? NaN);
  if (!Number.isFinite(last)) last = kitchens.since(batch, 0).at(-1)?.at ?? 0;
  const send = (): void => {
    if (!kitchens.has(batch)) {
      res.end();
      return;
    }
    const ticks = kitchens.since(batch, last);
    const latest = ticks.at(-1);
    if (!latest) return;
    last = latest.at;
    res.write(`id: ${last}\ndata: ${JSON.stringify(ticks.map((t) => [t.at, t.frames]))}\n\n`);
  };
  send();
  const timer = setInterval(send, EVERY_MS);
  req.on('close', () => clearInterval(timer));
}

/** What was posted, judged whole before anything of it is used. */
function followed(body: unknown, batch: string): Followed | { readonly fault: string } {
  const b = (typeof body === 'object' && body !== null ? body : {}) as Readonly<Record<string, unknown>>;
  const row = validRow('batches', b.batch);
  if ('faults' in row) return { fault: 'This is no batch.' };
  const record = row.row as BatchRecord;
  if (record.id !== batch) return { fault: 'The batch is not the one of this address.' };
  if (!Array.isArray(b.events) || b.events.length > MOST_EVENTS) return { fault: 'Its log is missing, or too long.' };
  const events: EventRecord[] = [];
  for (const e of b.events as readonly unknown[]) {
    const judged = validRow('events', e);
    if ('faults' in judged || (judged.row as EventRecord).batch !== batch)
      return { fault: 'A line of its log is none.' };
    events.push(judged.row as EventRecord);
  }
  const { at, speed, seed } = b;
  if (typeof at !== 'number' || !Number.isFinite(at)) return { fault: 'Its instant is missing.' };
  if (typeof speed !== 'number' || !(PRACTICE_SPEEDS as readonly number[]).includes(speed))
    return { fault: 'The pace is 1, 10 or 60.' };
  if (typeof seed !== 'number' || !Number.isInteger(seed)) return { fault: 'The seed is a whole number.' };
  const asked: readonly unknown[] = Array.isArray(b.faults) ? b.faults : [];
  const faults = PRACTICE_FAULTS.filter((f) => asked.includes(f));
  return { batch: record, events, at, speed, seed, faults };
}
