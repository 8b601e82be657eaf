import { expect, test, describe } from '@jest/globals';
import { spawnSync } from 'node:child_process';
import { chmodSync, mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const root = join(__dirname, '..', '..');
/** Runs a piece of plain Node against the scripts of the two commands. */
function node(code: string, env: Readonly<Record<string, string>> = {}): { status: number | null; text: string } {
  const r = spawnSync(process.execPath, ['--input-type=module', '-e', code], {
    cwd: root,
    encoding: 'utf8',
    env: { ...process.env, ...env },
  });
  return { status: r.status, text: `${r.stdout}${r.stderr}`.trim() };
}
const common = `await import('./scripts/common.mjs')`;

describe('the two commands say in one sentence what is missing', () => {
  test.each(['16.20.0', '20.18.9', '25.0.0'])('Node %s is refused', (version) => {
    const r = node(`Object.defineProperty(process.versions, 'node', { value: '${version}' }); (${common}).checkNode()`);
    expect(r.status).toBe(1);
    expect(r.text).toBe(
      `Ironpan needs Node 20.19 to 24; this is Node ${version}. Install one of those and start again.`,
    );
  });
  test.each(['20.19.0', '22.1.0', '24.9.9'])('Node %s is taken', (version) => {
    const r = node(`Object.defineProperty(process.versions, 'node', { value: '${version}' }); (${common}).checkNode()`);
    expect(r).toEqual({ status: 0, text: '' });
  });
  test('a CHROMIUM_PATH that leads nowhere: npm test stops there, with a sentence, and never skips', () => {
    const r = spawnSync(process.execPath, ['scripts/test.mjs'], {
      cwd: root,
      encoding: 'utf8',
      env: { ...process.env, CHROMIUM_PATH: '/no/browser' },
    });
    expect(r.status).toBe(1);
    expect(`${r.stdout}${r.stderr}`).toContain('CHROMIUM_PATH is "/no/browser", and nothing is there.');
  });
});

test('Chromium is found on the PATH by its name, or nowhere', () => {
  const dir = mkdtempSync(join(tmpdir(), 'path-'));
  try {
    const code = `console.log((${common}).findChromium())`;
    expect(node(code, { PATH: dir, CHROMIUM_PATH: '' }).text).toBe('null');
    writeFileSync(join(dir, 'chromium'), '#!/bin/sh\n');
    chmodSync(join(dir, 'chromium'), 0o755);
    expect(node(code, { PATH: dir, CHROMIUM_PATH: '' }).text).toBe(join(dir, 'chromium'));
    expect(node(code, { PATH: '', CHROMIUM_PATH: join(dir, 'chromium') }).text).toBe(join(dir, 'chromium'));
    // The one without a window goes before it, wherever on the PATH it stands.
    const later = join(dir, 'later');
    mkdirSync(later);
    writeFileSync(join(later, 'chromium-headless-shell'), '#!/bin/sh\n');
    const both = { PATH: `${dir}:${later}`, CHROMIUM_PATH: '' };
    expect(node(code, both).text).toBe(join(later, 'chromium-headless-shell'));
  } finally {
    rmSync(dir, { recursive: true });
  }
});
