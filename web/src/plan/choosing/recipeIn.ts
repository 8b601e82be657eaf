import { readRecipeFile } from '@ironpan/core/formats';
import type { ForeignRecipe, ReadRecipeFile } from '@ironpan/core/formats';

/** A longer file is no recipe. */
const MOST_BYTES = 4_000_000;
const SAY = {
  notJson: 'This is no recipe file: it holds neither JSON nor a web page with a recipe in it. Paste its words instead.',
  noRecipe: 'There is no recipe in this file. Paste its words instead.',
  nothing: 'The recipe in this file says neither what to take nor what to do.',
  long: 'This file is too long for a recipe. Paste the words of the recipe instead.',
} as const;
export type RecipeRead =
  | { readonly ok: true; readonly recipe: ForeignRecipe }
  | { readonly ok: false; readonly say: string };

/** The text of what may be HTML, by the browser's own reader; nothing of it is shown or run. */
function plainText(html: string): string {
  if (!/[<&]/.test(html)) return html;
  // Ends of lines and items stay ends of lines.
  const lined = html.replace(/<\/(p|li|div|h\d)>|<br\s*\/?>/gi, '\n');
  const text = new DOMParser().parseFromString(lined, 'text/html').body.textContent;
  return text
    .split('\n')
    .map((l) => l.replace(/\s+/g, ' ').trim())
    .filter((l) => l !== '')
    .join('\n');
}
const plain = (r: ForeignRecipe): ForeignRecipe => ({
  name: plainText(r.name).replace(/\n/g, ' '),
  takes: r.takes.map(plainText),
  does: r.does.map(plainText),
});
/** Every JSON-LD of a saved page, in its order. */
const scriptsOf = (page: string): readonly string[] =>
  [...new DOMParser().parseFromString(page, 'text/html').querySelectorAll('script[type="application/ld+json"]')].map(
    (s) => s.textContent,
  );

/** The recipe in a file: JSON-LD, or a web page that was saved with one in it. */
export async function readRecipe(file: File): Promise<RecipeRead> {
  if (file.size > MOST_BYTES) return { ok: false, say: SAY.long };
  const text = await file.text();
  const parts = /^\s*(\uFEFF)?\s*</.test(text) ? scriptsOf(text) : [text];
  const reads: ReadRecipeFile[] = parts.map(readRecipeFile);
  const found = reads.find((r) => r.ok);
  if (found?.ok) return { ok: true, recipe: plain(found.recipe) };
  const fault = reads.flatMap((r) => (r.ok ? [] : [r.fault]));
  const [first] = fault;
  return { ok: false, say: SAY[fault.includes('nothing') ? 'nothing' : (first ?? 'noRecipe')] };
}
