/** “1.5 L”, or below a litre “750 ml”, to 50 ml: nobody plans a milk more finely. */
export const litresText = (ml: number): string => {
  const by50 = Math.round(ml / 50) * 50;
  return by50 < 1000 ? `${by50}\u00a0ml` : `${Number((by50 / 1000).toFixed(2))}\u00a0L`;
};
