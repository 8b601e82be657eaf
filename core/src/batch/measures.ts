import type { Summary } from './summary';

/** What a cook may ask a plan for, as one number each; null: this plan has none of it. */
export const MEASURES = {
  volumeMl: (s: Summary) => s.jarredMl,
  solids: (s: Summary) => s.main?.solids ?? null,
  protein: (s: Summary) => s.main?.protein ?? null,
  fat: (s: Summary) => s.main?.fat ?? null,
  /** Relative viscosity, cold; a milk that sets counts as {@link SET}. */
  body: (s: Summary) => (s.main?.body ? Math.min(SET, s.main.body.relative ?? SET) : null),
  /** The same after it is heated to 80 °C. */
  bodyHot: (s: Summary) => (s.main?.body ? Math.min(SET, s.main.body.later[1]?.relative ?? SET) : null),
  slime: (s: Summary) => s.main?.body?.glucan ?? null,
  grit: (s: Summary) => s.main?.grit ?? null,
  beany: (s: Summary) => s.main?.beany ?? null,
  keepS: (s: Summary) => s.main?.keep?.s ?? null,
  handsS: (s: Summary) => s.handsS,
  elapsedS: (s: Summary) => s.toJarS,
  costPerL: (s: Summary) => s.cost.perL,
} as const satisfies Readonly<Record<string, (s: Summary) => number | null>>;
export type Measure = keyof typeof MEASURES;
/** Where a milk no longer pours, relative to water. */
export const SET = 30;
