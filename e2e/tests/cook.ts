import { expect } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';

/** Every test and picture stands at this instant, so that nothing depends on the day. */
export const MORNING = new Date('2026-03-14T07:30:00Z');
const HOUR_MS = 3_600_000;
/** A press is answered within a frame or two: looked for as often, where a milk has twenty of them. */
const SOON = { intervals: [20, 30, 50, 50, 100, 100, 250, 500] };
/** "Start: 1 min 30 s" in ms. */
const msOf = (text: string): number =>
  [...text.matchAll(/([\d.]+)\s*(s|min|h)\b/g)].reduce(
    (ms, [, n, unit]) => ms + Number(n) * { s: 1000, min: 60_000, h: HOUR_MS }[unit as 's' | 'min' | 'h'],
    0,
  );

/** In the page: follows a link to another place. False: nothing is open, it is the same place, or a label leads there. */
function linked(path: string): boolean {
  const placeOf = (p: string): string => p.split(/[/?]/)[1] ?? '';
  const here = document.querySelectorAll('#place > *');
  if (here.length === 0 || path.includes('?') || placeOf(path) === placeOf(location.pathname)) return false;
  for (const e of here) e.setAttribute('data-left', '');
  history.pushState(null, '', path);
  dispatchEvent(new PopStateEvent('popstate', { state: null }));
  return true;
}

/** Speaks as a cook acts: it knows what is on the screen and nothing of what is behind it. */
export class Cook {
  constructor(readonly page: Page) {}

  /** Comes into the kitchen, the cook's own or the demo's, at a fixed instant. */
  static async enter(page: Page, kitchen: 'own' | 'demo', path = '/'): Promise<Cook> {
    await page.clock.install({ time: MORNING });
    await page.addInitScript(
      (realm) => {
        if (localStorage.getItem('ironpan-realm') === null) localStorage.setItem('ironpan-realm', realm);
      },
      kitchen === 'own' ? 'kitchen' : 'demo',
    );
    const cook = new Cook(page);
    await cook.go(path);
    return cook;
  }
  /** Goes to a page: from one place to another as by a link, within the application; else the page is loaded anew. */
  async go(path: string): Promise<void> {
    if (!(await this.page.evaluate(linked, path))) await this.page.goto(path);
    // What stood in the place that was left is gone.
    await expect(this.page.locator('#place > [data-left]')).toHaveCount(0);
    await expect(this.page.locator('#place').getByText('Reading your kitchen')).toHaveCount(0);
    await expect(this.page.locator('#place > *').first()).toBeVisible();
  }
  /** The hand comes to rest: what was typed has reached the storage. */
  async rests(): Promise<void> {
    await this.page.waitForTimeout(300);
  }
  async waits(hours: number): Promise<void> {
    await this.page.clock.fastForward(hours * HOUR_MS);
  }

  async plans(school: string): Promise<void> {
    await this.go('/plan');
    await this.page
      .getByRole('button', { name: `Plan this: ${school}` })
      .first()
      .click();
    await expect(this.page.getByRole('button', { name: 'Start this batch' })).toBeVisible();
  }
  station(name: string): Locator {
    return this.page.getByRole('region', { name, exact: true });
  }
  field(label: string): Locator {
    return this.page.getByRole('textbox', { name: label, exact: true }).first();
  }
  async types(label: string, text: string): Promise<void> {
    await this.field(label).fill(text);
  }
  result(label: string): Locator {
    return this.page.locator(`[data-result="${label}"] .num`).first();
  }
  warning(check: string): Locator {
    return this.page.locator(`[data-check="${check}"]`);
  }
  async mends(check: string, move: string | RegExp): Promise<void> {
    await this.warning(check).getByRole('button', { name: move }).first().click();
  }
  async starts(): Promise<void> {
    await this.page.getByRole('button', { name: 'Start this batch' }).click();
    const anyway = this.page.getByRole('button', { name: 'Start all the same' });
    const bench = this.page.getByRole('region', { name: 'Now', exact: true });
    await expect(anyway.or(bench)).toBeVisible();
    if (await anyway.isVisible()) await anyway.click();
    await expect(bench).toBeVisible();
  }

  /** The plan that is open is practised: so fast, and with what is to go wrong. */
  async practises(speed: string, faults: readonly RegExp[] = []): Promise<void> {
    await this.page.getByRole('button', { name: 'Practise it' }).click();
    const dialog = this.page.getByRole('dialog');
    await dialog.getByRole('button', { name: speed }).click();
    for (const f of faults) await dialog.getByRole('checkbox', { name: f }).click();
    await dialog.getByRole('button', { name: 'Begin', exact: true }).click();
    await expect(this.page.getByRole('region', { name: 'Now', exact: true })).toBeVisible();
    await expect(this.page.getByRole('region', { name: 'Practice', exact: true })).toBeVisible();
  }
  heading(): Locator {
    return this.page.getByRole('region', { name: 'Now', exact: true }).getByRole('heading', { level: 1 });
  }
  async press(name: string | RegExp): Promise<void> {
    await this.page.getByRole('button', { name }).click();
  }
  /** Does the step at hand: starts its timer if it has one, lets it run its planned time, and says done. */
  async doesStep(): Promise<void> {
    const now = this.page.getByRole('region', { name: 'Now', exact: true });
    const before = await this.where();
    const start = now.getByRole('button', { name: /^Start:/ });
    if (await start.isVisible()) {
      const text = await start.innerText();
      await start.click();
      // Who stands at the jug lets it run: stopped at once, it would be taken at its word.
      if (/^Grind|^Knead/.test(await this.heading().innerText())) await this.page.clock.fastForward(msOf(text));
    }
    await now.getByRole('button', { name: /^Done/ }).click();
    // Of a step that decides safety the plan’s time is the last answer, and it is the cook’s own word.
    const asPlanned = this.page.getByRole('button', { name: /^As planned|I timed it myself$/ });
    await expect.poll(async () => (await asPlanned.isVisible()) || (await this.where()) !== before, SOON).toBe(true);
    if (await asPlanned.isVisible()) {
      await asPlanned.click();
      await expect.poll(() => this.where(), SOON).not.toBe(before);
    }
  }
  /** Which step is at hand, as the screen says it: "3 of 17", or the end. */
  async where(): Promise<string> {
    const said = await this.page
      .locator('#place')
      .getByText(/^\d+ of \d+$/)
      .allInnerTexts();
    return said[0] ?? 'over';
  }
  async goesOnUntil(title: string | RegExp): Promise<void> {
    for (let i = 0; i < 30; i += 1) {
      const h = await this.heading().innerText();
      if (typeof title === 'string' ? h === title : title.test(h)) return;
      await this.doesStep();
    }
    throw new Error(`never came to ${String(title)}`);
  }
  async finishes(): Promise<void> {
    for (let i = 0; i < 30 && (await this.where()) !== 'over'; i += 1) await this.doesStep();
    await expect(this.page.getByText(/is in its jars/)).toBeVisible();
  }
  async records(label: string, text: string): Promise<void> {
    await this.page.getByRole('textbox', { name: label, exact: true }).fill(text);
    await this.page.getByRole('button', { name: `Record ${label}` }).click();
    // Recorded, the field is empty again and its hint says what stands.
    await expect(this.page.getByRole('textbox', { name: label, exact: true })).toHaveValue('');
  }

  jars(): Locator {
    return this.page.getByRole('region', { name: /· milk$/ }).getByRole('button');
  }
  /** The shelf as a list of words: what stands where, how much, how long. */
  async shelf(): Promise<string[]> {
    // Loaded anew: what is read once, at once, must not be what the page remembered of it.
    await this.page.goto('/');
    await expect(this.page.getByRole('region', { name: /· milk$/ })).toBeVisible();
    return this.page
      .locator('section li button[aria-label]')
      .evaluateAll((all) => all.map((b) => b.getAttribute('aria-label') ?? ''));
  }

  async exports(): Promise<string> {
    await this.go('/kit');
    const coming = this.page.waitForEvent('download');
    await this.press('Export everything');
    return (await coming).path();
  }
  async choosesFile(file: string | { name: string; mimeType: string; buffer: Buffer }): Promise<void> {
    await this.page.getByLabel('Import a kitchen’s file').setInputFiles(file);
  }
  async empties(): Promise<void> {
    await this.go('/kit');
    await this.press('Empty this kitchen');
    await this.press('Delete all of it');
    await expect(this.page.getByText('The kitchen is empty.')).toBeVisible();
  }
}
