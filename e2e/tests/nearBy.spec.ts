import { expect, test } from '@playwright/test';
import type { Page } from '@playwright/test';
import { findViolations } from './axe';
import { Cook } from './cook';

/** A browser with Bluetooth, and a scale and a probe within its reach: they say what the test has them say. */
async function withBluetooth(page: Page): Promise<void> {
  await page.addInitScript(() => {
    type Fake = EventTarget & { value?: DataView };
    const near: Record<number, { c: Fake; device: EventTarget; up: boolean }> = {};
    const fake = (service: number, name: string, wants: number) => {
      const c: Fake = new EventTarget();
      const device = new EventTarget();
      const it = { c, device, up: true };
      near[service] = it;
      const gatt = {
        connected: false,
        connect: () => {
          if (!it.up) return Promise.reject(new Error('out of reach'));
          gatt.connected = true;
          return Promise.resolve(gatt);
        },
        disconnect: () => {
          gatt.connected = false;
          device.dispatchEvent(new Event('gattserverdisconnected'));
        },
        getPrimaryService: (of: number) =>
          of === service
            ? Promise.resolve({
                getCharacteristic: (which: number) =>
                  which === wants
                    ? Promise.resolve(
                        Object.assign(c, {
                          properties: { notify: true, indicate: false },
                          startNotifications: () => Promise.resolve(c),
                        }),
                      )
                    : Promise.reject(new Error('no such characteristic')),
              })
            : Promise.reject(new Error('no such service')),
      };
      return Object.assign(device, { name, gatt });
    };
    const devices: Record<number, unknown> = {
      0x181d: fake(0x181d, 'Kitchen scale', 0x2a9d),
      0x1809: fake(0x1809, 'Pot stick', 0x2a1c),
    };
    Object.assign(navigator, {
      bluetooth: {
        requestDevice: ({ filters }: { filters: { services: number[] }[] }) => {
          const found = devices[filters[0]?.services[0] ?? 0];
          return found
            ? Promise.resolve(found)
            : Promise.reject(Object.assign(new Error('none chosen'), { name: 'NotFoundError' }));
        },
      },
    });
    Object.assign(window, {
      says: (service: number, bytes: number[]) => {
        const it = near[service];
        if (!it) return;
        it.c.value = new DataView(Uint8Array.from(bytes).buffer);
        it.c.dispatchEvent(new Event('characteristicvaluechanged'));
      },
      reach: (service: number, up: boolean) => {
        const it = near[service];
        if (!it) return;
        it.up = up;
        if (!up) it.device.dispatchEvent(new Event('gattserverdisconnected'));
      },
    });
  });
}
interface Fakes {
  says(service: number, bytes: readonly number[]): void;
  reach(service: number, up: boolean): void;
}
const SCALE = 0x181d;
/** Weight Measurement, by its field layout: flags (SI), then five grams a step, the low byte first. */
const weighs = (page: Page, g: number): Promise<void> =>
  page.evaluate(([s, n]) => (window as unknown as Fakes).says(s, [0, n & 255, n >> 8]), [
    SCALE,
    Math.round(g / 5),
  ] as const);
const reach = (page: Page, up: boolean): Promise<void> =>
  page.evaluate(([s, x]) => (window as unknown as Fakes).reach(s, x), [SCALE, up] as const);
const told = (page: Page) => page.getByRole('region', { name: 'Instruments' });
/** Within the page: a reload would ask the browser for everything anew. */
const to = (page: Page, place: string): Promise<void> =>
  page.getByRole('navigation').getByRole('link', { name: place, exact: true }).first().click();

test('a scale of one’s own, by Bluetooth: paired in Kit, it writes down what is poured', async ({ page }) => {
  test.setTimeout(120_000);
  await withBluetooth(page);
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await to(page, 'Kit');
  await told(page).getByRole('button', { name: 'Pair a fridge thermometer' }).click();
  await expect(told(page).getByRole('alert')).toHaveCount(0);
  await told(page).getByRole('button', { name: 'Pair a scale' }).click();
  await expect(told(page)).toContainText('Kitchen scale');
  expect(await findViolations(page)).toEqual([]);
  await to(page, 'Bench');
  await cook.press(/^Done/);
  await expect(cook.heading()).toHaveText('Boil the beans whole');
  const pour = async (g: number): Promise<void> => {
    for (let i = 0; i < 14; i += 1) {
      await weighs(page, g);
      await page.clock.runFor(500);
    }
  };
  await pour(0);
  await pour(900);
  await expect(told(page)).toContainText(/Taken from the scale: water 900\s*g/);
  // What is no frame of a scale is no weight, and is said.
  await page.evaluate((s) => (window as unknown as Fakes).says(s, [0]), SCALE);
  await page.evaluate((s) => (window as unknown as Fakes).says(s, [0, 1, 2, 3, 4, 5, 6, 7]), SCALE);
  await expect(told(page)).toContainText('2 readings could not be used');
});
test('one that goes out of reach in the middle of a weighing writes nothing, is called again, and comes back', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await withBluetooth(page);
  const cook = await Cook.enter(page, 'own');
  await cook.plans('No soak');
  await cook.starts();
  await to(page, 'Kit');
  await told(page).getByRole('button', { name: 'Pair a scale' }).click();
  await to(page, 'Bench');
  await cook.press(/^Done/);
  for (let g = 0; g <= 880; g += 80) {
    await weighs(page, g);
    await page.clock.runFor(400);
  }
  await expect(told(page)).toContainText(/On the scale: .* still moving/);
  await reach(page, false);
  await expect(told(page)).toContainText('not heard any more');
  await page.clock.runFor(40_000);
  await expect(told(page)).toContainText('The scale is silent: nothing was taken');
  await expect(told(page)).not.toContainText('Taken from the scale');
  await reach(page, true);
  await page.clock.runFor(20_000);
  await expect(told(page)).not.toContainText('not heard any more');
  for (let i = 0; i < 14; i += 1) {
    await weighs(page, 900);
    await page.clock.runFor(500);
  }
  await expect(told(page)).toContainText(/Taken from the scale: water 900\s*g/);
});
test('a browser without Bluetooth shows none of it', async ({ page }) => {
  await page.addInitScript(() => {
    Object.defineProperty(navigator, 'bluetooth', { value: undefined });
  });
  const cook = await Cook.enter(page, 'own', '/kit');
  await expect(page.getByRole('region', { name: 'Your data' })).toBeVisible();
  await expect(told(page)).toHaveCount(0);
  await cook.rests();
});
