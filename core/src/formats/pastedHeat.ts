/** Words that say a temperature; "very hot" alone says none that can be used. */
export function temperature(text: string): number | null {
  // Without its degree sign only inside the line: at its start, “4 C water”, C is a cup.
  const said = /(\d{1,3})\s*°\s*([CF])\b/.exec(text) ?? /(?<=[a-z]\s+|\()(\d{1,3})\s*([CF])\b/.exec(text);
  if (said?.[2] === 'C') return Number(said[1]);
  if (said?.[2] === 'F') return Math.round(((Number(said[1]) - 32) * 5) / 9);
  if (/ice.?cold|ice\s+water|iced/i.test(text)) return 2;
  if (/boiling/i.test(text)) return 98;
  if (/lukewarm|warm/i.test(text)) return 40;
  return null;
}
