import { spawnSync } from 'node:child_process';
import { existsSync, readFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { bin, checkNode, fail, install, root, runQuietly } from './common.mjs';

/**
 * The short loop: types, then lint and format of what changed, then the unit tests that reach it, nearest first, as many as
 * fit. `npm run check [revision]` compares with HEAD, or with a revision.
 */
const BUDGET_S = 50;
/** A test file that never ran here is taken to need so long, s. */
const UNKNOWN_S = 3;
const began = Date.now();
const spentS = () => (Date.now() - began) / 1000;

checkNode();
install();
const since = process.argv[2] ?? 'HEAD';
const git = (...args) => {
  const out = spawnSync('git', args, { cwd: root, encoding: 'utf8' });
  if (out.status !== 0) fail(`git ${args.join(' ')}: ${out.stderr.trim()}`);
  return out.stdout.split('\n').filter((f) => f !== '');
};
const changed = [
  ...new Set([...git('diff', '--name-only', since), ...git('ls-files', '--others', '--exclude-standard')]),
].filter((f) => existsSync(join(root, f)));
const code = changed.filter((f) => /\.(ts|tsx|mjs|cjs|js)$/.test(f));
const formatted = changed.filter((f) => /\.(ts|tsx|mjs|cjs|js|json|md|css|html)$/.test(f));

const jobs = [runQuietly('types', process.execPath, ['node_modules/ts7/bin/tsc', '-b'])];
if (code.length > 0) jobs.push(runQuietly('lint', bin('oxlint'), code));
if (formatted.length > 0)
  jobs.push(runQuietly('format', bin('oxfmt'), ['--check', '--no-error-on-unmatched-pattern', ...formatted]));
const related =
  code.length === 0
    ? []
    : spawnSync(bin('jest'), ['--listTests', '--findRelatedTests', ...code], { cwd: root, encoding: 'utf8' })
        .stdout.split('\n')
        .filter((f) => f.endsWith('.ts'))
        .map((f) => relative(root, f));
let failed = 0;
for (const { name, ok, output } of await Promise.all(jobs)) {
  console.log(`${name}: ${ok ? 'passed' : 'failed'}`);
  if (!ok) {
    failed += 1;
    console.log(output);
  }
}

/** Seconds each test file took in the last whole run. */
function lastRunS() {
  try {
    const { testResults } = JSON.parse(readFileSync(join(root, '.cache', 'unit.json'), 'utf8'));
    return new Map(testResults.map((t) => [relative(root, t.name), (t.endTime - t.startTime) / 1000]));
  } catch {
    return new Map();
  }
}
/** core/src/batch/log.ts → batch: a test of the same room is near. */
const roomOf = (f) => f.split('/').slice(2, -1).join('/');
const rooms = new Set(code.map(roomOf));
const nearness = (f) => (changed.includes(f) ? 0 : rooms.has(roomOf(f)) ? 1 : 2);
const tookS = lastRunS();
const needsS = (f) => tookS.get(f) ?? UNKNOWN_S;
const inOrder = [...related].sort((a, b) => nearness(a) - nearness(b) || needsS(a) - needsS(b));
/** In parts, so that no more is begun than there is time for. */
const PART = 12;
let ran = 0;
let tests = 0;
while (ran < inOrder.length) {
  const part = inOrder.slice(ran, ran + PART);
  const needs = 2 + part.reduce((sum, f) => sum + needsS(f), 0) / 2;
  if (ran > 0 && spentS() + needs > BUDGET_S) break;
  const report = await runQuietly('unit tests', bin('jest'), ['--ci', '--silent', '--maxWorkers=100%', ...part]);
  ran += part.length;
  tests += Number(/(\d+) passed/.exec(/^Tests:.*$/m.exec(report.output)?.[0] ?? '')?.[1] ?? 0);
  if (!report.ok) {
    failed += 1;
    console.log(report.output);
  }
}
if (ran > 0) console.log(`unit tests: ${tests} passed in ${ran} files`);
if (ran < related.length)
  console.log(`${related.length - ran} more test files reach what changed: npm test runs them.`);
console.log(`${failed === 0 ? 'checked' : 'failed'} in ${Math.round(spentS())} s`);
process.exit(failed > 0 ? 1 : 0);
