import { expect, test } from '@playwright/test';
import { readFileSync } from 'node:fs';
import { Cook } from './cook';

test('what to do next is answered by a press: done, later, no; and all of it can be taken back', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  const next = page.getByRole('region', { name: 'Next', exact: true });
  const rows = next.getByRole('listitem');
  await next.getByRole('button', { name: /^All \d+ of them/ }).click();
  const all = await rows.count();
  expect(all).toBeGreaterThan(6);
  await next.getByRole('button', { name: /^Later Look at/ }).click();
  await expect(page.getByText(/^Asked again at/)).toBeVisible();
  await expect(rows).toHaveCount(all - 1);
  await next.getByRole('button', { name: /^No Use up pulp, batch 12/ }).click();
  await expect(next.getByRole('button', { name: '2 put off' })).toBeVisible();
  await page.reload();
  await next.getByRole('button', { name: '2 put off' }).click();
  await next.getByRole('button', { name: 'Ask again' }).first().click();
  await expect(next.getByRole('button', { name: '1 put off' })).toBeVisible();
  await next.getByRole('button', { name: /^All \d+ of them/ }).click();
  const jars = await cook.jars().count();
  await next.getByRole('button', { name: /^Done Drink coconut milk, third extract/ }).click();
  await expect(cook.jars()).toHaveCount(jars - 1);
  await cook.press('Take it back');
  await expect(cook.jars()).toHaveCount(jars);
});

test('what was put off comes back at its hour; into the calendar goes all that is asked', async ({ page }) => {
  const cook = await Cook.enter(page, 'demo');
  const next = page.getByRole('region', { name: 'Next', exact: true });
  await next.getByRole('button', { name: /^Later Look at/ }).click();
  await expect(next.getByRole('button', { name: '1 put off' })).toBeVisible();
  const coming = page.waitForEvent('download');
  await cook.press('Into my calendar');
  const file = await coming;
  expect(file.suggestedFilename()).toBe('ironpan.ics');
  const text = readFileSync(await file.path(), 'utf8');
  expect(text.match(/BEGIN:VEVENT/g)?.length).toBeGreaterThan(5);
  expect(text).toContain('SUMMARY:Drain and rinse');
  await cook.waits(4);
  await expect(next.getByRole('button', { name: /put off/ })).toHaveCount(0);
});

test('reminders, where the browser allows them, say what comes due while a window is open', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['notifications']);
  await page.addInitScript(() => {
    const said: string[] = [];
    Object.assign(window, { said });
    // oxlint-disable-next-line typescript/no-extraneous-class
    class Told {
      static readonly permission = 'granted';
      static requestPermission = (): Promise<string> => Promise.resolve('granted');
      constructor(title: string) {
        said.push(title);
      }
    }
    Object.assign(window, { Notification: Told });
  });
  const cook = await Cook.enter(page, 'demo');
  await cook.press('Remind me');
  await expect(page.getByRole('button', { name: 'No more reminders' })).toBeVisible();
  await cook.go('/kit');
  await page.waitForTimeout(500);
  await cook.waits(5);
  const said = (): Promise<string[]> => page.evaluate(() => (window as unknown as { said: string[] }).said);
  await expect.poll(said).toEqual(expect.arrayContaining(['Drain and rinse']));
});
