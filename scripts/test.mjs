import { spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { bin, checkNode, fail, findChromium, HEADLESS, install, root, run, runQuietly } from './common.mjs';

checkNode();
install();
const chromium = findChromium([HEADLESS]) ?? installChromium();

/** The tests in a browser need one; without it they fail, they are never left out. */
function installChromium() {
  if (process.env.CHROMIUM_PATH)
    fail(
      `CHROMIUM_PATH is "${process.env.CHROMIUM_PATH}", and nothing is there. Correct it, or unset it to look on the PATH.`,
    );
  const sudo = process.getuid?.() === 0 ? [] : ['sudo', '-n'];
  const apt = (...args) => {
    const [command, ...rest] = [...sudo, 'apt-get', ...args];
    return (
      spawnSync(command, rest, {
        stdio: ['ignore', 'ignore', 'inherit'],
        env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
      }).status === 0
    );
  };
  console.log('Installing Chromium …');
  apt('update', '-qq');
  // Where that one cannot be had, the one with a window does as well.
  const had = (name) => apt('install', '-y', '-qq', name) && findChromium([name]);
  const found = had(HEADLESS) || findChromium() || had('chromium');
  if (!found)
    fail(
      `Chromium is missing and could not be installed. Install it (apt-get install ${HEADLESS} as root) or set CHROMIUM_PATH to one.`,
    );
  return found;
}

mkdirSync(join(root, '.cache'), { recursive: true });
let passed = 0;
let failed = 0;
// Each of these checks keeps one core busy, so together they take half the time.
const checks = [
  ['types', process.execPath, ['node_modules/ts7/bin/tsc', '-b']],
  ['lint', bin('oxlint'), ['.']],
  ['formatting', bin('oxfmt'), ['--check', '.']],
  [
    'module boundaries',
    bin('depcruise'),
    ['--config', '.dependency-cruiser.cjs', 'core/src', 'web/src', 'server/src', 'e2e/tests'],
  ],
  ['unused code', bin('knip'), []],
];
console.log(`— ${checks.map(([name]) => name).join(', ')}`);
for (const { name, ok, output } of await Promise.all(checks.map((c) => runQuietly(...c)))) {
  if (ok) passed += 1;
  else {
    failed += 1;
    console.error(`${output}\n${name}: failed`);
  }
}

console.log('— unit tests');
const unit = join(root, '.cache', 'unit.json');
// Left to itself it would leave one core idle, which of two is half the time.
const jest = ['--ci', '--silent', '--maxWorkers=100%', '--json', `--outputFile=${unit}`];
run(bin('jest'), jest, {
  stdio: ['ignore', 'ignore', 'inherit'],
  // More room for what is young: less of the time goes into collecting it.
  env: { ...process.env, NODE_OPTIONS: `${process.env.NODE_OPTIONS ?? ''} --max-semi-space-size=64`.trim() },
});
count(unit, (r) => [r.numPassedTests, r.numFailedTests + r.numFailedTestSuites]);

console.log('— the application is built');
if (run('npm', ['run', '--silent', 'build'])) {
  passed += 1;
  console.log('— browser tests');
  const browser = join(root, '.cache', 'browser.json');
  run('npm', ['run', '--silent', 'test:e2e'], {
    env: { ...process.env, CHROMIUM_PATH: chromium, PLAYWRIGHT_JSON_OUTPUT_NAME: browser },
  });
  count(browser, (r) => [r.stats.expected + r.stats.flaky, r.stats.unexpected + r.stats.skipped]);
} else {
  failed += 1;
  console.error('the build failed, so the browser tests could not run');
}

/** Adds the counts of a report; a report that was not written is a failure. */
function count(file, read) {
  let got;
  try {
    got = read(JSON.parse(readFileSync(file, 'utf8')));
  } catch {
    got = [0, 1];
  }
  if (got[0] + got[1] === 0) got = [0, 1];
  passed += got[0];
  failed += got[1];
}
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed > 0 ? 1 : 0);
