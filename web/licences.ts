import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';
import type { Plugin } from 'vite';

/** The page of notices, beside the application. */
export const LICENCES = 'licences.md';
const PACKAGES = ['package.json', '../core/package.json'];

interface Package {
  readonly version: string;
  readonly license?: string;
  readonly homepage?: string;
}
/** The folder of a package, wherever it is installed: not every package lets its package.json be imported. */
function folderOf(name: string, from: string): string {
  for (const dir of createRequire(from).resolve.paths(name) ?? []) {
    const at = join(dir, name);
    try {
      readFileSync(join(at, 'package.json'));
      return at;
    } catch {
      // Not in this one: the next.
    }
  }
  throw new Error(`${name} is not installed`);
}
function noticeOf(name: string, from: string): string {
  const at = folderOf(name, from);
  const p = JSON.parse(readFileSync(join(at, 'package.json'), 'utf8')) as Package;
  const file = readdirSync(at).find((f) => /^licen[cs]e/i.test(f));
  const text = file ? readFileSync(join(at, file), 'utf8').trim() : '';
  const source = p.homepage === undefined ? '' : `Source: ${p.homepage}\n\n`;
  return `## ${name} - ${p.version} (${p.license ?? 'see below'})\n\n${source}${text}\n`;
}

/**
 * Adds to the notices what the bundler does not see: fonts, and the libraries that run in workers alone. Every library
 * that the application or its core names as a dependency is then in the file.
 */
export function allLicences(root: string): Plugin {
  return {
    name: 'all-licences',
    apply: 'build',
    closeBundle() {
      const out = join(root, 'dist', LICENCES);
      const had = readFileSync(out, 'utf8');
      const more = PACKAGES.flatMap((p) => {
        const from = join(root, p);
        const { dependencies = {} } = JSON.parse(readFileSync(from, 'utf8')) as {
          dependencies?: Record<string, string>;
        };
        return Object.keys(dependencies)
          .filter((name) => !name.startsWith('@ironpan/') && !had.includes(`\n## ${name} - `))
          .map((name) => noticeOf(name, join(dirname(from), 'index.js')));
      });
      writeFileSync(out, `${had.trimEnd()}\n\n${more.join('\n')}`);
    },
  };
}
