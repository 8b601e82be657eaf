import { afterAll, beforeAll, expect, test } from '@jest/globals';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, request } from 'node:http';
import type { IncomingHttpHeaders, Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from '../src/app';

let dir = '';
let server: Server;
beforeAll(async () => {
  dir = mkdtempSync(join(tmpdir(), 'dist-'));
  mkdirSync(join(dir, 'assets'));
  writeFileSync(join(dir, 'index.html'), '<html data-realm="kitchen"></html>');
  writeFileSync(join(dir, 'assets', 'a.js'), '1');
  server = createServer(createApp({ distDir: dir, realm: 'demo' }));
  await new Promise<void>((done) => server.listen(0, '127.0.0.1', done));
});
afterAll(() => {
  server.close();
  rmSync(dir, { recursive: true });
});
function get(
  path: string,
  host = '127.0.0.1',
): Promise<{ status: number; body: string; headers: IncomingHttpHeaders }> {
  const { port } = server.address() as AddressInfo;
  return new Promise((done, fail) => {
    request({ host: '127.0.0.1', port, path, headers: { host: `${host}:${port}` } }, (res) => {
      let body = '';
      res.on('data', (d: Buffer) => (body += d.toString()));
      res.on('end', () => done({ status: res.statusCode ?? 0, body, headers: res.headers }));
    })
      .on('error', fail)
      .end();
  });
}
test('answers /healthz', async () => {
  const r = await get('/healthz');
  expect([r.status, JSON.parse(r.body)]).toEqual([200, { ok: true, realm: 'demo' }]);
});
test('every place of the application is the page, and says which kitchen it opens', async () => {
  for (const path of ['/', '/plan/abc', '/kit']) {
    const r = await get(path);
    expect([r.status, r.body]).toEqual([200, '<html data-realm="demo"></html>']);
    expect(r.headers['content-security-policy']).toContain("default-src 'self'");
  }
});
test('a missing asset is missing, not the page', async () => {
  expect((await get('/assets/a.js')).status).toBe(200);
  expect((await get('/assets/b.js')).status).toBe(404);
});
test('localhost is sent to the one address', async () => {
  const r = await get('/kit?x=1', 'localhost');
  expect(r.status).toBe(307);
  expect(r.headers.location).toMatch(/^http:\/\/127\.0\.0\.1:\d+\/kit\?x=1$/);
});
