import type { ToBuy } from '@ironpan/core/questions';

/** “750 g”, “1.2 kg”. */
export const gramsText = (g: number): string =>
  g < 1000 ? `${g < 10 ? Number(g.toFixed(1)) : Math.round(g)}\u00a0g` : `${Number((g / 1000).toFixed(2))}\u00a0kg`;
/** “2 packs of 500 g”. */
export const packsText = (l: Pick<ToBuy, 'packs' | 'packG'>): string =>
  `${l.packs} ${l.packs === 1 ? 'pack' : 'packs'} of ${gramsText(l.packG)}`;
export const costText = (x: number, currency: string): string => `${x.toFixed(2)}\u00a0${currency}`;
/** A list to send to somebody, a line a food. */
export const listText = (buys: readonly ToBuy[], currency: string): string =>
  [
    ...buys.map((l) => `- ${l.name}: ${packsText(l)} (about ${costText(l.cost, currency)})`),
    `Together about ${costText(
      buys.reduce((s, l) => s + l.cost, 0),
      currency,
    )}`,
  ]
    .join('\n')
    .replaceAll('\u00a0', ' ');
