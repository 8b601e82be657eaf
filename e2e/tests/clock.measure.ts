import { test } from '@playwright/test';
import type { Page } from '@playwright/test';

/** Frames that took longer than this are long, ms: more than one was missed. */
const LONG_MS = 33;
const MOVES = 120;

/** Notes how long each frame takes until it is stopped. */
const watch = (page: Page): Promise<void> =>
  page.evaluate(() => {
    const w = window as unknown as { frames: number[]; stop: boolean };
    [w.frames, w.stop] = [[], false];
    let last = performance.now();
    const frame = (t: number): void => {
      w.frames.push(t - last);
      last = t;
      if (!w.stop) requestAnimationFrame(frame);
    };
    requestAnimationFrame(frame);
  });
const longShare = (page: Page): Promise<number> =>
  page.evaluate((long) => {
    const w = window as unknown as { frames: number[]; stop: boolean };
    w.stop = true;
    const all = w.frames.slice(1);
    return all.filter((f) => f > long).length / Math.max(1, all.length);
  }, LONG_MS);

test('a drag on the clock beside the idle page', async ({ page }) => {
  test.setTimeout(120_000);
  await page.addInitScript(() => localStorage.setItem('ironpan-realm', 'demo'));
  await page.goto('/clock');
  await page.locator('[data-proof]').waitFor({ timeout: 60_000 });
  await page.waitForTimeout(3000);
  const block = page.locator('[data-takes="busy"][style*="grab"]').first();
  const box = await block.boundingBox();
  if (!box) throw new Error('nothing can be dragged');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const to = async (dx: number): Promise<void> => {
    await page.mouse.move(x + dx, y);
    await page.waitForTimeout(16);
  };
  // The pointer moves both times: once over the page, once with the block.
  await page.mouse.move(x, y);
  await watch(page);
  for (let i = 0; i < MOVES; i += 1) await to(60 * Math.sin(i / 12));
  const idle = await longShare(page);
  await page.mouse.move(x, y);
  await page.mouse.down();
  await watch(page);
  for (let i = 0; i < MOVES; i += 1) await to(60 * Math.sin(i / 12));
  const dragged = await longShare(page);
  await page.mouse.move(x, y);
  await page.mouse.up();
  const percent = (share: number): string => `${(100 * share).toFixed(1)} %`;
  console.log(
    `long frames (over ${LONG_MS} ms): ${percent(dragged)} while a block is dragged, ${percent(idle)} without`,
  );
});
