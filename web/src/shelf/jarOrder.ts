import { milkOf } from '@ironpan/core/words';
import type { ShelfJar } from '../live/shelf';

/** In which order the jars stand. */
export const JAR_ORDERS = { left: 'by time left', milk: 'by milk', batch: 'by batch' } as const;
export type JarOrder = keyof typeof JAR_ORDERS;

const byLeft = (a: ShelfJar, b: ShelfJar): number => (a.now.keep?.s ?? Infinity) - (b.now.keep?.s ?? Infinity);
const BY: Readonly<Record<JarOrder, (a: ShelfJar, b: ShelfJar) => number>> = {
  left: byLeft,
  milk: (a, b) => milkOf(a.batch.recipe).localeCompare(milkOf(b.batch.recipe)) || byLeft(a, b),
  batch: (a, b) => b.batch.number - a.batch.number || byLeft(a, b),
};
/** The jars as a cook asked to see them. */
export const inJarOrder = (jars: readonly ShelfJar[], order: JarOrder): readonly ShelfJar[] =>
  [...jars].sort(BY[order]);
