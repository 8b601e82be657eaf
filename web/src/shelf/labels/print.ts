import { labelText, milkName, milkOf, upper } from '@ironpan/core/words';
import { now } from '../../clock';
import { download } from '../../ui/download';
import { labelDate } from '../../ui/times';
import type { ShelfJar } from '../../live/shelf';
import type { Label } from './labelPdf';

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
    useBy: keep && keep.s > 0 && j.now.done ? labelDate(now() + keep.s * 1000) : null,
    address: `${location.origin}/?jar=${encodeURIComponent(j.jar.id)}`,
  };
}
/** Labels as a file: one on a page of its size, or many on sheets of 24. The heavy part is loaded only now. */
export async function printLabels(jars: readonly ShelfJar[], how: { readonly sheet: boolean; readonly from?: number }) {
  const { labelsPdf } = await import('./labelPdf');
  const doc = await labelsPdf(jars.map(labelFor), how);
  const [first] = jars;
  const name = how.sheet || !first ? 'labels' : `label ${milkName(milkOf(first.batch.recipe))}`;
  download(`${name.replace(/\s+/g, '-')}.pdf`, doc.output('blob'));
}
