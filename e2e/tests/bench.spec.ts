import { chromium, expect, test } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Cook } from './cook';

test('pause, go back, leave out with a reason, abandon; the log keeps all of it', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.goesOnUntil('Boil the beans whole');
  await cook.press(/^Start:/);
  const clock = page.getByRole('timer').locator('p').first();
  await cook.press('Pause');
  await expect(page.getByRole('button', { name: 'Go on' })).toBeVisible();
  const paused = await clock.innerText();
  await cook.waits(0.2);
  await expect(clock).toHaveText(paused);
  await cook.press('Go on');
  await cook.waits(0.02);
  await expect(clock).not.toHaveText(paused);
  await cook.goesOnUntil('Drain and rinse');
  await cook.press('Go back');
  await expect(cook.heading()).toHaveText('Boil the beans whole');
  await cook.goesOnUntil('Stir in skin and foam');
  await cook.press('Leave out');
  await cook.press('Not needed this time');
  await expect(cook.heading()).toHaveText('Cool');
  await cook.press('Abandon');
  await cook.press('Spilt');
  await expect(page.getByRole('heading', { name: /was abandoned/ })).toBeVisible();
  await page.getByRole('link', { name: 'See it in the book' }).click();
  const log = page.getByRole('region', { name: 'Log' });
  for (const line of [
    'Up to the boil: paused',
    'Up to the boil: went on',
    'Back to',
    'left out, not needed this time',
    'Abandoned: spilt',
  ])
    await expect(log).toContainText(line);
});

test('a step that others need cannot be left out', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.goesOnUntil('Strain');
  await expect(page.getByRole('button', { name: 'Leave out' })).toHaveCount(0);
});

test('a timer pressed late asks which time counts, and the answer changes what is left of the inhibitor', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.goesOnUntil('Bring it to the boil');
  await cook.doesStep();
  await expect(cook.heading()).toHaveText('Hold at the boil');
  await cook.waits(1);
  await expect(page.getByRole('timer')).toContainText('Time is up');
  await cook.press(/^Done/);
  await cook.press(/^As timed, 60/);
  await expect(page.locator('[data-changed]')).toContainText(/inhibitor left instead of/);
});

test('bad readings get a sentence at the field, and nothing is recorded', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.goesOnUntil('Strain');
  for (const [text, say] of [
    ['x', /not a number/],
    ['-5', /too little/],
    ['999999', /too much/],
    ['1,350', /a thousand or a decimal/],
  ] as const) {
    await page.getByRole('textbox', { name: 'milk that came through' }).fill(text);
    await expect(page.getByRole('alert')).toContainText(say);
    await expect(page.getByRole('button', { name: 'Record milk that came through' })).toBeDisabled();
  }
  await expect(page.locator('[data-changed]')).not.toContainText('1 350');
});

/** The browser's own process among those of this profile: the one that is nobody's helper. */
function browserPid(profile: string): number {
  for (const pid of readdirSync('/proc').filter((p) => /^\d+$/.test(p))) {
    try {
      const line = readFileSync(`/proc/${pid}/cmdline`, 'utf8');
      if (line.includes(profile) && !line.includes('--type=') && line.includes('chrom')) return Number(pid);
    } catch {
      // Gone between the list and the look.
    }
  }
  throw new Error('no browser of this profile');
}

test('the browser is killed in the middle of a step: the timer, the figure half typed and the step are still there', async ({
  baseURL,
}) => {
  test.setTimeout(120_000);
  const profile = mkdtempSync(join(tmpdir(), 'cook-'));
  const open = () =>
    chromium.launchPersistentContext(profile, {
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--no-first-run', '--disable-background-networking'],
      ...(baseURL === undefined ? {} : { baseURL }),
    });
  try {
    const first = await open();
    const cook = new Cook(first.pages()[0] ?? (await first.newPage()));
    await cook.plans('No soak');
    await cook.starts();
    await cook.goesOnUntil('Strain');
    await cook.page.getByRole('textbox', { name: 'milk that came through' }).fill('98');
    await cook.page.getByRole('textbox', { name: 'milk that came through' }).fill('987');
    await expect(cook.page.getByRole('textbox', { name: 'milk that came through' })).toHaveValue('987');
    await cook.page.waitForTimeout(400);
    execFileSync('kill', ['-9', String(browserPid(profile))]);
    await first.close().catch(() => undefined);

    const second = await open();
    const again = new Cook(second.pages()[0] ?? (await second.newPage()));
    await again.go('/bench');
    await expect(again.heading()).toHaveText('Strain');
    await expect(again.page.getByRole('textbox', { name: 'milk that came through' })).toHaveValue('987');
    await again.goesOnUntil('Bring it to the boil');
    await again.press(/^Start:/);
    await again.page.waitForTimeout(3000);
    const before = await again.page.getByRole('timer').locator('p').first().innerText();
    execFileSync('kill', ['-9', String(browserPid(profile))]);
    await second.close().catch(() => undefined);
    await new Promise((r) => setTimeout(r, 2500));

    const third = await open();
    const last = new Cook(third.pages()[0] ?? (await third.newPage()));
    await last.go('/bench');
    await expect(last.heading()).toHaveText('Bring it to the boil');
    const seconds = (t: string): number => t.split(':').reduce((a, x) => 60 * a + Number(x), 0);
    const after = await last.page.getByRole('timer').locator('p').first().innerText();
    expect(seconds(before) - seconds(after)).toBeGreaterThanOrEqual(2);
    await third.close();
  } finally {
    rmSync(profile, { recursive: true, force: true });
  }
});

test('the jug by the clock: body moves while it turns, and stopped at two seconds it is what it is, unasked', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('The middle way');
  await cook.starts();
  await cook.goesOnUntil('Grind');
  const bring = page.getByRole('region', { name: 'What it should bring' });
  await expect(bring.getByRole('row', { name: /^body/ })).toContainText('like milk');
  await cook.press(/^Start/);
  await page.clock.runFor(2000);
  await expect(bring.getByRole('columnheader', { name: 'if it stops now' })).toBeVisible();
  await expect(bring.getByRole('row', { name: /^body/ }).getByRole('cell').first()).toContainText(/watery|thin/);
  await cook.press(/^Done/);
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(cook.heading()).toHaveText('Strain');
  await expect(bring.getByRole('row', { name: /^body/ }).getByRole('cell').first()).toContainText(/watery|thin/);
});

test('a reading that cannot be is asked about; milk is told in ml; a note is confirmed', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await cook.goesOnUntil('Strain');
  const milk = page.getByRole('textbox', { name: 'milk that came through' });
  await milk.fill('5000');
  await page.getByRole('button', { name: 'Record milk that came through' }).click();
  await expect(page.getByRole('alert')).toContainText('More than there can be');
  await expect(page.locator('[data-changed]')).not.toContainText(/5.000|more than/);
  await page.getByLabel('milk that came through, in').selectOption('ml');
  await milk.fill('1000');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await page.getByRole('button', { name: 'Record milk that came through' }).click();
  await expect(page.getByText('recorded 1000 ml')).toBeVisible();
  await page.getByLabel('milk that came through, in').selectOption('g');
  await expect(page.getByText(/recorded 10[12]\d(\.\d+)? g/)).toBeVisible();
  await cook.press('Note');
  await page.getByRole('dialog').getByRole('textbox').fill('Frothy');
  await page.getByRole('dialog').getByRole('button', { name: 'Keep the note' }).click();
  await expect(page.getByText('Noted. It is in the log of this batch.')).toBeVisible();
});

test('the caution for hot liquid stands at the jug', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Hot and thin');
  await cook.starts();
  await cook.goesOnUntil('Grind load 1 of 2');
  await expect(page.getByRole('region', { name: 'Now' }).getByRole('note')).toContainText('lifts the lid');
});
