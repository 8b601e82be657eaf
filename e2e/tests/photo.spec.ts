import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import exifr from 'exifr';
import piexif from 'piexifjs';
import { findViolations, WCAG_RULES } from './axe';
import { Cook } from './cook';

interface Shot {
  readonly name: string;
  readonly mimeType: string;
  readonly buffer: Buffer;
}
/** What is in the drawn jar: from the top down, what colour to which share of the height. */
const LAYERS = [
  ['#fbf3de', 0.15],
  ['#d9cba8', 0.82],
  ['#a88e63', 1],
] as const;

/**
 * A photograph as a telephone makes one: the sensor lies on its side, the file says how to turn it, and where it was
 * taken (Exif 2.32, tags 0x0112 and GPS IFD).
 */
async function photographed(page: Page): Promise<Shot> {
  const url = await page.evaluate((layers) => {
    const c = document.createElement('canvas');
    [c.width, c.height] = [800, 600];
    const g = c.getContext('2d');
    if (!g) throw new Error('no canvas');
    // Upright is 600 × 800; stored it is turned a quarter to the left.
    g.translate(0, 600);
    g.rotate(-Math.PI / 2);
    g.fillStyle = '#54666b';
    g.fillRect(0, 0, 600, 800);
    g.fillStyle = '#7a5c3c';
    g.fillRect(0, 680, 600, 120);
    g.fillStyle = '#74868b';
    g.fillRect(150, 130, 300, 90);
    let from = 0;
    for (const [colour, to] of layers) {
      g.fillStyle = colour;
      g.fillRect(150, 220 + 500 * from, 300, 500 * (to - from));
      from = to;
    }
    g.fillStyle = '#f4efe2';
    g.fillRect(210, 400, 150, 90);
    return c.toDataURL('image/jpeg', 0.9);
  }, LAYERS);
  const told = piexif.dump({
    '0th': { [piexif.ImageIFD.Orientation]: 6, [piexif.ImageIFD.Make]: 'Nobody' },
    GPS: {
      [piexif.GPSIFD.GPSLatitudeRef]: 'N',
      [piexif.GPSIFD.GPSLatitude]: [
        [47, 1],
        [11, 1],
        [0, 1],
      ],
      [piexif.GPSIFD.GPSLongitudeRef]: 'E',
      [piexif.GPSIFD.GPSLongitude]: [
        [9, 1],
        [30, 1],
        [0, 1],
      ],
    },
  });
  const buffer = Buffer.from(piexif.insert(told, url).split(',')[1] ?? '', 'base64');
  return { name: 'jar.jpg', mimeType: 'image/jpeg', buffer };
}
const LOOK = '/?jar=demo-batch-14:milk:1&do=look';
async function cleanOf(page: Page): Promise<void> {
  expect(await findViolations(page, WCAG_RULES)).toEqual([]);
}
const chooser = (page: Page) => page.getByRole('dialog').getByLabel('Choose a photograph');
const picture = (page: Page) => page.getByRole('group', { name: 'The photograph, and what is seen in it' });
const shareOf = (page: Page, layer: string) => page.getByRole('textbox', { name: `${layer}, of the height` });
async function looks(page: Page): Promise<Cook> {
  return Cook.enter(page, 'demo', LOOK);
}
/** What is kept of it, as its file would be. */
async function keptOf(page: Page): Promise<{ readonly width: number; readonly height: number; readonly jpeg: Buffer }> {
  const rows = await page.evaluate(async () => {
    const d = await new Promise<IDBDatabase>((done) => {
      const r = indexedDB.open('ironpan-demo');
      r.onsuccess = () => done(r.result);
    });
    const all = await new Promise<{ id: string; width: number; height: number; jpeg: string }[]>((done) => {
      const r = d.transaction('photos').objectStore('photos').getAll();
      r.onsuccess = () => done(r.result as never);
    });
    d.close();
    return all.filter((x) => x.id !== 'demo-photo');
  });
  expect(rows).toHaveLength(1);
  const [row] = rows;
  return { width: row?.width ?? 0, height: row?.height ?? 0, jpeg: Buffer.from(row?.jpeg ?? '', 'base64') };
}

test('a photograph is turned upright, forgets where it was taken, and proposes the layers', async ({ page }) => {
  const cook = await looks(page);
  const shot = await photographed(page);
  expect(await exifr.gps(shot.buffer)).toMatchObject({ latitude: 47.18333333333333, longitude: 9.5 });
  await chooser(page).setInputFiles(shot);
  await expect(page.getByText('2 lines were found.')).toBeVisible();
  // Within 3 % of the height: cream to .15, milk to .82.
  expect(Math.abs(Number(await shareOf(page, 'cream').inputValue()) - 15)).toBeLessThan(3);
  expect(Math.abs(Number(await shareOf(page, 'sediment').inputValue()) - 18)).toBeLessThan(3);
  const kept = await keptOf(page);
  expect([kept.width, kept.height]).toEqual([600, 800]);
  expect(await exifr.gps(kept.jpeg).catch(() => undefined)).toBeUndefined();
  expect(kept.jpeg.includes('Exif')).toBe(false);
  // A closed tab loses nothing of it.
  await cook.rests();
  await cook.go(LOOK);
  await expect(picture(page)).toBeVisible();
  await cook.press('Keep this look');
  await expect(page.getByText('The look is kept.')).toBeVisible();
  const small = page.getByRole('button', { name: /^Open the photograph of this jar/ }).first();
  await small.click();
  const large = page.getByRole('dialog', { name: 'Photograph' });
  await expect(large.getByText('sediment')).toBeVisible();
  // Taken away for good, or taken back.
  await large.getByRole('button', { name: 'Take the photograph away' }).click();
  await expect(page.getByText('Its photograph was taken away.')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Take it back' }).last().click();
  // A page loaded anew before the press is in the storage would cut it off.
  await expect(async () => keptOf(page)).toPass();
  // It stands in the batch's page too.
  await cook.go('/?jar=demo-batch-14:milk:1');
  await expect(small).toBeVisible();
  await page
    .getByRole('dialog')
    .getByRole('link', { name: /in the book/ })
    .click();
  await expect(page.getByRole('button', { name: /^Open the photograph of this jar/ })).toBeVisible();
});

test('lines and frame are put right by keys; a frame shown by hand is looked at anew', async ({ page }) => {
  await looks(page);
  await chooser(page).setInputFiles(await photographed(page));
  await expect(page.getByText('2 lines were found.')).toBeVisible();
  await cleanOf(page);
  const line = page.getByRole('slider', { name: 'Line between cream and milk on the photograph' });
  const before = Number(await shareOf(page, 'cream').inputValue());
  await line.focus();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await expect(shareOf(page, 'cream')).toHaveValue(
    new RegExp(`^${String(Math.round(10 * (before + 2)) / 10).replace('.', '[.]')}`),
  );
  // The frame cut above the sediment: only the cream’s line is left in it.
  await page.getByRole('slider', { name: 'Bottom of what is in it' }).focus();
  for (let i = 0; i < 3; i += 1) await page.keyboard.press('PageUp');
  // What was put right by hand is not overwritten unasked.
  await expect(page.getByText('The layers stay as you said them.')).toBeVisible();
  await expect(shareOf(page, 'sediment')).toBeVisible();
  await page.getByRole('dialog').getByRole('button', { name: 'Find the lines in this frame' }).click();
  await expect(page.getByText('One line was found.')).toBeVisible();
  await expect(shareOf(page, 'sediment')).toHaveCount(0);
  await page.getByRole('dialog').getByRole('button', { name: 'Take the photograph away' }).click();
  await expect(picture(page)).toHaveCount(0);
  await expect(chooser(page)).toBeEnabled();
  await page.getByRole('button', { name: 'Put it back' }).click();
  await expect(picture(page)).toBeVisible();
});

test('what is no photograph is refused in a sentence, and nothing that was said is lost', async ({ page }) => {
  const cook = await looks(page);
  await page.getByRole('dialog').getByRole('button', { name: 'fine', exact: true }).click();
  const alert = page.getByRole('dialog').getByRole('alert');
  await chooser(page).setInputFiles({ name: 'milk.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') });
  await expect(alert).toContainText('“milk.jpg” is not a photograph that can be read here.');
  // The head of a PNG of 60 megapixels.
  const head = Buffer.from('89504e470d0a1a0a0000000d49484452000023280000' + '1a0b0806000000', 'hex');
  await chooser(page).setInputFiles({
    name: 'wall.png',
    mimeType: 'image/png',
    buffer: Buffer.concat([head, Buffer.alloc(40)]),
  });
  await expect(alert).toContainText('60 megapixels');
  const picture1 = '2c000000000100010000' + '02024401' + '00';
  const gif = Buffer.from(`47494638396101000100800000000000ffffff${picture1}${picture1}3b`, 'hex');
  await chooser(page).setInputFiles({ name: 'party.gif', mimeType: 'image/gif', buffer: gif });
  await expect(alert).toContainText('“party.gif” moves');
  const torn = (await photographed(page)).buffer.subarray(0, 3000);
  await chooser(page).setInputFiles({ name: 'torn.jpg', mimeType: 'image/jpeg', buffer: torn });
  await expect(alert).toContainText('“torn.jpg” could not be opened');
  await cook.press('Keep this look');
  await expect(page.getByText('The look is kept.')).toBeVisible();
});
