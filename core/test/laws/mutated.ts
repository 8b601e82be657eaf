import { expect, jest } from '@jest/globals';
import { transformSync } from '@swc/core';
import { existsSync, readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join, resolve } from 'node:path';
import { runInThisContext } from 'node:vm';

const LAWS = join(__dirname, '..', '..', 'src', 'laws');
const fromPackage = createRequire(__filename);

interface Module {
  exports: Record<string, unknown>;
}
type Load = (require: (id: string) => unknown, module: Module, exports: unknown, dir: string) => void;
/** Compiled once a file and text; each run has modules of its own. */
const compiled = new Map<string, Load>();
function compile(path: string, text: string): Load {
  const key = `${path}\n${text}`;
  const had = compiled.get(key);
  if (had) return had;
  const { code } = transformSync(text, {
    filename: path,
    jsc: { target: 'es2022', parser: { syntax: 'typescript' } },
    module: { type: 'commonjs' },
  });
  const load = runInThisContext(`(function (require, module, exports, __dirname) {${code}\n})`, path) as Load;
  compiled.set(key, load);
  return load;
}

type Body = () => unknown;
type Row = readonly unknown[];
/** The few words of Jest that a file of known answers uses, each body run at once. */
function wordsOf(runs: Body[]): Record<string, unknown> {
  const test = Object.assign((_name: string, body: Body) => void runs.push(body), {
    each: (rows: readonly unknown[]) => (_name: string, body: (...row: Row) => unknown) => {
      for (const row of rows) runs.push(() => body(...(Array.isArray(row) ? (row as Row) : [row])));
    },
  });
  const describe = Object.assign((_name: string, body: Body) => body(), {
    each: (rows: readonly unknown[]) => (_name: string, body: (...row: Row) => unknown) => {
      for (const row of rows) body(...(Array.isArray(row) ? (row as Row) : [row]));
    },
  });
  return { expect, jest, test, it: test, describe };
}

/**
 * Does a file of known answers (of this folder) fail when one text in one law file is another? It is run in this process,
 * over modules of its own, so that nothing of the change outlives the call.
 */
export function failsWith(answers: string, lawFile: string, from: string, to: string): boolean {
  const mutated = join(LAWS, lawFile);
  const runs: Body[] = [];
  const words = wordsOf(runs);
  const loaded = new Map<string, Module>();
  const load = (path: string): unknown => {
    const had = loaded.get(path);
    if (had) return had.exports;
    const module: Module = { exports: {} };
    loaded.set(path, module);
    const text = readFileSync(path, 'utf8');
    const dir = dirname(path);
    const require = (id: string): unknown => {
      if (id === '@jest/globals') return words;
      if (!id.startsWith('.')) return fromPackage(id);
      const at = resolve(dir, id);
      return load(existsSync(`${at}.ts`) ? `${at}.ts` : join(at, 'index.ts'));
    };
    compile(path, path === mutated ? text.replace(from, to) : text)(require, module, module.exports, dir);
    return module.exports;
  };
  load(join(__dirname, answers));
  return runs.some((body) => {
    try {
      body();
      return false;
    } catch {
      return true;
    }
  });
}
