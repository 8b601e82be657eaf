import type { LoggerFault, LoggerRead } from './loggerFile';
import { plain } from '../units';
import { duration, join } from '../words';

const FAULTS: Readonly<Record<LoggerFault, string>> = {
  empty: 'There is nothing in it.',
  noTime: 'No line of it has a day and an hour: is it the file that the logger wrote, as CSV or text?',
  noTemperature: 'No column of it holds temperatures.',
  tooHot: 'is no temperature of a fridge: is this another column, or another unit?',
  tooMany: 'It has more than three million lines: take a part of it.',
};
/** Why a logger's file cannot be read, and what to do. */
export const loggerFaultText = (fault: LoggerFault, line: number): string =>
  fault === 'tooHot' ? `Line ${line} ${FAULTS.tooHot}` : FAULTS[fault];

/** What was found in a logger's file: how much, and what was amiss with it. */
export function loggerText(r: Extract<LoggerRead, { ok: true }>, when: (at: number) => string): readonly string[] {
  const first = r.readings[0];
  const last = r.readings.at(-1);
  if (!first || !last) return [];
  const longest = r.gaps.reduce((ms, g) => Math.max(ms, g.to - g.from), 0);
  const many = (n: number, one: string, more: string): string => (n === 1 ? `1 ${one}` : `${plain(n)} ${more}`);
  return [
    `${plain(r.readings.length)} readings in °${r.unit}, ${when(first.at)} to ${when(last.at)}.`,
    ...(r.twice > 0 ? [`${many(r.twice, 'instant was', 'instants were')} told twice: the later line counts.`] : []),
    ...(r.reversed > 0 ? [`${many(r.reversed, 'line was', 'lines were')} out of order: sorted.`] : []),
    ...(r.empty > 0 ? [`${many(r.empty, 'line', 'lines')} without a temperature: left out.`] : []),
    ...(r.gaps.length > 0
      ? [
          `${many(r.gaps.length, 'gap', 'gaps')}, the longest ${join(duration(longest / 1000))}: there the fridge counts as it was set.`,
        ]
      : []),
  ];
}
