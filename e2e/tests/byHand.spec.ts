import { expect, test } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';
import { Cook } from './cook';

/** The list of steps: what a cook does to build a plan of their own. */
class Order {
  constructor(readonly page: Page) {}
  get all(): Locator {
    return this.page.getByRole('region', { name: 'All steps' });
  }
  async opens(): Promise<void> {
    await this.page.getByRole('button', { name: /^All steps/ }).click();
    await expect(this.row(1)).toBeVisible();
  }
  row(n: number): Locator {
    return this.all.getByRole('listitem').nth(n - 1);
  }
  async puts(kind: string, after: number): Promise<void> {
    const rows = await this.all.getByRole('listitem').count();
    await this.row(after).getByRole('radio').check();
    await this.all.getByRole('combobox').selectOption({ label: kind });
    await this.all.getByRole('button', { name: 'Add', exact: true }).click();
    await expect(this.all.getByRole('listitem')).toHaveCount(rows + 1);
  }
  /** The step in full, in its open station. */
  async opensStep(n: number, title: string): Promise<Locator> {
    await this.row(n)
      .getByRole('button', { name: new RegExp(`^${title}`) })
      .first()
      .click();
    const step = this.page.getByRole('group', { name: new RegExp(`^${title}`) });
    await expect(step.first()).toBeVisible();
    return step;
  }
  async leavesOut(n: number): Promise<void> {
    const rows = await this.all.getByRole('listitem').count();
    await this.row(n)
      .getByRole('button', { name: /^leave out/ })
      .click();
    await expect(this.all.getByRole('listitem')).toHaveCount(rows - 1);
  }
}
const chooses = async (step: Locator, label: string, option: string): Promise<void> => {
  await step.getByLabel(label, { exact: true }).selectOption({ label: option });
};
const types = async (step: Locator, label: string, text: string): Promise<void> => {
  await step.getByRole('textbox', { name: label, exact: true }).fill(text);
};
const names = async (step: Locator, label: string, name: string): Promise<void> => {
  await step.getByLabel(label, { exact: true }).selectOption({ label: 'a new name …' });
  await step.getByRole('textbox', { name: `${label}, its name` }).fill(name);
};

test('four graded pressings from one nut, the first with no water, all kept apart', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Graded extracts');
  await cook.types('coconut, fresh, grated', '640');
  const order = new Order(page);
  await order.opens();
  // A fourth pressing after the third, with a name of its own, cooled and jarred.
  await order.puts('Wash the pulp', 5);
  const wash = (await order.opensStep(6, 'Wash the pulp')).last();
  await types(wash, 'fresh water', '237');
  await names(wash, 'milk into', 'fourth pressing');
  await expect(cook.warning('noJar:fourth pressing')).toBeVisible();
  await cook.mends('noJar:fourth pressing', 'Put it in jars');
  await expect(cook.warning('noJar:fourth pressing')).toHaveCount(0);
  const flow = page.getByRole('table', { name: 'What flows where, in grams' });
  for (const milk of ['first extract', 'second extract', 'third extract', 'fourth pressing'])
    await expect(flow.getByRole('row', { name: new RegExp(`at the end ${milk}`) })).toHaveCount(1);
  await cook.starts();
});

test('soy in three waters, with syrup, and three flavours of one base', async ({ page }) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Raw ground, washed');
  const order = new Order(page);
  await order.opens();
  const find = async (title: string): Promise<number> => {
    const rows = await order.all.getByRole('listitem').allInnerTexts();
    return rows.findIndex((x) => x.includes(title)) + 1;
  };
  // Strained once more after cooking; syrup into the whole pot.
  await order.puts('Strain', await find('Boil'));
  await order.puts('Add', await find('Pour together'));
  const syrup = await order.opensStep(await find('Add salt'), 'Add salt');
  await chooses(syrup.first(), 'what', 'Maple syrup');
  const maple = page.getByRole('group', { name: /^Add maple syrup/ });
  await types(maple, 'how much', '60');
  // Three bottles: parted before the jars, each finished in its own way.
  await order.puts('Part', await find('Cool'));
  const part = (await order.opensStep(await find('Part '), 'Part')).first();
  await part.getByRole('button', { name: '3 equal parts' }).click();
  for (const [i, name] of ['berry', 'cocoa', 'plain'].entries())
    await part.getByRole('textbox', { name: `name of part ${i + 1}` }).fill(name);
  // Salt and jar were for the whole; what stood for the whole pot is no more.
  await expect(order.all.getByRole('alert').first()).toContainText('soy milk is gone by now');
  await order.leavesOut(await find('Add salt'));
  await order.leavesOut(await find('Jar'));
  await expect(order.all.getByRole('alert')).toHaveCount(0);
  await order.puts('Add', await find('Part '));
  const cocoa = await order.opensStep((await find('Part ')) + 1, 'Add salt');
  await chooses(cocoa.first(), 'into', 'cocoa');
  await chooses(cocoa.first(), 'what', 'Cocoa powder, unsweetened');
  const powder = page.getByRole('group', { name: /^Add cocoa powder/ });
  await types(powder, 'how much', '12');
  await expect(cook.warning('cocoaDry')).toBeVisible();
  await cook.mends('cocoaDry', /smooth/);
  await order.puts('Add', await find('Part '));
  const berry = await order.opensStep((await find('Part ')) + 1, 'Add salt');
  await chooses(berry.first(), 'into', 'berry');
  await chooses(berry.first(), 'what', 'Berries, fresh');
  await types(page.getByRole('group', { name: /^Add berries/ }), 'how much', '60');
  for (const bottle of ['berry', 'cocoa', 'plain']) {
    await expect(cook.warning(`noJar:${bottle}`)).toBeVisible();
    await cook.mends(`noJar:${bottle}`, 'Put it in jars');
  }
  await expect(page.locator('[data-check^=noJar]')).toHaveCount(0);
  await cook.starts();
});

test('hot oats in a filter insert with salt, cinnamon and peel, pressed with a pestle', async ({ page }) => {
  const cook = await Cook.enter(page, 'own', '/kit');
  await page.getByRole('button', { name: 'Add: filter insert' }).click();
  await cook.rests();
  await cook.plans('Hot and thin');
  await cook.types('rolled oats', '50');
  const order = new Order(page);
  await order.opens();
  for (const [i, food] of ['Cinnamon stick', 'Peel of lemon or orange', 'Sesame seeds, dry'].entries()) {
    await order.puts('Add', 1);
    // The first stands before the jug, the others after it.
    if (i === 0)
      await order
        .row(2)
        .getByRole('button', { name: /^move earlier/ })
        .click();
    const step = (await order.opensStep(i === 0 ? 1 : 2, 'Add salt')).first();
    await chooses(step, 'what', food);
    await expect(order.row(i === 0 ? 1 : 2)).not.toContainText('Add salt');
  }
  await expect(cook.warning('allergen:sesame')).toBeVisible();
  const strain = (await order.opensStep(5, 'Strain')).first();
  await chooses(strain, 'how hard', 'pestle');
  await chooses(strain, 'through', 'Filter insert');
  await expect(page.getByRole('alert')).toHaveCount(0);
  await cook.starts();
});

test('a step is dragged, by the pointer and by the keys; what it makes impossible is said there, and one press mends it', async ({
  page,
}) => {
  const cook = await Cook.enter(page, 'own');
  await cook.plans('Raw ground, washed');
  const order = new Order(page);
  await order.opens();
  const grip = (n: number): Locator => order.row(n).getByRole('button', { name: /^drag/ });
  await expect(order.row(9)).toContainText('Boil');
  const said = page.locator('[id^=DndLiveRegion]');
  await grip(9).focus();
  await page.keyboard.press('Space');
  await expect(said).toContainText('step 9 of 14');
  for (let at = 8; at >= 5; at -= 1) {
    // It listens to the next key once it has come to rest.
    await page.waitForTimeout(300);
    await page.keyboard.press('ArrowUp');
    await expect(said).toHaveText(`Boil would be step ${at} of 14.`);
  }
  await page.keyboard.press('Space');
  await expect(order.row(5)).toContainText('Boil');
  await expect(order.row(5).getByRole('alert')).toContainText('comes later');
  await expect(page.getByRole('button', { name: 'Start this batch' })).toBeDisabled();
  await order.row(5).getByRole('button', { name: 'Move it there' }).click();
  await expect(order.all.getByRole('alert')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Start this batch' })).toBeEnabled();
  const from = await grip(1).boundingBox();
  const to = await grip(3).boundingBox();
  if (!from || !to) throw new Error('no grip');
  await page.mouse.move(from.x + 10, from.y + 10);
  await page.mouse.down();
  await page.mouse.move(from.x + 10, from.y + 30, { steps: 4 });
  await page.mouse.move(to.x + 10, to.y + 14, { steps: 8 });
  await page.mouse.up();
  await expect(order.row(3)).toContainText('Pick over');
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(order.row(1)).toContainText('Pick over');
});
