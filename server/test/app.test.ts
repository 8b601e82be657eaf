import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { createServer, request } from 'node:http';
import type { IncomingHttpHeaders, Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from '../src/app';
import { hostHeader, hostOf, namesOf } from '../src/hosts';

let dir = '';
let server: Server;
beforeAll(async () => {
  dir = mkdtempSync(join(tmpdir(), 'dist-'));
  mkdirSync(join(dir, 'assets'));
  writeFileSync(join(dir, 'index.html'), '<html data-realm=""></html>');
  writeFileSync(join(dir, 'assets', 'a.js'), '1');
  server = createServer(createApp({ distDir: dir, realm: 'demo', now: () => 0 }));
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
  for (const path of ['/', '/plan/abc', '/kit', '/index.html']) {
    const r = await get(path);
    expect([r.status, r.body]).toEqual([200, '<html data-realm="demo"></html>']);
    expect(r.headers['content-security-policy']).toContain("default-src 'self'");
    expect(r.headers['content-security-policy']).toContain("form-action 'self'");
    expect(r.headers['permissions-policy']).toContain('geolocation=()');
  }
});
test('a missing asset is missing, not the page', async () => {
  expect((await get('/assets/a.js')).status).toBe(200);
  expect((await get('/assets/b.js')).status).toBe(404);
  for (const file of ['/none.js', '/robots.txt', '/deep/none.map'])
    expect([file, (await get(file)).status]).toEqual([file, 404]);
});
test('localhost is sent to the one address', async () => {
  const r = await get('/kit?x=1', 'localhost');
  expect(r.status).toBe(307);
  expect(r.headers.location).toMatch(/^http:\/\/127\.0\.0\.1:\d+\/kit\?x=1$/);
});

test('a name that is not this machine’s is not answered, whatever it asks for', async () => {
  for (const host of ['evil.example', 'localhost.evil.example', '127.0.0.1.evil.example', '10.1.2.3']) {
    const r = await get('/', host);
    expect([host, r.status, r.body]).toEqual([host, 421, expect.stringMatching(/^This address is not served here/)]);
  }
});
test('a crafted name or path makes no redirect to another host', async () => {
  expect((await get('/', 'localhost@evil.example')).status).toBe(421);
  for (const path of ['//evil.example/x', '/\\evil.example']) {
    const to = (await get(path, 'localhost')).headers.location ?? '';
    expect([path, new URL(to).hostname]).toEqual([path, '127.0.0.1']);
  }
});
test('an error is a plain sentence without a trace or a path', async () => {
  for (const path of ['/assets/none.js', '/assets/%E0%A4%A', '/assets/../../../etc/passwd', '/%']) {
    const r = await get(path);
    expect([path, r.status < 500, /\n\s+at |node_modules|\/dist|Error:/.test(r.body)]).toEqual([path, true, false]);
  }
});
describe('names and addresses', () => {
  test('HOST that is empty or blank is loopback', () => {
    expect([undefined, '', '  ', '192.168.1.5'].map(hostOf)).toEqual([
      '127.0.0.1',
      '127.0.0.1',
      '127.0.0.1',
      '192.168.1.5',
    ]);
  });
  test('listening everywhere, the machine’s own addresses are answered and no other', () => {
    const names = namesOf('0.0.0.0');
    expect([names.has('127.0.0.1'), names.has('evil.example')]).toEqual([true, false]);
    expect(namesOf('192.168.1.5').has('192.168.1.6')).toBe(false);
  });
  test.each([
    ['127.0.0.1:4640', { name: '127.0.0.1', port: '4640' }],
    ['[::1]:4640', { name: '::1', port: '4640' }],
    ['Kitchen.local', { name: 'kitchen.local', port: '80' }],
    ['[evil]:1', null],
    ['a b', null],
    ['a:1:2', null],
    ['a/b', null],
    [undefined, null],
  ])('%s', (given, read) => expect(hostHeader(given)).toEqual(read));
});
