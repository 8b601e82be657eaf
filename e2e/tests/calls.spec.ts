import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { Cook } from './cook';

interface Heard {
  readonly said: string[];
  readonly told: string[];
  readonly shook: number;
  readonly held: number;
}
/** Stand-ins for what a machine without a voice, a motor and a screen has not: they write down what they were asked for. */
async function ears(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const heard = { said: [] as string[], told: [] as string[], shook: 0, held: 0 };
    Object.assign(window, { heard });
    speechSynthesis.speak = (u) => void heard.said.push(u.text);
    const tell = function (title: string, more?: { body?: string }): void {
      heard.told.push(`${title} · ${more?.body ?? ''}`);
    };
    const Told = Object.assign(tell, { permission: 'granted', requestPermission: () => Promise.resolve('granted') });
    Object.assign(window, { Notification: Told });
    Object.defineProperty(navigator, 'vibrate', { value: () => (heard.shook += 1) });
    const request = (): Promise<unknown> => {
      heard.held += 1;
      return Promise.resolve({ release: () => Promise.resolve((heard.held -= 1)) });
    };
    Object.defineProperty(navigator, 'wakeLock', { value: { request } });
  });
}
const heard = (page: Page): Promise<Heard> => page.evaluate(() => (window as unknown as { heard: Heard }).heard);

async function ticks(page: Page, label: string): Promise<void> {
  await page.getByLabel(label).click();
  await expect(page.getByLabel(label)).toBeChecked();
}

test('asked for, the bench says each step aloud and tells outside the page when time is up', async ({ page }) => {
  await ears(page);
  const cook = await Cook.enter(page, 'demo');
  await cook.plans('Raw ground, washed, soy milk');
  await cook.starts();
  expect((await heard(page)).said).toEqual([]);
  await page.getByText('How it calls you').click();
  await expect(page.getByRole('button', { name: 'Try the sound' })).toBeVisible();
  await ticks(page, 'Say each step aloud');
  const first = await cook.heading().innerText();
  await expect.poll(async () => (await heard(page)).said.at(-1)).toContain(first);
  await ticks(page, 'Tell me outside this page when a timer ends');
  await cook.rests();
  // The next step, spoken as it begins; after a reload too.
  await cook.doesStep();
  const second = await cook.heading().innerText();
  expect(second).not.toBe(first);
  await expect.poll(async () => (await heard(page)).said.at(-1)).toContain(second);
  await page.reload();
  await expect.poll(async () => (await heard(page)).said.at(-1)).toContain(second);
  // A hold at the stove: the screen stays awake while it runs, and its end is called in every way there is.
  await cook.goesOnUntil(/^Grind/);
  expect((await heard(page)).held).toBe(0);
  await page.getByRole('button', { name: /^Start:/ }).click();
  await expect.poll(async () => (await heard(page)).held).toBe(1);
  await page.clock.runFor(5 * 60_000);
  await expect
    .poll(async () => (await heard(page)).told.at(-1))
    .toMatch(/^Time is up: Grind .* · Soy milk, raw ground, washed$/);
  expect((await heard(page)).said.at(-1)).toMatch(/^Time is up/);
  expect((await heard(page)).shook).toBe(1);
  await cook.press(/^Done/);
  await cook.press(/^As planned/);
  await expect.poll(async () => (await heard(page)).held).toBe(0);
});

test('a browser that has none of it is a bench all the same', async ({ page }) => {
  await page.addInitScript(() => {
    for (const gone of ['speechSynthesis', 'Notification', 'AudioContext'])
      Object.defineProperty(window, gone, { value: undefined });
    Object.defineProperty(navigator, 'wakeLock', { value: undefined });
    Object.defineProperty(navigator, 'vibrate', { value: undefined });
  });
  const cook = await Cook.enter(page, 'demo');
  await cook.plans('Raw ground, washed, soy milk');
  await cook.starts();
  await page.getByText('How it calls you').click();
  await cook.press('Try the sound');
  await expect(page.getByLabel('Say each step aloud')).toHaveCount(0);
  await cook.goesOnUntil(/^Grind/);
  await page.getByRole('button', { name: /^Start:/ }).click();
  await page.clock.runFor(5 * 60_000);
  await expect(page.getByText('Time is up: look, then press done.')).toBeVisible();
});
