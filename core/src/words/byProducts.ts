import type { JarNow } from '../batch';
import type { Role } from '../kitchen';
import type { Recipe } from '../steps';
import { milkOf } from './food';

type What = 'pulp' | 'flour' | 'cap' | 'skin';
const WHAT: Readonly<Record<What, string>> = {
  pulp: 'In porridge, patties and dough; up to a quarter of the flour of a bread in its weight. Dried, it is flour.',
  flour:
    'For a fifth of the flour in bread and biscuits, or toasted as crumbs. Dry, closed and cool it keeps much longer than wet; when it smells of old oil it is over.',
  cap: 'As cream: on fruit, in curry at the end, whipped cold with a little sugar. It melts in warm food.',
  skin: 'Eaten fresh with soy sauce, rolled in soup, or dried flat.',
};
const OWN: Readonly<Record<string, string>> = {
  coconut:
    'Dried it is coconut flour, low in fat: it drinks much water in a dough. Fresh for biscuits and toasted crumbs.',
  'tiger nut': 'Sweet: in biscuits and porridge, or dried to flour.',
  oat: 'In porridge, bread and pancakes.',
  rice: 'In pancakes and soup, the same day.',
};
/** What a by-product will do, in a sentence or two. Raw pulp of beans: nothing, before it is boiled. */
export function usesText(role: Role, now: Pick<JarNow, 'done' | 'flour'>, recipe: Recipe): string {
  if (!now.done) return 'Nothing yet: boil it first.';
  if (now.flour) return WHAT.flour;
  if (role === 'cap' || role === 'skin') return WHAT[role];
  return OWN[milkOf(recipe)] ?? WHAT.pulp;
}
