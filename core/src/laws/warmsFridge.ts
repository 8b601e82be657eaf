import { findRoot } from '../numerics';
import { within } from './domain';

/**
 * What answers within hours in a kitchen's fridge, shelves, jars and the skin of the rest, as one heat capacity, kJ/K, and
 * the heat its machine can take away beside what comes through the walls, W (estimates: five kilogrammes; a household fridge).
 */
export const FRIDGE = { storesKJPerK: 20, spareW: 40 } as const;

export interface InFridge {
  /** The load, °C, at each second. */
  readonly at: (s: number) => number;
  /** The warmest that what stands beside it gets, °C, and when, s. */
  readonly peakC: number;
  readonly peakS: number;
  /** When the fridge is back at its temperature, s. 0: it never left it. */
  readonly backS: number;
  /** The instant at which the load is `toC`, s; null: never. */
  readonly reachS: (toC: number) => number | null;
}
/**
 * A warm load in a fridge: two bodies that share their heat while the machine takes away what it can, then Newton beside a
 * fridge that is cold again. Two linear bodies, in closed form: D = T1 − T2 nears P·τ'/C2 with τ' = C1·C2/(C1 + C2)/UA.
 * Without a machine both end at Σ C·T / Σ C: 8 kJ/K at 60 °C beside 40 kJ/K at 4 °C, 13.3 °C.
 * @param loadKJPerK heat capacity of the load, > 0
 * @param wPerK U·A of the load, W/K, > 0
 */
export function inFridge(
  loadKJPerK: number,
  wPerK: number,
  startC: number,
  fridgeC: number,
  { storesKJPerK, spareW }: { readonly storesKJPerK: number; readonly spareW: number } = FRIDGE,
): InFridge {
  const c1 = within('heat capacity', loadKJPerK, 1e-9, Infinity) * 1000;
  const ua = within('heat transfer', wPerK, 1e-9, Infinity);
  const c2 = storesKJPerK * 1000;
  const alone = c1 / ua;
  const d0 = startC - fridgeC;
  const newton = (from: number, s: number): number => fridgeC + (from - fridgeC) * Math.exp(-s / alone);
  const newtonTo = (from: number, toC: number): number | null =>
    toC >= from ? 0 : toC > fridgeC ? alone * Math.log((from - fridgeC) / (toC - fridgeC)) : null;
  if (ua * d0 <= spareW) {
    const reachS = (toC: number): number | null => newtonTo(startC, toC);
    return { at: (s) => newton(startC, s), peakC: fridgeC, peakS: 0, backS: 0, reachS };
  }
  const tau = (c1 * c2) / (c1 + c2) / ua;
  const dEnd = (spareW * tau) / c2;
  const apart = (s: number): number => dEnd + (d0 - dEnd) * Math.exp(-s / tau);
  /** Their common heat over their common capacity, °C. */
  const mean = (s: number): number => (c1 * startC + c2 * fridgeC - spareW * s) / (c1 + c2);
  const load = (s: number): number => mean(s) + (c2 / (c1 + c2)) * apart(s);
  const stores = (s: number): number => mean(s) - (c1 / (c1 + c2)) * apart(s);
  // Warmest when what comes in is what is taken away: D = P/UA.
  const peakS = spareW > 0 ? tau * Math.log((d0 - dEnd) / (spareW / ua - dEnd)) : Infinity;
  const peakC = Number.isFinite(peakS) ? stores(peakS) : mean(0);
  const latest = spareW > 0 ? (c1 * d0) / spareW : Infinity;
  const backS = Number.isFinite(latest) ? findRoot((s) => stores(s) - fridgeC, peakS, latest, 1e-6).x : Infinity;
  const atBack = Number.isFinite(backS) ? load(backS) : mean(0);
  return {
    at: (s) => (s < backS ? load(s) : newton(atBack, s - backS)),
    peakC,
    peakS,
    backS,
    reachS: (toC) => {
      if (toC >= startC) return 0;
      if (toC >= atBack && Number.isFinite(backS)) return findRoot((s) => load(s) - toC, 0, backS, 1e-6).x;
      const more = Number.isFinite(backS) ? newtonTo(atBack, toC) : null;
      return more === null ? null : backS + more;
    },
  };
}
