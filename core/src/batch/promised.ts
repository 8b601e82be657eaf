import type { Promised } from './events';
import type { Summary } from './summary';

/** Number of the computation; a batch keeps the one it was promised by. */
export const MODEL = 'milks-8';

/** What a batch is expected to bring, as it is kept at its start. */
export function promisedOf(s: Summary): Promised {
  const pulp = s.products.filter((p) => p.pulp).reduce((g, p) => g + p.massG, 0);
  return {
    volumeMl: s.jarredMl,
    solids: s.main?.solids ?? 0,
    protein: s.main?.protein ?? 0,
    pulpG: pulp,
    keepS: s.main?.keep?.s ?? 0,
    elapsedS: s.elapsedS,
  };
}
