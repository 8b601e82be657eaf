import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, request } from 'node:http';
import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from '../../src/app';
import { bench, T } from './sample';

let dir = '';
let server: Server;
const wall = { now: 1000 };
beforeAll(async () => {
  dir = mkdtempSync(join(tmpdir(), 'dist-'));
  writeFileSync(join(dir, 'index.html'), '<html data-realm=""></html>');
  server = createServer(createApp({ distDir: dir, realm: 'demo', now: () => wall.now }));
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
});
afterAll(() => {
  server.closeAllConnections();
  server.close();
  rmSync(dir, { recursive: true });
});
interface Asked {
  readonly method?: string;
  readonly body?: unknown;
  readonly headers?: Readonly<Record<string, string>>;
  /** Hang up after the first message. */
  readonly once?: true;
}
function ask(
  path: string,
  { method = 'GET', body, headers = {}, once }: Asked = {},
): Promise<{ status: number; text: string }> {
  const { port } = server.address() as AddressInfo;
  return new Promise((done, fail) => {
    const req = request(
      { host: '127.0.0.1', port, path, method, headers: { ...headers, 'content-type': 'application/json' } },
      (res) => {
        let text = '';
        res.on('data', (d: Buffer) => {
          text += d.toString();
          if (once && text.includes('\n\n')) {
            done({ status: res.statusCode ?? 0, text });
            req.destroy();
          }
        });
        res.on('end', () => done({ status: res.statusCode ?? 0, text }));
      },
    );
    req.on('error', (e) => (once ? undefined : fail(e)));
    req.end(body === undefined ? undefined : typeof body === 'string' ? body : JSON.stringify(body));
  });
}
const said = () => {
  const b = bench('soy-no-soak');
  b.upTo('boil', 'heatUp', 0);
  b.say(0, { is: 'begun', step: 'boil', task: 'heatUp' });
  return { batch: b.batch, events: b.events, at: T + 60_000, speed: 1, seed: 3, faults: [] };
};
const put = (body: unknown) => ask('/bench-api/kitchens/batch-1', { method: 'PUT', body });

describe('the instruments over the wire', () => {
  test('who is there', async () => {
    const r = await ask('/bench-api/instruments');
    expect((JSON.parse(r.text) as { id: string }[]).map((i) => i.id)).toEqual(['scale', 'probe', 'fridge', 'plug']);
  });
  test('a batch that nobody has told of is not followed', async () => {
    expect((await ask('/bench-api/kitchens/batch-9/stream')).status).toBe(404);
  });
  test('told of, it is followed: ticks as they come, taken up after the last that was heard', async () => {
    expect((await put(said())).status).toBe(200);
    wall.now += 1000;
    const last = T + 60_250;
    const r = await ask('/bench-api/kitchens/batch-1/stream', {
      headers: { 'last-event-id': String(last) },
      once: true,
    });
    expect(r.status).toBe(200);
    const id = /^id: (\d+)$/m.exec(r.text)?.[1];
    const ticks = JSON.parse(/^data: (.*)$/m.exec(r.text)?.[1] ?? '[]') as [number, Record<string, string>][];
    expect(ticks.map(([at]) => at)).toEqual([last + 250, last + 500, last + 750]);
    expect(Number(id)).toBe(ticks.at(-1)?.[0]);
    for (const frame of Object.values(ticks[0]?.[1] ?? {})) expect(frame).toMatch(/^([0-9a-f]{2})+$/);
  });
  test.each([
    ['no batch', { ...said(), batch: { id: 'batch-1' } }],
    ['another batch', { ...said(), batch: { ...said().batch, id: 'batch-2' } }],
    ['a line that is none', { ...said(), events: [{ is: 'exploded' }] }],
    ['a log without end', { ...said(), events: Array.from({ length: 5001 }, () => ({})) }],
    ['no instant', { ...said(), at: 'now' }],
    ['a pace that there is not', { ...said(), speed: 600 }],
    ['no seed', { ...said(), seed: 0.5 }],
    ['nothing', {}],
  ])('%s is refused with a sentence, and what was followed goes on', async (_, body) => {
    const r = await put(body);
    expect([r.status, /^[A-Z].*\.\n$/.test(r.text)]).toEqual([400, true]);
    expect((await ask('/bench-api/kitchens/batch-1/stream?since=0', { once: true })).status).toBe(200);
  });
  test('text that is no JSON is refused', async () => {
    expect((await put('{"batch":')).status).toBe(400);
  });
});
