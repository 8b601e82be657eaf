/** What is missing on a line of a pasted recipe; it is asked, never guessed. */
export const ASKS: Readonly<Record<'food' | 'amount' | 'unit' | 'range' | 'count' | 'form' | 'wet', string>> = {
  food: 'Which food is this?',
  amount: 'How many grams?',
  unit: 'Its unit is not known here. How many grams?',
  range: 'A span: which of the two? Type the grams.',
  count: 'Pieces differ. How many grams is that?',
  wet: 'Weighed wet. How many grams were they dry, before the soak?',
  form: 'Which form: raw or cooked, fresh or dried? The grams differ.',
};
/** Why a line is in no plan. */
export const PASTED_LEFT = 'left out: nothing in it that a plan can use';
/** Said where nothing of a pasted recipe was understood. */
export const PASTED_NOTHING =
  'No food with an amount was found in it. Type one line for each thing, such as “1½ cups rolled oats”, in English, with its amount.';
/** Said where nothing was pasted. */
export const PASTED_EMPTY = 'Paste or type a recipe first, such as “1½ cups rolled oats, 4 cups ice water”.';
/** Said where a recipe is longer than what is read of one. */
export const PASTED_CUT = 'This is long for a recipe: only its first 4 000 letters and 60 lines were read.';
