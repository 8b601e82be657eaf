/** The one number parser. A text it cannot read for certain is asked about, never guessed. */
export type NumberFault = 'empty' | 'notANumber' | 'ambiguous';
export type ParsedNumber =
  | { readonly ok: true; readonly value: number }
  | { readonly ok: false; readonly fault: NumberFault };

const PLAIN = /^[+-]?(\d+(\.\d*)?|\.\d+)$/;
const COMMA = /^[+-]?\d*,\d+$/;
const THOUSANDS_OR_DECIMAL = /^[+-]?[1-9]\d{0,2},\d{3}$/;

/**
 * Reads a decimal number as a person types it.
 * "1.5" → 1.5 · "1,5" → 1.5 (decimal comma) · "1 350" → 1350 · "1,350" → ambiguous (a thousand, or one and a bit?)
 * · "" → empty · "12x", "NaN", "1e9", "Infinity" → notANumber.
 */
export function parseNumber(text: string): ParsedNumber {
  const t = text
    .trim()
    .replace(/−/g, '-')
    .replace(/(\d)[\u0020\u00a0\u202f](?=\d{3}(\D|$))/g, '$1');
  if (t === '') return { ok: false, fault: 'empty' };
  if (THOUSANDS_OR_DECIMAL.test(t)) return { ok: false, fault: 'ambiguous' };
  if (PLAIN.test(t)) return { ok: true, value: Number(t) };
  if (COMMA.test(t)) return { ok: true, value: Number(t.replace(',', '.')) };
  return { ok: false, fault: 'notANumber' };
}
