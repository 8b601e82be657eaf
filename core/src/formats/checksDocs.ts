import { CHECKS } from '../checks';

const cell = (s: string): string => s.replaceAll('|', '\\|');

/** docs/checks.md, written from the checks themselves; a test compares the two. */
export function checksDocs(): string {
  return `${[
    '# The checks before starting',
    '',
    'Generated from the code by `npm run docs`; do not edit by hand.',
    '',
    `${CHECKS.length} checks look at every plan as it is folded, each with the figure it computed. Where there is a move that mends, it is one press;`,
    'a test applies every mend, folds again, and sees the warning gone and no heavier one come.',
    '',
    '| check | why | source |',
    '| --- | --- | --- |',
    ...CHECKS.map((c) => `| \`${c.id}\` | ${cell(c.reason)} | ${cell(c.source)} |`),
  ].join('\n')}\n`;
}
