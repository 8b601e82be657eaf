import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { findViolations } from './axe';
import { Cook } from './cook';

const wanted = (page: Page) => page.getByRole('region', { name: 'What is wanted' });
const row = (page: Page, name: string) => wanted(page).getByRole('listitem', { name, exact: true });
const byTheHour = (page: Page) => page.getByRole('region', { name: 'By the hour' });
const lanes = (page: Page) => page.getByRole('region', { name: 'Timetable' });
async function puts(page: Page, ...milks: readonly string[]): Promise<void> {
  for (const m of milks) {
    await wanted(page).getByRole('combobox', { name: 'Another milk' }).selectOption({ label: m });
    await wanted(page).getByRole('button', { name: 'Put it on the clock' }).click();
    await expect(row(page, m)).toBeVisible();
  }
}
const SOY = 'Soy milk, raw ground, washed';
const OAT = 'Oat milk, the middle way';
const COCONUT = 'Coconut milk, one blend';
/** A timetable stands: a new one that is proved, or one that was agreed on before. */
const proved = (page: Page) => expect(page.locator('[data-proof]')).toContainText(/Proved|As agreed/);

test('three milks for breakfast: a proved timetable with no hands at night, drawn and by the hour, kept over a reload', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own', '/clock');
  await expect(wanted(page)).toContainText('Nothing is on the clock');
  await puts(page, SOY, OAT, COCONUT);
  await proved(page);
  await expect(page.locator('[data-proof]')).toContainText('all are in time');
  await expect(page.locator('#place header')).toContainText(/of you, in \d visits to the kitchen/);
  // Asleep until half past six: nothing of the list is between.
  const hours = await byTheHour(page).getByRole('button').allInnerTexts();
  expect(hours.length).toBeGreaterThan(12);
  for (const h of hours) expect(h.slice(0, 5) >= '06:30' && h.slice(0, 5) <= '22:30').toBe(true);
  expect(await findViolations(page)).toEqual([]);
  // How sure it is comes after it.
  await expect(wanted(page)).toContainText(/in time nearly always|in time about \d+ times in 10/);
  // For the fridge door there is the list, and nothing else.
  await page.emulateMedia({ media: 'print' });
  await expect(byTheHour(page)).toBeVisible();
  for (const hidden of [wanted(page), lanes(page), page.getByRole('region', { name: 'Worktop' })])
    await expect(hidden).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  const ready = await wanted(page).locator('[data-ready]').allInnerTexts();
  expect(ready).toHaveLength(3);
  await cook.rests();
  await page.reload();
  await expect(wanted(page).locator('[data-ready]')).toHaveText(ready);
  // What was agreed on goes on; it is not made anew.
  await expect(page.locator('[data-proof]')).toContainText('As agreed');
  // The shelf and the worktop know of it.
  await cook.go('/');
  await expect(page.getByRole('region', { name: 'Worktop' })).toContainText(/Next, \d\d:\d\d/);
});

test('why then is asked of a step; dragged, by keys or by its field it stands elsewhere, and lets go again', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own', '/clock');
  await puts(page, SOY, OAT);
  await proved(page);
  const grind = lanes(page)
    .getByRole('button', { name: new RegExp(`^Grind, ${OAT}`) })
    .first();
  await grind.press('Enter');
  const sheet = page.getByRole('dialog');
  await expect(sheet).toContainText(/Why then\s*No later: /);
  await expect(sheet).toContainText(/If it slips/);
  await page.keyboard.press('Escape');
  const at = async () => (await grind.getAttribute('aria-label'))?.match(/\d\d:\d\d/)?.[0] ?? '';
  const before = await at();
  await grind.press('ArrowLeft');
  await expect(page.getByText(/“Grind” now stands at/)).toBeVisible();
  await expect.poll(at).not.toBe(before);
  await cook.rests();
  await grind.click();
  await expect(sheet).toContainText('You put it there.');
  await sheet.getByRole('button', { name: 'Let it go' }).click();
  await expect(sheet).not.toContainText('You put it there.');
  await page.keyboard.press('Escape');
  await expect.poll(at).toBe(before);
  // With the pointer: two hours to the left is earlier in the morning or the evening before.
  const box = await grind.boundingBox();
  if (!box) throw new Error('not drawn');
  await page.mouse.move(box.x + 2, box.y + 10);
  await page.mouse.down();
  await page.mouse.move(box.x - 60, box.y + 10, { steps: 5 });
  await page.mouse.up();
  await expect(page.getByText(/“Grind” now stands at/).last()).toBeVisible();
  await expect.poll(at).not.toBe(before);
});

test('wanted too soon: how late it is, and what would make it possible, each by a press', async ({ page }) => {
  await Cook.enter(page, 'own', '/clock');
  await puts(page, SOY);
  await row(page, SOY).getByLabel('wanted by').fill('2026-03-14T14:00');
  await expect(row(page, SOY)).toContainText(/late/);
  const known = page.getByRole('region', { name: 'What is known of it' });
  await expect(known).toContainText('at the soonest');
  await expect(known).toContainText(/Made by “No soak” it would be ready at/);
  await known.getByRole('button', { name: 'Later will do' }).click();
  await expect(row(page, SOY)).not.toContainText(/late/);
  await row(page, SOY).getByLabel('wanted by').fill('2026-03-13T08:00');
  await expect(row(page, SOY).getByRole('alert')).toContainText('That is past already');
});

test('asleep all day there is no timetable, and that is said; a jug out of use too; a deleted plan loses nothing', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own', '/clock');
  await puts(page, OAT);
  await proved(page);
  const there = page.getByRole('region', { name: 'When you are there' });
  await there.getByRole('checkbox').first().click();
  const known = page.getByRole('region', { name: 'What is known of it' });
  await expect(known).toContainText(/which you said is out of use/);
  await there.getByRole('checkbox').first().click();
  await proved(page);
  await there.getByLabel('from').first().fill('00:00');
  await there.getByLabel('to', { exact: true }).first().fill('23:59');
  await expect(known).toContainText('There is no timetable for all of this.');
  await expect(known).toContainText('The hours in which you are there are not enough');
  await there.getByLabel('from').first().fill('22:30');
  await there.getByLabel('to', { exact: true }).first().fill('06:30');
  await proved(page);
  await row(page, OAT).getByRole('link', { name: OAT }).click();
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page).toHaveURL(/\/plan$/);
  await cook.go('/clock');
  await expect(row(page, OAT)).toContainText('its plan was deleted; the clock goes by what it kept');
  await expect(byTheHour(page)).toContainText('Grind');
});

test('begun from the clock it follows the bench; a plan says when it could be ready', async ({ page }) => {
  const cook = await Cook.enter(page, 'own', '/clock');
  await puts(page, OAT);
  await row(page, OAT).getByRole('textbox', { name: 'how much' }).fill('1.5');
  await proved(page);
  await row(page, OAT).getByRole('button', { name: 'Begin now' }).click();
  await expect(page.getByRole('region', { name: 'Now', exact: true })).toBeVisible();
  await cook.go('/clock');
  await expect(row(page, OAT)).toContainText('being made');
  await expect(byTheHour(page)).toContainText('Strain');
  await cook.plans('No soak');
  const when = page.getByRole('region', { name: 'When', exact: true });
  await page.clock.runFor(2000);
  await expect(when).toContainText(/it can be ready/);
  await when.getByRole('button', { name: 'Put it on the clock' }).click();
  await expect(row(page, 'Soy milk, no soak')).toBeVisible();
});

test('busy times of a calendar become whiles away; the timetable goes out as one', async ({ page }) => {
  await Cook.enter(page, 'own', '/clock');
  await puts(page, OAT);
  await proved(page);
  const there = page.getByRole('region', { name: 'When you are there' });
  const field = there.getByLabel('Busy times from a calendar (.ics)');
  const ics = (rule: string) =>
    ['BEGIN:VCALENDAR', 'VERSION:2.0', 'PRODID:-//t//EN', 'BEGIN:VEVENT', 'UID:1', 'SUMMARY:early shift']
      .concat(['DTSTART:20260315T050000Z', 'DTEND:20260315T120000Z', rule, 'END:VEVENT', 'END:VCALENDAR', ''])
      .join('\r\n');
  const give = (name: string, text: string) =>
    field.setInputFiles({ name, mimeType: 'text/calendar', buffer: Buffer.from(text) });
  await give('shift.ics', ics('RRULE:FREQ=DAILY;COUNT=3'));
  await expect(there).toContainText('3 busy times of the next 60 days were taken.');
  await expect(there).toContainText('by your calendar: early shift');
  const outside = async () =>
    (await byTheHour(page).getByRole('button').allInnerTexts()).every((h) => h < '05:00' || h >= '12:00');
  await expect.poll(outside).toBe(true);
  await give('broken.ics', ics('RRULE:FREQ=SOMETIMES'));
  await expect(there).toContainText('Not to be read: “early shift”');
  await give('letter.ics', 'Dear kitchen');
  await expect(there).toContainText('“letter.ics” is no calendar');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Into my calendar' }).click();
  expect((await download).suggestedFilename()).toBe('ironpan-clock.ics');
});

test('on a phone the list by the hour comes first, and everything can be pressed', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await Cook.enter(page, 'own', '/clock');
  await puts(page, SOY, OAT);
  await proved(page);
  await expect(lanes(page)).toHaveCount(0);
  const [list, wishes] = [await byTheHour(page).boundingBox(), await wanted(page).boundingBox()];
  expect((list?.y ?? 1e9) < (wishes?.y ?? 0)).toBe(true);
  const over = await page.evaluate(() => document.documentElement.scrollWidth - document.documentElement.clientWidth);
  expect(over).toBe(0);
  await byTheHour(page).getByRole('button').first().click();
  await expect(page.getByRole('dialog')).toContainText('Why then');
});

test('nobody began it in time: what was agreed on moves, and that it will be late is said', async ({ page }) => {
  const cook = await Cook.enter(page, 'own', '/clock');
  await puts(page, OAT);
  await proved(page);
  await expect(row(page, OAT)).toContainText('Sun 07:45');
  await cook.rests();
  // Half past seven tomorrow: it should be under way, and there is a quarter of an hour to spare.
  await cook.waits(24);
  await expect(row(page, OAT)).not.toContainText('Sun 07:45');
  await expect(row(page, OAT)).not.toContainText(/late/);
  await expect(page.locator('[data-proof]')).toContainText('As agreed');
  await cook.waits(0.5);
  await expect(row(page, OAT)).toContainText(/min late/);
  await expect(page.getByRole('region', { name: 'What is known of it' })).toContainText('at the soonest');
});

test('a milk every other day: on the clock by itself, the fortnight ahead, what is left first, and what is to be bought', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own', '/clock/ahead');
  const again = page.getByRole('region', { name: 'Again and again' });
  const fortnight = page.getByRole('region', { name: 'The next fortnight' });
  const shop = page.getByRole('region', { name: 'Shopping list' });
  await expect(fortnight).toContainText('Nothing is wanted yet');
  await expect(shop).toContainText('nothing is needed');
  await again.getByRole('combobox', { name: 'Another milk' }).selectOption({ label: OAT });
  await again.getByRole('button', { name: 'Make it again and again' }).click();
  // Every other day from tomorrow on, the first of them near enough for the timetable.
  await expect(fortnight.getByRole('listitem', { name: OAT })).toHaveCount(7);
  await expect(fortnight).not.toContainText('not placed yet');
  await expect(fortnight).not.toContainText('late');
  await expect(fortnight.getByRole('listitem', { name: OAT }).first()).toContainText(/begin .*, ready \d\d:\d\d/);
  expect(await findViolations(page)).toEqual([]);
  // Once a week on another day; and every other day again.
  const often = again.getByRole('combobox', { name: 'how often' });
  await often.selectOption('every week');
  await expect(fortnight.getByRole('listitem', { name: OAT })).toHaveCount(2);
  await again.getByRole('button', { name: 'Wednesday' }).click();
  await expect(fortnight.getByRole('listitem', { name: OAT })).toHaveCount(4);
  await often.selectOption('every other day');
  await expect(fortnight.getByRole('listitem', { name: OAT })).toHaveCount(7);
  // The week takes four makings: what is at hand is subtracted, packs are whole.
  const oats = shop.getByRole('listitem', { name: /oats/i });
  await expect(oats.locator('[data-buys]')).toContainText(/\d packs? of 500\sg · about/);
  await oats.getByRole('textbox', { name: 'at hand' }).fill('5000');
  await expect(oats.locator('[data-buys]')).toContainText('enough is there');
  await oats.getByRole('textbox', { name: 'at hand' }).fill('0');
  await oats.getByRole('textbox', { name: 'a pack holds' }).fill('-3');
  await expect(oats.getByRole('alert')).toBeVisible();
  await oats.getByRole('textbox', { name: 'a pack holds' }).fill('5000');
  await expect(oats.locator('[data-buys]')).toContainText(/1 pack of 5\skg/);
  await oats.getByRole('button', { name: /^Bought/ }).click();
  await expect(oats.locator('[data-buys]')).toContainText('enough is there');
  await page.getByRole('button', { name: 'Take that back' }).click();
  await expect(oats.locator('[data-buys]')).toContainText(/1 pack/);
  // On the clock it is a milk like any other; taken off there, this time alone is left out.
  await page.getByRole('link', { name: 'Timetable' }).click();
  await expect(row(page, OAT)).toHaveCount(1);
  await proved(page);
  await wanted(page)
    .getByRole('button', { name: `Take ${OAT} off the clock` })
    .first()
    .click();
  await expect(row(page, OAT)).toHaveCount(0);
  await cook.rests();
  await cook.go('/clock/ahead');
  await expect(fortnight.getByRole('listitem', { name: OAT })).toHaveCount(6);
  await fortnight.getByRole('button', { name: /^Take .* in again/ }).click();
  await expect(fortnight.getByRole('listitem', { name: OAT })).toHaveCount(7);
  await again.getByRole('button', { name: `End the rhythm of ${OAT}` }).click();
  await expect(fortnight).toContainText('Nothing is wanted yet');
  await page.getByRole('button', { name: 'Put it back' }).last().click();
  await expect(fortnight.getByRole('listitem', { name: OAT })).toHaveCount(7);
});
