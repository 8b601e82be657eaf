import { afterEach, expect, test } from '@jest/globals';
import { spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { existsSync, mkdirSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { join } from 'node:path';

const root = join(__dirname, '..', '..');
const dist = join(root, 'web', 'dist');
// The unit tests run before the build: a page to serve is enough for what is tested here.
if (!existsSync(join(dist, 'index.html'))) {
  mkdirSync(dist, { recursive: true });
  writeFileSync(join(dist, 'index.html'), '<html data-realm="kitchen"></html>');
}
const children: ChildProcess[] = [];
afterEach(() => {
  for (const c of children.splice(0)) c.kill('SIGKILL');
});
interface Ended {
  readonly code: number | null;
  readonly text: string;
}
function serve(env: Readonly<Record<string, string>>): {
  child: ChildProcess;
  ended: Promise<Ended>;
  said: (what: RegExp) => Promise<string>;
} {
  const child = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts'], {
    cwd: root,
    env: { ...process.env, ...env },
  });
  children.push(child);
  let text = '';
  child.stdout.on('data', (d: Buffer) => (text += d.toString()));
  child.stderr.on('data', (d: Buffer) => (text += d.toString()));
  const ended = new Promise<Ended>((done) => child.on('exit', (code) => done({ code, text })));
  const said = async (what: RegExp): Promise<string> => {
    for (let i = 0; i < 200 && !what.test(text); i += 1) await new Promise((r) => setTimeout(r, 50));
    return text;
  };
  return { child, ended, said };
}
async function freePort(): Promise<number> {
  const s = createServer();
  await new Promise<void>((done) => s.listen(0, '127.0.0.1', done));
  const port = (s.address() as { port: number }).port;
  await new Promise((done) => s.close(done));
  return port;
}

test('prints its one address, answers, and ends cleanly on SIGTERM', async () => {
  const port = await freePort();
  const { child, ended, said } = serve({ PORT: String(port), IRONPAN_REALM: 'demo' });
  expect(await said(/http:/)).toContain(`http://127.0.0.1:${port}/`);
  expect(((await (await fetch(`http://127.0.0.1:${port}/healthz`)).json()) as { realm: string }).realm).toBe('demo');
  child.kill('SIGTERM');
  expect((await ended).code).toBe(0);
}, 30_000);
test('a busy port: one sentence that says what to do, and not zero', async () => {
  const busy = createServer();
  await new Promise<void>((done) => busy.listen(0, '127.0.0.1', done));
  const { port } = busy.address() as { port: number };
  const { code, text } = await serve({ PORT: String(port) }).ended;
  busy.close();
  expect(code).toBe(1);
  expect(text).toContain(`Port ${port} is busy.`);
  expect(text).not.toMatch(/\n\s+at /);
}, 30_000);
test.each(['abc', '0', '70000', '1.5'])(
  'PORT=%s is refused with a sentence',
  async (port) => {
    const { code, text } = await serve({ PORT: port }).ended;
    expect([code, text.trim()]).toEqual([1, `PORT is "${port}"; it must be a whole number from 1 to 65535.`]);
  },
  30_000,
);
test('when the script that started it is gone, so is the server', async () => {
  const port = await freePort();
  const { child, ended, said } = serve({ PORT: String(port), IRONPAN_PARENT_PIPE: '1' });
  await said(/http:/);
  child.stdin?.end();
  expect((await ended).code).toBe(0);
}, 30_000);
