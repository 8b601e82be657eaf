import { expect, test } from '@playwright/test';
import { Cook } from './cook';

/** A logger that stood in the demo's fridge for three days, in °F and with a warm night. */
function file(): string {
  const begin = Date.UTC(2026, 2, 11, 6);
  const rows = Array.from({ length: 72 * 6 }, (_, i) => {
    const at = new Date(begin + i * 600_000);
    const warm = i >= 40 * 6 && i < 46 * 6;
    const f = 32 + (9 / 5) * (warm ? 12 : 5.6);
    return `${at.getUTCMonth() + 1}/${at.getUTCDate()}/2026 ${at.toISOString().slice(11, 16)};${f.toFixed(1)}`;
  });
  return `Date;Temp\n${rows.join('\n')}`;
}
const asFile = (text: string) => ({ name: 'log.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });

test('a logger’s file is asked about where it does not say, and then the jars are reckoned by it', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  const fridge = page.getByRole('region', { name: 'The fridge' });
  await expect(fridge).toContainText('no logger has told');
  await expect(fridge).toContainText('A degree colder');
  const before = await cook.shelf();
  await cook.press('Read a logger’s file');
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('The logger’s file').setInputFiles(asFile('just words'));
  await expect(dialog).toContainText('No line of it has a day and an hour');
  await dialog.getByLabel('The logger’s file').setInputFiles(asFile(file()));
  await expect(dialog).toContainText('in °C or in °F?');
  await dialog.getByRole('button', { name: '°F' }).click();
  await expect(dialog).toContainText('432 readings in °F');
  await dialog.getByRole('button', { name: /^Take it, and plan with/ }).click();
  await expect(fridge).toContainText(/Once warmer|\d+ times warmer/);
  await expect(fridge).toContainText('up to 12.0 °C');
  await expect.poll(() => cook.shelf()).not.toEqual(before);
  await expect(page.getByRole('region', { name: /^Fridge 5\.6 °C · milk/ })).toBeVisible();
});
