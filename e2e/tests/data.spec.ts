import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { Cook, MORNING } from './cook';
import { asVersion1, changed } from './files';
import { firstCases } from './long';

const file = (name: string, text: string | Buffer) => ({
  name,
  mimeType: name.endsWith('zip') ? 'application/zip' : 'application/json',
  buffer: Buffer.from(text),
});

/** What stands, told twice at one instant: of jars that have the same time left, either may come first. */
async function standing(cook: Cook): Promise<string[]> {
  await cook.page.clock.setSystemTime(MORNING);
  return (await cook.shelf()).sort();
}

test('a faulty file changes nothing and says where it is faulty', async ({ page }) => {
  test.setTimeout(180_000);
  const cook = await Cook.enter(page, 'demo');
  const shelf = await standing(cook);
  const path = await cook.exports();
  const whole = readFileSync(path);
  const old = asVersion1(path);
  const deep = `{"format":"ironpan-kitchen","version":1,"tables":${'['.repeat(20_000)}${']'.repeat(20_000)}}`;
  const cases: readonly (readonly [string, string | Buffer, RegExp])[] = [
    ['cut.zip', whole.subarray(0, whole.length / 2), /torn or cut short/],
    ['newer.zip', changed(path, /manifest/, (t) => t.replace(/"version": \d+/, '"version": 7')), /newer Ironpan/],
    ['shape.json', '{"hello": 1}', /not a kitchen that Ironpan exported/],
    ['row.json', old.replace('"filledMl":', '"filledMl":-'), /jars, row 1: filledMl is -/],
    ['sum.zip', changed(path, /^jars/, (t) => t.replace('"filledMl":', '"filledMl":1')), /checksum is another/],
    ['part.zip', changed(path, /^plans/, () => null), /plans\/00001\.jsonl is missing/],
    ['cut.json', old.slice(0, old.length / 2), /cut short or is not JSON/],
    ['picture.json', Buffer.from([0x89, 0x50, 0x4e, 0x47, 0, 1, 2]), /cut short or is not JSON/],
    ['jug.json', old.replace('"is":"jug"', '"is":"pot"'), /kit, row 1: /],
    ['name.json', old.replace('"name":"', `"name":"${'x'.repeat(1_000_000)}`), /one text of 1\d+ letters/],
    ['deep.json', deep, /lists in lists more than 64 deep/],
    ['proto.json', old.replaceAll('"soybeans"', '"__proto__"'), /^(?!.*64 deep).*Nothing was changed/s],
  ];
  // One after the other, as a cook tries them: each says what is wrong with it, and not with the one before.
  for (const [name, bytes, say] of firstCases(cases, 4)) {
    await cook.choosesFile(file(name, bytes));
    await expect(page.getByRole('alert')).toContainText(say);
    await expect(page.getByRole('alert')).toContainText('Nothing was changed');
  }
  expect(await standing(cook)).toEqual(shelf);
});

test('a file of the first version still comes in', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  const shelf = await standing(cook);
  const old = asVersion1(await cook.exports());
  await cook.empties();
  await cook.choosesFile(file('old.json', old));
  await cook.press('Merge it in');
  await expect(page.getByText('The file was merged into this kitchen.')).toBeVisible();
  expect(await standing(cook)).toEqual(shelf);
});

test('replacing takes only what is in the file, and says so before', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  const shelf = await standing(cook);
  const path = await cook.exports();
  await cook.plans('No soak');
  await cook.go('/kit');
  await cook.choosesFile(path);
  await page.getByLabel(/^Replace/).check();
  await expect(page.getByRole('row', { name: /^plans/ })).toContainText('1');
  await cook.press('Replace this kitchen');
  await expect(page.getByText(/now the one in the file/)).toBeVisible();
  await cook.go('/plan');
  await expect(page.getByRole('link', { name: /no soak/ })).toHaveCount(0);
  expect(await standing(cook)).toEqual(shelf);
});

test('the demo is left for an empty kitchen, and come back to', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  await expect(page.getByText('Demo kitchen.')).toBeVisible();
  await cook.press('Leave it, open my own kitchen');
  await expect(page.getByRole('heading', { name: 'Your shelf is empty' })).toBeVisible();
  await expect(page.getByText('Demo kitchen.')).toHaveCount(0);
  await cook.press('Look around the demo');
  await expect(cook.jars().first()).toBeVisible();
});

test('storage refused: a page that says so, and what to do', async ({ page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(window, 'indexedDB', {
      get: () => ({
        open: () => {
          throw new DOMException('refused', 'SecurityError');
        },
      }),
    });
  });
  await page.goto('/');
  await expect(page.getByRole('heading', { name: 'This browser keeps nothing' })).toBeVisible();
  await expect(page.getByText(/private window/)).toBeVisible();
});

test('the kit is used at once: altitude moves the boil, and bad figures stay in the field', async ({ page }) => {
  const cook = await Cook.enter(page, 'own', '/kit');
  await cook.types('altitude', '3000');
  await expect(page.getByText('water boils at 90.0 °C').first()).toBeVisible();
  await cook.types('altitude', '9000');
  await expect(page.getByRole('alert')).toContainText('too much');
  await cook.rests();
  await cook.plans('Raw ground, washed');
  await expect(cook.warning('holdTooShort')).toContainText('3 000 m');
});

test('an address that leads nowhere says so', async ({ page }) => {
  const cook = await Cook.enter(page, 'own', '/nowhere');
  await expect(page.getByRole('heading', { name: 'There is nothing at this address' })).toBeVisible();
  await cook.go('/plan/none');
  await expect(page.getByRole('heading', { name: 'This plan is not here' })).toBeVisible();
  await cook.go('/bench/none');
  await expect(page.getByRole('heading', { name: 'This batch is not here' })).toBeVisible();
});
