import { join } from 'node:path';
import { checkNode, install, root, run } from './common.mjs';

/** Every drawn case in full: what a plain run takes the first few seeds of. */
checkNode();
install();
const args = ['--ci', '--silent', '--maxWorkers=100%', '--testTimeout=3600000', ...process.argv.slice(2)];
process.exit(run(join(root, 'node_modules', '.bin', 'jest'), args, { env: { ...process.env, LONG: '1' } }) ? 0 : 1);
