import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { predict } from './predict';

const ran = predict(process.argv.slice(2), {
  // npm changes the folder; the cook means the one the command was typed in.
  readFile: (path) => readFileSync(resolve(process.env.INIT_CWD ?? process.cwd(), path), 'utf8'),
  readInput: () => readFileSync(0, 'utf8'),
});
if (ran.err !== '') process.stderr.write(`${ran.err}\n`);
process.stdout.write(ran.out, () => {
  process.exitCode = ran.code;
});
