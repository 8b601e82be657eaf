import type { Recipe } from '../steps';
import { milkName, milkOf } from './food';
import { upper } from './format';

/** The name of a plan made from a method: "Oat milk, the middle way". */
export function planNameOf(m: { readonly milk: string; readonly name: string }): string {
  return `${upper(milkName(m.milk))}, ${m.name.charAt(0).toLowerCase()}${m.name.slice(1)}`;
}

/**
 * The name of a plan after a change of its foods: it never names a milk that the plan no longer makes. A name given by
 * `method` gives way to the new milk's name, because the method's word may be untrue of another food.
 */
export function planNameAfter(name: string, before: Recipe, after: Recipe, method: string | null): string {
  const was = milkName(milkOf(before));
  const is = milkName(milkOf(after));
  if (was === is) return name;
  if (method !== null && name.startsWith(method)) return upper(is) + name.slice(method.length);
  const at = name.toLowerCase().indexOf(was.toLowerCase());
  if (was === 'milk' || at < 0) return name;
  return name.slice(0, at) + (at === 0 ? upper(is) : is) + name.slice(at + was.length);
}
