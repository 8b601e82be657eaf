import { labelText, milkName, milkOf, upper } from '@ironpan/core/words';
import { download } from '../../ui/download';
import { labelDate } from '../../ui/times';
import { tell } from '../../ui/toast';
import type { ShelfJar } from '../../live/shelf';
import type { Label } from './labelPdf';

/** An address that means only the machine itself. */
const LOOPBACK = /^(localhost|127\.|\[?::1)/;
/** What stands on a jar's label in this kitchen, at this hour. */
export function labelFor(j: ShelfJar): Label {
  const { keep } = j.now;
  return {
    ...labelText(
      upper(j.pulp ? `pulp of ${milkName(milkOf(j.batch.recipe))}` : j.name),
      j.jar.id,
      j.now,
      j.stamp?.word ?? null,
    ),
    made: `${labelDate(j.jar.filledAt)}, batch ${j.batch.number}`,
    useBy: keep && keep.s > 0 && j.now.done && j.now.useBy !== null ? labelDate(j.now.useBy) : null,
    frozen: j.now.place === 'freezer',
    address: `${location.origin}/?jar=${encodeURIComponent(j.jar.id)}`,
  };
}
/** Labels as a file: one on a page of its size, or many on sheets of 24. The heavy part is loaded only now. */
export async function printLabels(jars: readonly ShelfJar[], how: { readonly sheet: boolean; readonly from?: number }) {
  const { labelsPdf } = await import('./labelPdf');
  const doc = await labelsPdf(jars.map(labelFor), how);
  const [first] = jars;
  const name = how.sheet || !first ? 'labels' : `label ${milkName(milkOf(first.batch.recipe))}`;
  if (LOOPBACK.test(location.hostname))
    tell('The codes open their jars on this computer. Served to the house (HOST), a phone opens them too.');
  download(`${name.replace(/\s+/g, '-')}.pdf`, doc.output('blob'));
}
