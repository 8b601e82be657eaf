import { spawn, spawnSync } from 'node:child_process';
import { existsSync, readFileSync, readdirSync, statSync } from 'node:fs';
import { delimiter, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));

/** One clear sentence, and out. */
export function fail(say) {
  console.error(say);
  process.exit(1);
}

export function checkNode() {
  const [major = 0, minor = 0] = process.versions.node.split('.').map(Number);
  if (major < 20 || (major === 20 && minor < 19) || major > 24)
    fail(
      `Ironpan needs Node 20.19 to 24; this is Node ${process.versions.node}. Install one of those and start again.`,
    );
}

/** Runs a command with its output shown; true when it went well. */
export function run(command, args, options = {}) {
  return spawnSync(command, args, { cwd: root, stdio: 'inherit', ...options }).status === 0;
}

/** Installs exactly what the lock names, when something of it is missing or older than the lock. */
export function install() {
  const mark = join(root, 'node_modules', '.package-lock.json');
  const fresh = existsSync(mark) && statSync(mark).mtimeMs >= statSync(join(root, 'package-lock.json')).mtimeMs;
  if (fresh && existsSync(join(root, 'node_modules', '@ironpan', 'core'))) return;
  console.log('Installing packages …');
  if (!run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']))
    fail('The packages could not be installed. Check the connection to the package registry and start again.');
}

function newest(path) {
  const s = statSync(path);
  if (!s.isDirectory()) return s.mtimeMs;
  return Math.max(0, ...readdirSync(path).map((f) => newest(join(path, f))));
}
/** Builds the web application when its sources are newer than what was built. */
export function build() {
  const built = join(root, 'web', 'dist', 'index.html');
  const sources = [
    'web/src',
    'web/public',
    'web/index.html',
    'web/vite.config.ts',
    'web/licences.ts',
    'core/src',
    'package-lock.json',
  ];
  if (existsSync(built) && statSync(built).mtimeMs > Math.max(...sources.map((p) => newest(join(root, p))))) return;
  console.log('Building …');
  if (!run('npm', ['run', '--silent', 'build'])) fail('The application could not be built; the lines above say where.');
}

/** Starts the server and ends with it: Ctrl-C, SIGTERM, or the command that started us going away. */
export function serve(realm) {
  const child = spawn(process.execPath, ['--import', 'tsx', 'server/src/main.ts'], {
    cwd: root,
    stdio: ['pipe', 'inherit', 'inherit'],
    env: { ...process.env, IRONPAN_REALM: realm, IRONPAN_PARENT_PIPE: '1' },
  });
  const stop = () => child.kill('SIGTERM');
  process.on('SIGINT', stop);
  process.on('SIGTERM', stop);
  process.on('SIGHUP', stop);
  watchAncestors(stop);
  child.on('exit', (code) => process.exit(code ?? 0));
}

/** npm does not pass SIGTERM on; when the npm above us is gone, there is nobody left to serve for. */
function watchAncestors(stop) {
  const above = ancestors();
  if (above.length === 0) return;
  setInterval(() => {
    if (!above.every(alive)) stop();
  }, 500).unref();
}
function ancestors() {
  const found = [];
  let pid = process.ppid;
  // The shell that npm runs a script through, and npm itself.
  for (let i = 0; i < 2 && pid > 1; i += 1) {
    let stat;
    try {
      stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    } catch {
      break;
    }
    const name = stat.slice(stat.indexOf('(') + 1, stat.lastIndexOf(')'));
    if (!/^(npm|sh|dash|bash|node)/.test(name) || process.env.npm_lifecycle_event === undefined) break;
    found.push(pid);
    if (name.startsWith('npm') || name === 'node') break;
    pid = Number(stat.slice(stat.lastIndexOf(')') + 2).split(' ')[1]);
  }
  return found;
}
function alive(pid) {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
}

/** Debian's Chromium without a window of its own: the tests take two thirds of the time in it. */
export const HEADLESS = 'chromium-headless-shell';
/** Debian's Chromium, from CHROMIUM_PATH or the PATH, the first of these names that is there; null when there is none. */
export function findChromium(names = [HEADLESS, 'chromium', 'chromium-browser']) {
  const given = process.env.CHROMIUM_PATH;
  if (given) return existsSync(given) ? given : null;
  for (const name of names)
    for (const dir of (process.env.PATH ?? '').split(delimiter)) {
      const path = join(dir, name);
      if (dir !== '' && existsSync(path)) return path;
    }
  return null;
}

/** Path of a command that a package of this project brings. */
export const bin = (name) => join(root, 'node_modules', '.bin', name);

/** Runs a command without showing its output. Resolves to `{ name, ok, output }`, also when it could not start. */
export function runQuietly(name, command, args) {
  const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'] });
  let output = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (d) => (output += d));
  return new Promise((resolve) => {
    child.on('error', (e) => resolve({ name, ok: false, output: e.message }));
    child.on('close', (status) => resolve({ name, ok: status === 0, output }));
  });
}
