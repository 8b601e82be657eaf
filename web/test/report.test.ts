import { expect, test } from '@jest/globals';
import { MOST_REPORTS, withReport } from '../src/report';
import type { Report } from '../src/report';

test('the latest fault comes first, the same one is counted, and only the last are kept', () => {
  let all: readonly Report[] = [];
  for (let i = 0; i < 70; i += 1) all = withReport(all, `Saving ${i}`, 'the disk is full', i);
  expect(all).toHaveLength(MOST_REPORTS);
  expect(all[0]?.what).toBe('Saving 69');
  all = withReport(all, 'Saving 60', 'the disk is full', 100);
  expect(all[0]).toEqual({ what: 'Saving 60', why: 'the disk is full', at: 100, times: 2 });
  expect(all).toHaveLength(MOST_REPORTS);
  expect(withReport([], 'x', 'y'.repeat(5000), 1)[0]?.why.length).toBeLessThan(400);
});
