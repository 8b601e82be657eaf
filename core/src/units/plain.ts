/** Thousands stand apart by a narrow space, so that a comma can only ever be a decimal sign. */
const GROUP = '\u202f';

/** A number with `decimals` places, grouped: 1350 → "1 350". Not finite → "–". */
export function plain(x: number, decimals = 0): string {
  if (!Number.isFinite(x)) return '–';
  const [whole = '0', part] = Math.abs(x).toFixed(decimals).split('.');
  const grouped = whole.length > 3 ? whole.replace(/\B(?=(\d{3})+$)/g, GROUP) : whole;
  const sign = x < 0 && Number(`${whole}.${part ?? '0'}`) > 0 ? '−' : '';
  return `${sign}${grouped}${part ? `.${part}` : ''}`;
}
