import { join } from 'node:path';
import { checkNode, install, root, run } from './common.mjs';

/** Every drawn case in full: what a plain run takes the first few seeds of. */
checkNode();
install();
const args = ['--ci', '--silent', '--maxWorkers=100%', '--testTimeout=3600000', ...process.argv.slice(2)];
const env = { ...process.env, LONG: '1' };
const unit = run(join(root, 'node_modules', '.bin', 'jest'), args, { env });
// Named files are unit tests; without any, every journey in the browser runs in full too.
const browser =
  process.argv.length > 2 ||
  (run('npm', ['run', '--silent', 'build'], { env }) && run('npm', ['run', '--silent', 'test:e2e'], { env }));
process.exit(unit && browser ? 0 : 1);
