import { describe, expect, test } from '@jest/globals';
import { clearText, lastsText, layersText, outText, partsText, uncooledText } from '../../src/words';

const plainSpaces = (s: string): string => s.replace(/\u00a0/g, ' ');
const when = (at: number): string => (at === 1 ? 'Sun 13:05' : '16:00');
const out = { id: 'x', where: 'table', placeC: 24, from: 1, to: 3_600_000 } as const;

describe('a shelf speaks no louder than it knows', () => {
  test('too few jars cannot say; sooner than usual is a warning, never a shorter promise unsaid', () => {
    const of = { lowD: 3, capD: 5 };
    expect(lastsText({ jars: 7, turned: 1, trustedD: null, usedD: 3 }, of)).toMatch(
      /^7 jars, 1 turned: cannot say yet\./,
    );
    expect(lastsText({ jars: 1, turned: 0, trustedD: null, usedD: 3 }, of)).toMatch(/^1 jar, none turned/);
    const soon = lastsText({ jars: 20, turned: 8, trustedD: 2.4, usedD: 3 }, of);
    expect(soon).toContain('turns sooner than usual');
    expect(soon).toContain('drink it within 2.4 days');
    const long = lastsText({ jars: 40, turned: 9, trustedD: 6.2, usedD: 5 }, of);
    expect(long).toContain('count with 5.0 days');
  });
  test('what a while out cost, or that it cost nothing', () => {
    expect(plainSpaces(outText({ out, spentD: 1, lostS: 9.4 * 3600 }, when))).toBe(
      '9 h of its time went while it stood on the table, Sun 13:05 to 16:00.',
    );
    expect(outText({ out: { ...out, to: 9_000_000 }, spentD: 1, lostS: 7200 }, when)).toContain(
      'when in doubt, throw it away',
    );
    expect(outText({ out, spentD: 0.01, lostS: 60 }, when)).toMatch(/^Nothing of its time was lost while/);
    expect(outText({ out: { ...out, to: Infinity }, spentD: 1, lostS: 7200 }, when)).toContain(', until now');
  });
  test('no milk keeps for days uncooled, boiled or not, and why', () => {
    expect(uncooledText(7 * 3600, 'boiled')).toContain('Not two days, whatever some say: boiling leaves spores alive');
    expect(uncooledText(0, 'raw')).toMatch(/^It has no time left out here\..*never boiled/);
  });
  test('normal or more than usual, with the figures; one milk is no layers', () => {
    const usual = { low: 0.08, high: 0.2 };
    expect(clearText('normal', 0.12, usual)).toBe(
      '12 % watery or clear: normal for this milk (8 to 20 % is usual by now). Shake it.',
    );
    expect(clearText('more', 0.4, usual)).toContain('Separated is not spoilt');
    expect(clearText('normal', 0.01, { low: 0, high: 0.02 })).toBe('No watery or clear layer: normal for this milk.');
    expect(layersText([{ kind: 'body', share: 1 }])).toBe('all one milk');
    expect(partsText(2, { final: [0.86, 0.92, 0.95], halfH: [11.2, 13, 15.1] })).toBe(
      'Fitted to its 2 looks: 92 (86–95) % watery or clear in the end, half of it after 13 (11–15) h. An estimate.',
    );
  });
});
