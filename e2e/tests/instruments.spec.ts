import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { spawn } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { createServer } from 'node:net';
import type { AddressInfo } from 'node:net';
import { join } from 'node:path';
import { findViolations } from './axe';
import { Cook } from './cook';
import { secondsOf } from './killed';

/** What they mean for the step, said where the cook looks. */
const said = (page: Page) => page.locator('[data-said]');
const told = (page: Page) => page.getByRole('region', { name: 'Instruments' });

test('scale and probe write down what they tell, the foam is told from the boil, and the log says who told it', async ({
  page,
}) => {
  test.setTimeout(120_000);
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.practises('60 times as fast');
  await expect(told(page)).toContainText(/probe\s*\d/);
  await cook.press(/^Done/);
  await expect(cook.heading()).toHaveText('Boil the beans whole');
  await expect(told(page)).toContainText(/Taken from the scale: water (8[6-9]|9[0-3])\d\sg/);
  await cook.press(/^Start/);
  await expect(said(page)).toContainText(/what climbs now is foam, not the boil/);
  await expect(said(page)).toContainText(/It boils: (99|100)/);
  await expect(told(page).getByRole('img', { name: /The probe, now at (99|100)/ })).toBeVisible();
  expect(await findViolations(page)).toEqual([]);
  await cook.press(/^Done/);
  const asked = page.getByRole('button', { name: /^As timed/ });
  await expect(asked.or(page.getByRole('heading', { name: 'Hold at the boil' }))).toBeVisible();
  if (await asked.isVisible()) await asked.click();
  await expect(cook.heading()).toHaveText('Hold at the boil');
  await expect(said(page)).toContainText(/It boils, at (99|100)/);
  const batch = new URL(page.url()).pathname.split('/').at(-1) ?? '';
  await cook.go(`/book/${batch}`);
  const log = page.getByRole('region', { name: 'Log' });
  await expect(log).toContainText(/water: (8[6-9]|9[0-3])\d g, by the scale/);
});

test('who takes the foam for the boil is told while the hold is counted', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.practises('10 times as fast');
  await cook.press(/^Done/);
  await cook.press(/^Start/);
  await expect(said(page)).toContainText(/The boil in about/);
  await cook.press(/^Done/);
  const asked = page.getByRole('button', { name: /^As timed/ });
  await expect(asked.or(page.getByRole('heading', { name: 'Hold at the boil' }))).toBeVisible();
  if (await asked.isVisible()) await asked.click();
  await expect(cook.heading()).toHaveText('Hold at the boil');
  await expect(said(page)).toContainText('Not boiling yet');
});

test('one that is put away in Kit is not heard; a cook’s own kitchen has none of them', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.go('/kit');
  await expect(page.getByRole('region', { name: 'Your data' })).toBeVisible();
  await expect(told(page)).toHaveCount(0);
  await cook.plans('No soak');
  await cook.practises('as in life');
  await expect(told(page)).toContainText(/scale\s*\d/);
  await cook.go('/kit');
  await told(page)
    .getByRole('checkbox', { name: /Pot probe/ })
    .click();
  await expect(told(page).getByRole('checkbox', { name: /Pot probe/ })).not.toBeChecked();
  expect(await findViolations(page)).toEqual([]);
  await cook.go('/bench');
  await expect(told(page)).toContainText(/scale\s*\d/);
  await expect(told(page)).not.toContainText('probe');
});

/** A server of its own, that can be killed. */
class Server {
  #child: ChildProcess | null = null;
  constructor(readonly port: number) {}
  static async atFreePort(): Promise<Server> {
    const probe = createServer();
    await new Promise<void>((done) => probe.listen(0, '127.0.0.1', done));
    const { port } = probe.address() as AddressInfo;
    await new Promise((done) => probe.close(done));
    return new Server(port);
  }
  async start(): Promise<void> {
    this.#child = spawn('node', ['--import', 'tsx', 'src/main.ts'], {
      cwd: join(import.meta.dirname, '../../server'),
      env: { ...process.env, PORT: String(this.port), IRONPAN_REALM: 'kitchen' },
      stdio: 'ignore',
    });
    await expect
      .poll(
        () =>
          fetch(`http://127.0.0.1:${this.port}/healthz`).then(
            (r) => r.ok,
            () => false,
          ),
        { timeout: 30_000 },
      )
      .toBe(true);
  }
  kill(): void {
    this.#child?.kill('SIGKILL');
  }
}
test('the server is killed and started again: all goes on by hand meanwhile, and the pot is as warm as it then must be', async ({
  browser,
}) => {
  test.setTimeout(150_000);
  const server = await Server.atFreePort();
  await server.start();
  const context = await browser.newContext({ baseURL: `http://127.0.0.1:${server.port}`, serviceWorkers: 'block' });
  try {
    const page = await context.newPage();
    const cook = await Cook.enter(page, 'own');
    await cook.plans('No soak');
    await cook.practises('10 times as fast');
    await cook.press(/^Done/);
    await cook.press(/^Start/);
    const probeC = async (): Promise<number> =>
      Number(/probe\s*([\d.]+)/.exec(await told(page).innerText())?.[1] ?? NaN);
    const left = async (): Promise<number> =>
      secondsOf((await page.getByRole('timer').locator('p').first().innerText()).replace('+', ''));
    await expect.poll(probeC).toBeGreaterThan(20);
    const [c0, s0] = [await probeC(), await left()];
    server.kill();
    await expect(told(page)).toContainText('not heard any more');
    // The timer is the bench's own.
    await expect.poll(left).toBeLessThan(s0 - 60);
    await server.start();
    await expect(told(page)).not.toContainText('not heard any more', { timeout: 30_000 });
    await expect.poll(probeC).toBeGreaterThan(c0 + 10);
  } finally {
    server.kill();
    await context.close();
  }
});
test('two windows on one batch: both show what is told, and it is written once', async ({ page, context }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.practises('10 times as fast');
  const other = await context.newPage();
  await other.goto(page.url());
  await expect(told(other)).toContainText(/scale\s*\d/);
  await cook.press(/^Done/);
  for (const p of [page, other]) await expect(told(p)).toContainText(/Taken from the scale: water/);
  const batch = new URL(page.url()).pathname.split('/').at(-1) ?? '';
  await cook.go(`/book/${batch}`);
  const log = await page.getByRole('region', { name: 'Log' }).innerText();
  expect(log.match(/by the scale/g)).toHaveLength(1);
});
test('the probe dies on the way: it is said to be silent, and the cook’s own signs go on', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.practises('60 times as fast', [/battery dies/]);
  await cook.press(/^Done/);
  await cook.press(/^Start/);
  await expect(told(page)).toContainText(/probe\s*silent, last/);
  await expect(said(page)).toContainText('The probe is silent. Go by your eyes');
  await expect(page.locator('[data-cue]')).toContainText('It rolls even when you stir');
  await cook.press(/^Done/);
});

test('the water of each load of a jug is taken from the scale, and told in all', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Hot and thin');
  await cook.practises('10 times as fast');
  await expect(cook.heading()).toHaveText('Grind load 1 of 2');
  const taken = /Taken from the scale: fresh water (7[5-9]|8[0-4])\d\s*g in all/;
  await expect(told(page)).toContainText(taken);
  await cook.doesStep();
  await expect(cook.heading()).toHaveText('Grind load 2 of 2');
  await expect(told(page)).toContainText(taken);
  const batch = new URL(page.url()).pathname.split('/').at(-1) ?? '';
  await cook.go(`/book/${batch}`);
  const log = await page.getByRole('region', { name: 'Log' }).innerText();
  expect(log.match(/fresh water: \d+ g, by the scale/g)).toHaveLength(2);
});
