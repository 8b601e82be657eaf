import { spawnSync } from 'node:child_process';
import { cpSync, mkdtempSync, readFileSync, readdirSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { seededRandom } from '@ironpan/core/numerics';
import { root } from './common.mjs';

/**
 * Changes one small thing of the code at a time, in a copy, and sees whether the tests that reach that file notice:
 * npm run mutants [how many] [seed]. A thing that nobody notices is a thing that no test holds. Asked are the tests of
 * the room, which know what is right; then the record of what is answered today, which only knows that it changed; then
 * all others. Who noticed is told.
 */
const MANY = Number(process.argv[2] ?? 40);
const SEED = Number(process.argv[3] ?? 1);
/** The rooms, each with the tests that stand nearest to it: asked first, all others only if these notice nothing. */
const ROOMS = {
  'core/src/laws': ['core/test/laws'],
  'core/src/steps': ['core/test/steps'],
  'core/src/steps/kinds': ['core/test/steps', 'core/test/batch'],
  'core/src/steps/processes': ['core/test/steps', 'core/test/batch'],
  'core/src/checks': ['core/test/checks'],
  'core/src/batch': ['core/test/batch'],
  'core/src/questions': ['core/test/questions', 'core/test/batch'],
  'core/src/learning': ['core/test/learning'],
  'core/src/kitchen': ['core/test/kitchen', 'core/test/steps'],
  'web/src/store': ['web/test/store'],
};
/** What a slip of the hand or of the mind would do. Each has one place to change in a line. */
const SLIPS = [
  [
    /(?<![\w.'"])(\d+(?:\.\d+)?)(?![\w'"%])/,
    (m) => (m[1] === '0' ? '1' : `${Number(m[1]) * 1.1}`),
    'a number a tenth more',
  ],
  [/ < /, () => ' >= ', '< turned'],
  [/ > /, () => ' <= ', '> turned'],
  [/ <= /, () => ' > ', '<= turned'],
  [/ >= /, () => ' < ', '>= turned'],
  [/ \+ /, () => ' - ', '+ made -'],
  [/(?<!=>) - (?!>)/, () => ' + ', '- made +'],
  [/ \* /, () => ' / ', '* made /'],
  [/Math\.max/, () => 'Math.min', 'max made min'],
  [/Math\.min/, () => 'Math.max', 'min made max'],
  [/ && /, () => ' || ', '&& made ||'],
  [/ \|\| /, () => ' && ', '|| made &&'],
  [/ === /, () => ' !== ', '=== turned'],
  [/\btrue\b/, () => 'false', 'true made false'],
];
/** Labels, texts, types and what is only said to people are no computation. */
const NOT_CODE =
  /^\s*(\/\/|\*|\/\*|import|export type|export interface|type |readonly|label|what:|say|reason|source|name:|id:|\|)|=>\s*void|step: |low: |high: |choices|'[^']* [^']*'/;

const files = Object.keys(ROOMS).flatMap((room) =>
  readdirSync(join(root, room))
    .filter((f) => /\.tsx?$/.test(f) && !/^(index|types|events|limits|reading|outcome|rows)\./.test(f))
    .map((f) => ({ room, file: join(root, room, f) })),
);
const places = files.flatMap(({ room, file }) =>
  readFileSync(file, 'utf8')
    .split('\n')
    .flatMap((line, i) =>
      NOT_CODE.test(line) ? [] : SLIPS.flatMap(([find], k) => (find.test(line) ? [{ room, file, i, k }] : [])),
    ),
);
const next = seededRandom(SEED);
const chosen = [];
while (chosen.length < Math.min(MANY, places.length)) {
  const p = places[Math.floor(next() * places.length)];
  if (!chosen.includes(p)) chosen.push(p);
}

const dir = mkdtempSync(join(tmpdir(), 'mutants-'));
const survivors = [];
const by = { room: 0, record: 0, others: 0 };
try {
  for (const f of ['core', 'web', 'server', 'jest.config.js', 'package.json', 'tsconfig.base.json', 'docs'])
    cpSync(join(root, f), join(dir, f), {
      recursive: true,
      filter: (s) => !/node_modules|\/dist(\/|$)|mutations\.test|long\.test/.test(relative(root, s)),
    });
  symlinkSync(join(root, 'node_modules'), join(dir, 'node_modules'));
  const jest = join(root, 'node_modules', 'jest', 'bin', 'jest.js');
  const run = (args) =>
    spawnSync(process.execPath, [jest, '--ci', '--silent', '--bail=1', ...args], {
      cwd: dir,
      stdio: 'ignore',
      timeout: 400_000,
    }).status !== 0;
  // With nothing changed every test passes: else what is noticed below is something else.
  if (run([...new Set(Object.values(ROOMS).flat())])) throw new Error('the tests fail with nothing changed');
  for (const [n, { room, file, i, k }] of chosen.entries()) {
    const [find, to, what] = SLIPS[k];
    const at = join(dir, relative(root, file));
    const text = readFileSync(at, 'utf8');
    const lines = text.split('\n');
    lines[i] = lines[i].replace(find, (...m) => to(m));
    writeFileSync(at, lines.join('\n'));
    const from = Date.now();
    const noticed = run(ROOMS[room])
      ? 'room'
      : room.startsWith('core') && run(['core/test/record/'])
        ? 'record'
        : run(['--selectProjects', 'core', 'web', '--findRelatedTests', at])
          ? 'others'
          : null;
    if (noticed) by[noticed] += 1;
    writeFileSync(at, text);
    const where = `${relative(root, file)}:${i + 1}`;
    if (!noticed) survivors.push(`${where} ${what}: ${lines[i].trim()}`);
    console.log(
      `${n + 1}/${chosen.length} ${noticed ? `noticed (${noticed})` : 'UNNOTICED'} ${where} ${what} (${Math.round((Date.now() - from) / 1000)} s)`,
    );
  }
} finally {
  rmSync(dir, { recursive: true, force: true });
}
const killed = chosen.length - survivors.length;
console.log(
  `\n${killed} of ${chosen.length} noticed, ${Math.round((100 * killed) / chosen.length)} % (seed ${SEED}); by the tests of the room ${by.room}, the record alone ${by.record}, others ${by.others}`,
);
for (const s of survivors) console.log(`  ${s}`);
