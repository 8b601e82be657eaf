import type { Recipe } from '@ironpan/core/steps';
import { foodOf, grams, join, streamName } from '@ironpan/core/words';

/** Short words for the drawing; on a phone the grams alone. */
export function larderText(r: Recipe, into: string, compact: boolean): string {
  const lines = r.larder.filter((l) => l.into === into);
  const g = join(grams(lines.reduce((t, l) => t + l.grams, 0)));
  return compact ? g : `${larderName(r, into)} ${g}`;
}
/** What a stream of the larder is called in the drawing. */
export function larderName(r: Recipe, into: string): string {
  const line = r.larder.find((l) => l.into === into);
  const one = r.materials.find((m) => m.id === line?.material);
  return line?.into === 'work' || !one ? foodOf(r).pieces : (one.name.split(',')[0]?.toLowerCase() ?? one.name);
}
/** The label of water poured in. */
export const waterText = (g: number, compact: boolean, times = 1): string =>
  `${compact ? '' : 'water '}${join(grams(g))}${times > 1 ? ` in ${times}` : ''}`;
/** The label of what leaves, with its grams. */
export function outText(to: string, kind: string, g: number, compact: boolean): string {
  const t = join(grams(g));
  if (compact) return `−${t}`;
  return `${outName(to, kind)} ${t}`;
}
/** What leaves the plan, by where it goes and the step it leaves. */
export function outName(to: string, kind: string): string {
  if (to === 'drain') return kind === 'hull' ? 'skins' : 'poured off';
  return { skimmed: 'skin', pickedOut: 'picked out', spilt: 'ran over' }[to] ?? to;
}
/** The label of what is left at the end. */
export function endText(r: Recipe, stream: string, g: number, compact: boolean): string {
  const t = join(grams(g));
  return compact ? t : `${streamName(stream, r)} ${t}`;
}
