import { chromium, expect, test } from '@playwright/test';
import type { Browser, Page } from '@playwright/test';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { findViolations } from './axe';
import { Cook } from './cook';

const RATE = 16_000;
/** A kitchen that is quiet, then has a jug running for some seconds, then is quiet: a sound file, again and again. */
function kitchenSound(quietS: number, jugS: number, afterS: number): Buffer {
  const n = Math.round(RATE * (quietS + jugS + afterS));
  const out = Buffer.alloc(44 + 2 * n);
  out.write('RIFF', 0);
  out.writeUInt32LE(36 + 2 * n, 4);
  out.write('WAVEfmt ', 8);
  out.writeUInt32LE(16, 16);
  out.writeUInt16LE(1, 20);
  out.writeUInt16LE(1, 22);
  out.writeUInt32LE(RATE, 24);
  out.writeUInt32LE(2 * RATE, 28);
  out.writeUInt16LE(2, 32);
  out.writeUInt16LE(16, 34);
  out.write('data', 36);
  out.writeUInt32LE(2 * n, 40);
  let seed = 1;
  const noise = (): number => {
    seed = (seed * 16_807) % 2_147_483_647;
    return (2 * seed) / 2_147_483_647 - 1;
  };
  for (let i = 0; i < n; i += 1) {
    const s = i / RATE;
    const jug = s >= quietS && s < quietS + jugS;
    const hum = 0.25 * Math.sin(2 * Math.PI * 220 * s) + 0.15 * Math.sin(2 * Math.PI * 440 * s) + 0.2 * noise();
    out.writeInt16LE(Math.round(32_000 * (0.004 * noise() + (jug ? hum : 0))), 44 + 2 * i);
  }
  return out;
}
const ear = (page: Page) => page.getByRole('region', { name: 'The ear' });
/** A browser whose microphone is a file. */
async function hearing(file: string, allowed = true): Promise<Browser> {
  return chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: [
      '--no-sandbox',
      '--disable-gpu',
      '--use-fake-device-for-media-stream',
      `--use-file-for-fake-audio-capture=${file}`,
      ...(allowed ? ['--use-fake-ui-for-media-stream'] : ['--deny-permission-prompts']),
    ],
  });
}
async function atTheJug(browser: Browser, baseURL: string | undefined, before?: () => void): Promise<Cook> {
  const context = await browser.newContext({ serviceWorkers: 'block', ...(baseURL === undefined ? {} : { baseURL }) });
  const page = await context.newPage();
  if (before) await page.addInitScript(before);
  const cook = new Cook(page);
  await cook.plans('The middle way');
  await cook.starts();
  await expect(cook.heading()).toHaveText('Grind');
  return cook;
}
let dir = '';
test.beforeAll(() => {
  dir = mkdtempSync(join(tmpdir(), 'sound-'));
});
test.afterAll(() => rmSync(dir, { recursive: true, force: true }));

test('the jug starts and stops, and the load is timed by what was heard; the ear is off when the step is over', async ({
  baseURL,
}) => {
  test.setTimeout(120_000);
  const file = join(dir, 'jug.wav');
  writeFileSync(file, kitchenSound(5, 6, 25));
  const browser = await hearing(file);
  try {
    // As a browser does with a page that nobody sees: the ear must not go by the page's own clock.
    const cook = await atTheJug(browser, baseURL, () => {
      const every = window.setInterval.bind(window);
      window.setInterval = ((f: () => void, ms = 0) => every(f, Math.max(1000, ms))) as typeof window.setInterval;
    });
    const { page } = cook;
    await expect(ear(page)).toContainText('no sound is kept or sent');
    expect(await findViolations(page)).toEqual([]);
    await ear(page).getByRole('button', { name: 'Listen for the jug' }).click();
    await expect(ear(page)).toContainText(/It listens|It hears/);
    await expect(ear(page)).toContainText('It hears the jug.', { timeout: 45_000 });
    await expect(page.getByRole('timer')).toBeVisible();
    // Nobody pressed anything: it stops, and the next step stands there.
    await expect(cook.heading()).toHaveText('Strain', { timeout: 20_000 });
    await expect(ear(page)).toHaveCount(0);
    const batch = new URL(page.url()).pathname.split('/').at(-1) ?? '';
    await cook.go(`/book/${batch}`);
    const log = await page.getByRole('region', { name: 'Log' }).innerText();
    const ran = Number(/ran: ([\d.]+) s, by the ear/.exec(log)?.[1] ?? NaN);
    expect(Math.abs(ran - 6)).toBeLessThan(1);
  } finally {
    await browser.close();
  }
});
test('taught in five seconds it keeps two figures and no sound', async ({ baseURL }) => {
  test.setTimeout(120_000);
  const file = join(dir, 'teach.wav');
  writeFileSync(file, kitchenSound(1.5, 2, 1.5));
  const browser = await hearing(file);
  try {
    const { page } = await atTheJug(browser, baseURL);
    await ear(page).getByRole('button', { name: 'Listen for the jug' }).click();
    await ear(page).getByRole('button', { name: 'Teach it', exact: true }).click();
    await expect(ear(page)).toContainText('Run it once');
    await expect(ear(page).getByRole('button', { name: 'Teach it again' })).toBeVisible({ timeout: 15_000 });
    await ear(page).getByRole('button', { name: 'Stop listening' }).click();
    await expect(ear(page).getByRole('button', { name: 'Listen for the jug' })).toBeVisible();
  } finally {
    await browser.close();
  }
});
test('a microphone that is refused is said so, and the buttons do all of it', async ({ baseURL }) => {
  const file = join(dir, 'none.wav');
  writeFileSync(file, kitchenSound(1, 1, 1));
  const browser = await hearing(file, false);
  try {
    const cook = await atTheJug(browser, baseURL);
    await ear(cook.page).getByRole('button', { name: 'Listen for the jug' }).click();
    await expect(ear(cook.page)).toContainText('The microphone is not to be had');
    await cook.press(/^Start/);
    await expect(cook.page.getByRole('timer')).toBeVisible();
  } finally {
    await browser.close();
  }
});
test('a microphone that is taken away in the middle of a load: it is said, the load runs on, and a press ends it', async ({
  baseURL,
}) => {
  test.setTimeout(120_000);
  const file = join(dir, 'gone.wav');
  writeFileSync(file, kitchenSound(3, 60, 3));
  const browser = await hearing(file);
  try {
    const cook = await atTheJug(browser, baseURL, () => {
      const ask = navigator.mediaDevices.getUserMedia.bind(navigator.mediaDevices);
      navigator.mediaDevices.getUserMedia = async (of) => {
        const stream = await ask(of);
        window.addEventListener('unplug', () => {
          for (const t of stream.getTracks()) t.dispatchEvent(new Event('ended'));
        });
        return stream;
      };
    });
    const { page } = cook;
    await ear(page).getByRole('button', { name: 'Listen for the jug' }).click();
    await expect(page.getByRole('timer')).toBeVisible({ timeout: 45_000 });
    await page.evaluate(() => window.dispatchEvent(new Event('unplug')));
    await expect(ear(page)).toContainText('The microphone was taken away');
    await expect(page.getByRole('timer')).toBeVisible();
    await expect(ear(page).getByRole('button', { name: 'Listen for the jug' })).toBeEnabled();
    await cook.press(/^Done/);
    await expect(cook.heading()).toHaveText('Strain');
  } finally {
    await browser.close();
  }
});
