import { rittingerUm } from '../../src/laws';
import { describe, expect, test } from '@jest/globals';
import { fold } from '../../src/batch';
import { flowG, massG, solidsG, thingOf, unlearned, volumeMl, waterG } from '../../src/kitchen';
import type { Flow, Stream } from '../../src/kitchen';
import { sumGrams, MATERIALS, NO_GRAMS } from '../../src/materials';
import { METHODS, recipeOf } from '../../src/methods';
import { makeStep } from '../../src/steps';
import type { Figures, Kind, Recipe, Stage, Step } from '../../src/steps';
import { kitAt, stirred, withFoods } from '../batch/kitchen';

/**
 * What a step tells is what it did: each figure reckoned again from the streams before and after it and from what flowed,
 * by the words of models §2–§8, never by the code that made it.
 */
const kit = kitAt(640);
interface Seen {
  readonly step: Step;
  readonly stage: Stage;
  readonly f: Figures;
  readonly before: (name: string) => Stream;
  readonly after: (name: string) => Stream;
  readonly had: (name: string) => boolean;
  readonly flows: readonly Flow[];
}
function walk(r: Recipe): readonly Seen[] {
  const o = fold(r, unlearned(kit));
  let streams = new Map<string, Stream>(Object.entries(fold({ ...r, steps: [] }, unlearned(kit)).products));
  return o.stages.map((stage, i) => {
    const had = streams;
    const now = new Map(had);
    for (const [n, s] of stage.writes) {
      if (s) now.set(n, s);
      else now.delete(n);
    }
    streams = now;
    const get = (of: ReadonlyMap<string, Stream>) => (name: string) => {
      const s = of.get(name);
      if (!s) throw new Error(`no ${name} at ${stage.step}`);
      return s;
    };
    const step = r.steps[i] as Step;
    const flows = o.ledger.filter((x) => x.step === step.id);
    return { step, stage, f: stage.figures, before: get(had), after: get(now), had: (name) => had.has(name), flows };
  });
}
const extra = (id: string, at: Kind, ...steps: readonly Step[]): Recipe => {
  const m = METHODS.find((x) => x.id === id);
  if (!m) throw new Error(id);
  const r = recipeOf(m);
  return withFoods({ ...r, steps: r.steps.flatMap((s): readonly Step[] => (s.kind === at ? [...steps, s] : [s])) });
};
/** The water comes warmer than the enzyme is to be kept at. */
function warmEnzyme(): Recipe {
  const r = extra('oat-enzyme', 'jar');
  return {
    ...r,
    steps: r.steps.map((s) => (s.kind === 'enzyme' ? makeStep(s.id, 'enzyme', { ...s.params, atC: 4 }) : s)),
  };
}
const PLANS: readonly (readonly [string, Recipe])[] = [
  ...METHODS.map((m) => [m.id, recipeOf(m)] as const),
  ['oats, enzyme into warm slurry', warmEnzyme()],
  [
    'soy, sorted and split',
    extra('soy-washed', 'jar', makeStep('part', 'part', { parts: [{ name: 'cup', share: 0.2 }] })),
  ],
  ['soy, skimmed', extra('soy-washed', 'cool', makeStep('off', 'skim', { how: 'lift off', takeG: 30 }))],
  ['soy flour', extra('soy-washed', 'jar', makeStep('flour', 'dry', { of: 'pulp', layerCm: 1.5 }))],
  ['soy, frozen', extra('soy-washed', 'jar', makeStep('ice', 'freeze', { fill: 0.7 }))],
  ['soy, milled', extra('soy-washed', 'grind', makeStep('mill', 'mill', { waterG: 100 }))],
  ['soy, left on the worktop', extra('soy-washed', 'jar', makeStep('wait', 'stand'))],
  ['coconut, its cap lifted', extra('coconut-one-blend', 'jar', makeStep('cap', 'lift'))],
  ['soy, sweet', extra('soy-washed', 'jar', ...stirred({ salt: 2, 'maple-syrup': 40, cocoa: 8, dates: 10 }))],
];
const near = (a: number | undefined, b: number): void =>
  expect(Math.abs((a ?? NaN) - b) <= 1e-6 * Math.max(1, Math.abs(b))).toBe(true);
const to = (x: Seen, where: string): number =>
  x.flows.reduce((g, f) => g + ('outside' in f.to && f.to.outside === where ? flowG(f) : 0), 0);
const into = (x: Seen, stream: string): Flow | undefined =>
  x.flows.find((f) => 'stream' in f.to && f.to.stream === stream && 'stream' in f.from);

type Check<K extends Kind> = (x: Seen, p: Step<K>['params']) => void;
const steamPerS = (vigour: 'gentle' | 'medium' | 'hard', cm: number): number =>
  ({ gentle: 1.6, medium: 3.8, hard: 8 }[vigour] * (Math.PI * (cm / 20) ** 2)) / 60;
/** A boil of any kind: pot, power, steam (models §5). */
function cooked(
  x: Seen,
  p: { of: string; pot: string; hob: string; holdS: number },
  vigour: 'gentle' | 'medium' | 'hard',
  poured: number,
): void {
  const pot = thingOf(kit, 'pot', p.pot);
  const hob = thingOf(kit, 'hob', p.hob);
  const share = { gas: 0.4, electric: 0.65, induction: 0.8 }[hob.heat];
  const before = x.before(p.of);
  near(x.f.potShare, (volumeMl(before) + poured / 0.9982) / pot.ml);
  near(x.f.potLimit, 2 / 3);
  near(x.f.steamG, to(x, 'steam'));
  near(x.f.holdS, p.holdS);
  near(x.f.trueFromC, (x.f.boilingC ?? 0) - 1.5);
  near(x.f.waterLeftG, x.after(p.of).freeWaterG);
  const latent = 2501 - 2.42 * (x.f.boilingC ?? 0);
  const ml = volumeMl(before) + poured / 0.9982;
  const walls = 12 * ((4 * ml * 1e-4) / pot.diameterCm) * ((x.f.boilingC ?? 0) - kit.roomC);
  const asked = steamPerS(vigour, pot.diameterCm);
  const rate = Math.min(asked, (hob.watts * share - walls) / latent);
  // What evaporates on the way up comes on top: some tens of grams.
  const onTheWay = (x.f.steamWantG ?? 0) - rate * p.holdS;
  expect([onTheWay > 3, onTheWay < 60]).toEqual([true, true]);
  near(x.f.gentleShare, Math.min(rate, steamPerS('gentle', pot.diameterCm)) / rate);
  near(x.f.steamLoad, (asked * latent + walls) / (hob.watts * share));
  near(x.f.energyKJ, ((x.f.heatUpS ?? 0) * hob.watts + (p.holdS * (rate * latent + walls)) / share) / 1000);
  near(
    x.stage.tasks.reduce((s, t) => s + t.durationS, 0),
    (x.f.heatUpS ?? 0) + p.holdS,
  );
}
function strained(x: Seen, pulp: string, milk: string): void {
  const through = into(x, milk);
  if (!through) throw new Error('nothing came through');
  const held = x.after(pulp);
  near(x.f.milkG, flowG(through));
  near(x.f.milkSolids, (sumGrams(through.released) + sumGrams(through.bound)) / flowG(through));
  // A second cloth adds its pulp to that of the first.
  if (x.step.kind === 'wash' || !x.had(pulp)) {
    near(x.f.openedShare, held.openedShare);
    near(x.f.sizeUm, held.sizeUm);
    near(x.f.squeezedC, held.temperatureC);
  }
  expect(to(x, 'film')).toBeGreaterThan(0);
}

/** A minute a kilogram through 100 µm, times the thickness (1 to 30), by the opening to the power .8, 250 µm at most. */
function strainedIn(s: number, g: number, f: Figures): void {
  const thick = s / ((g / 1000) * 60 * (100 / Math.min(250, f.meshUm ?? NaN)) ** 0.8);
  expect([thick > 0.999, thick < 30.001]).toEqual([true, true]);
}

const CHECKS: { readonly [K in Kind]?: Check<K> } = {
  sort: (x, p) => {
    near(x.f.keptG, massG(x.after(p.of)));
    near(to(x, 'pickedOut'), Math.min(p.outG, massG(x.before(p.of))));
    // Beans and nuts 60 s and 1.2 s a gram, grain 120 s and .2 s a gram (estimates).
    const [of = ''] = Object.keys(x.before(p.of).madeFrom);
    const g = massG(x.before(p.of));
    expect(
      Math.abs(x.stage.endS - x.stage.startS - (of.startsWith('rice') ? 120 + 0.2 * g : 60 + 1.2 * g)),
    ).toBeLessThan(1);
  },
  soak: (x, p) => {
    const s = x.after(p.of);
    const bowl = thingOf(kit, 'bowl', p.bowl);
    near(x.f.drunkG, s.gainedWaterG);
    near(x.f.solidsG, s.boundWaterG + sumGrams(s.bound));
    near(x.f.waterLeftG, s.freeWaterG);
    near(x.f.waterHasG, s.freeWaterG + s.gainedWaterG);
    near(x.f.uptakeShare, s.gainedWaterG / (x.f.waterNeededG ?? NaN));
    near(x.f.endC, s.temperatureC);
    near(x.f.bowlShare, volumeMl(s) / bowl.ml);
    near(x.f.soakS, p.durationS);
    near(x.f.aroundC, p.place === 'fridge' ? kit.fridgeC : kit.roomC);
    near(x.f.longestS, 3600 * 12 * (31 / ((x.f.aroundC ?? 0) + 10)) ** 2);
    near(x.f.longestFridgeS, 3600 * 12 * (31 / (kit.fridgeC + 10)) ** 2);
    // Water to cover (models §2): what they drink, the gaps of the bed, and two centimetres over it.
    const asBought = massG(x.before(p.of)) - x.before(p.of).gainedWaterG - x.before(p.of).freeWaterG;
    const bed = (asBought / 1.2 + (x.f.waterNeededG ?? 0)) / 0.6;
    const face = Math.PI * (bowl.diameterCm / 2) ** 2;
    const over = x.f.flakes === 1 ? 0 : 2;
    if (x.before(p.of).lossH === 0 && x.after(p.of).lossH < 1e9) {
      const bare = (x.f.waterNeededG ?? 0) + 0.4 * bed;
      expect(Math.abs((x.f.coverG ?? 0) - bare - over * face)).toBeLessThan(0.02 * bare);
      expect(Math.abs((x.f.coverIsCm ?? 0) - Math.max(0, ((x.f.waterHasG ?? 0) - bare) / face))).toBeLessThan(0.1);
    }
    near(x.stage.endS - x.stage.startS, 60 + p.durationS);
  },
  drain: (x, p) => {
    near(x.f.solidsG, massG(x.after(p.of)));
    near(x.f.thrownG, massG(x.before(p.of)) - massG(x.after(p.of)));
    near(x.stage.endS - x.stage.startS, 60 + 30 * p.rinses);
  },
  // Skins: 60 s and 1.5 s a gram of beans, 2.7 of almonds; times the share that is taken (estimates).
  hull: (x, p) => {
    near(x.f.hullsG, to(x, 'drain'));
    const { soybeans = 0, almonds = 0 } = x.before(p.of).madeFrom;
    const took = soybeans > 0 ? 60 + (1.5 * soybeans) / 0.9146 : (2.7 * almonds) / 0.9559;
    expect(Math.abs(x.stage.endS - x.stage.startS - took * p.share)).toBeLessThan(1);
  },
  // A coconut: 60 s and 2 s a gram of meat (estimate).
  open: (x, p) => {
    const meat = massG(x.before(p.of));
    expect(Math.abs(x.stage.endS - x.stage.startS - 60 - 2 * meat)).toBeLessThan(1);
  },
  toast: (x, p) => {
    near(x.f.steamG, to(x, 'steam'));
    // Half of its water in seven minutes (estimate).
    near(x.f.steamG, x.before(p.of).boundWaterG * (1 - 0.5 ** (p.durationS / 420)));
  },
  blanch: (x, p) => {
    cooked(x, p, 'gentle', p.waterG);
    near(x.f.massG, massG(x.after(p.of)));
    near(x.f.solidsG, x.after(p.of).boundWaterG + sumGrams(x.after(p.of).bound));
  },
  boil: (x, p) => {
    cooked(x, p, p.vigour, 0);
    const s = x.after(p.of);
    near(x.f.afterG, massG(s));
    near(x.f.solids, solidsG(s) / massG(s));
    near(x.f.boiledS, s.boilS);
    near(x.f.pulpInShare, sumGrams(x.before(p.of).bound) / massG(x.before(p.of)));
    if (s.inhibitor.of > 0) near(x.f.inhibitorLeft, (s.inhibitor.labile + s.inhibitor.stable) / s.inhibitor.of);
  },
  absorb: (x, p) => {
    const s = x.after(p.of);
    const pot = thingOf(kit, 'pot', p.pot);
    near(x.f.potShare, (volumeMl(x.before(p.of)) + p.waterG / 0.9982) / pot.ml);
    near(x.f.cookedG, massG(s));
    near(x.f.waterLeftG, s.freeWaterG);
    near(x.f.steamG, to(x, 'steam'));
    const cookS = x.f.cookS ?? NaN;
    // White rice ten minutes at the boil, brown thirty.
    near(cookS, Object.keys(x.before(p.of).madeFrom)[0] === 'rice-brown' ? 1800 : 600);
    near(x.stage.endS - x.stage.startS, (x.f.heatUpS ?? 0) + cookS + p.restS);
    const need = waterG(s) - waterG(x.before(p.of)) + (x.f.waterWantedG ?? 0) - s.freeWaterG;
    near((x.f.cookedShare ?? 0) * need, need - (x.f.waterWantedG ?? 0));
  },
  grind: (x, p) => {
    const s = x.before(p.of);
    const jug = thingOf(kit, 'jug', p.jug);
    const fresh = p.waterG + p.iceG;
    const ml = volumeMl(s) + fresh / 0.9982;
    near(x.f.freshG, fresh);
    expect(Math.abs((x.f.loadMl ?? 0) * p.loads - ml)).toBeLessThan(1e-6 * ml + 1e-6);
    near(x.f.jugRatedMl, jug.ratedMl);
    const hot = (x.f.startC ?? 0) > 60 ? 0.5 : 1;
    near(x.f.jugHoldsMl, jug.ratedMl * Math.min(hot, s.inhibitor.of > 0 ? 0.67 : x.f.foams === 1 ? 1 / 1.1 : 1));
    near(x.f.loadsNeeded, Math.max(1, Math.ceil(ml / (x.f.jugHoldsMl ?? 1) - 1e-9)));
    const pieces = s.boundWaterG + sumGrams(s.bound);
    near(x.f.waterToPieces, (s.freeWaterG + fresh) / pieces);
    near(x.f.waterWantedG, Math.max(0, 0.75 * pieces - s.freeWaterG - fresh));
    near(x.f.solidsPerL, (1000 * sumGrams(s.bound)) / (s.freeWaterG + fresh));
    near(x.f.openedShare, x.after(p.of).openedShare);
    near(x.f.sizeUm, x.after(p.of).sizeUm);
    near(x.f.energyKJ, (jug.watts * 0.6 * p.durationS * p.loads) / 1000);
    near(x.f.powerW, jug.watts * 0.6 * 0.85);
    near(x.f.energyJPerG, ((x.f.powerW ?? 0) * p.durationS * p.loads) / (massG(s) + fresh));
    near(x.f.sealed, jug.lid === 'sealed' ? 1 : 0);
    near(x.stage.endS - x.stage.startS, p.loads * (p.durationS + 60));
    expect(x.stage.tasks.map((t) => t.timerS)).toEqual(Array.from({ length: p.loads }, () => p.durationS));
  },
  enzyme: (x, p) => {
    const [before, s] = [x.before(p.of), x.after(p.of)];
    // It is warmed to where it works, unless a hob could make it no warmer by so little; and never cooled for it.
    near(x.f.endC, s.temperatureC);
    near(x.f.endC, p.atC - before.temperatureC > 1.5 ? p.atC : before.temperatureC);
    near(x.f.dosesPerL, p.doses / (waterG(before) / 1000));
    near(x.f.glucanCut, s.glucanCut);
    const starch = s.released.starch + s.hydrolysedG;
    near(x.f.starchCut, starch > 0 ? s.hydrolysedG / starch : 0);
    // A gram of starch takes up water to become maltose: 342.3/324.3 (by the formula).
    near(x.f.sugarsMadeG, s.hydrolysedG * 1.056);
    near(x.f.dead, s.amylase > 0 || p.doses === 0 ? 0 : 1);
  },
  knead: (x, p) => {
    near(x.f.openedShare, x.after(p.of).openedShare);
    near(x.f.endC, x.after(p.of).temperatureC);
  },
  strain: (x, p) => {
    strained(x, p.pulp, p.into);
    const pulp = into(x, p.pulp);
    if (!pulp) throw new Error('no pulp');
    near(x.f.pulpG, flowG(pulp));
    near(x.f.pulpMoisture, pulp.waterG / flowG(pulp));
    near(x.f.liquidG, x.before(p.of).freeWaterG + sumGrams(x.before(p.of).released));
    strainedIn(x.stage.endS - x.stage.startS, massG(x.before(p.of)), x.f);
  },
  wash: (x, p) => {
    strained(x, p.of, p.into);
    near(x.f.pulpG, massG(x.after(p.of)));
    near(x.f.pulpMoisture, waterG(x.after(p.of)) / massG(x.after(p.of)));
    strainedIn(x.stage.endS - x.stage.startS - p.workS, massG(x.before(p.of)) + p.waterG, x.f);
  },
  mill: (x, p) => {
    near(x.f.sizeUm, x.after(p.of).sizeUm);
    near(x.f.sizeUm, p.fineUm);
    near(x.f.openedShare, x.after(p.of).openedShare);
    near(x.f.freshG, p.waterG);
    // Beans that have drunk less than .85 of what they can are up to 3.5 times as hard.
    const { gainedWaterG, madeFrom, sizeUm } = x.before(p.of);
    const drunk = (gainedWaterG * 0.7) / (madeFrom.soybeans ?? NaN);
    near(rittingerUm(sizeUm, x.f.energyJPerG ?? 0, 1 / (1 + (2.5 * Math.max(0, 0.85 - drunk)) / 0.85)), p.fineUm);
  },
  pour: (x, p) => {
    near(x.f.waterG, p.amountG);
    near(x.f.boiled, p.boiled ? 1 : 0);
    near(x.f.endC, x.after(p.into).temperatureC);
  },
  pool: (x, p) => {
    const poured = into(x, p.into);
    near(x.f.pouredG, poured ? flowG(poured) : 0);
    near(x.f.pouredG, massG(x.before(p.of)) * p.share);
    near(x.f.solids, solidsG(x.after(p.into)) / massG(x.after(p.into)));
  },
  part: (x, p) => {
    const taken = p.parts.reduce((sum, y) => sum + y.share, 0);
    near(x.f.parts, p.parts.length);
    near(x.f.pouredG, massG(x.before(p.of)) * taken);
    near(x.f.leftG, massG(x.after(p.of)));
    for (const y of p.parts) near(massG(x.after(y.name)), massG(x.before(p.of)) * y.share);
  },
  skim: (x, p) => {
    near(x.f.takenG, to(x, 'skimmed'));
    near(x.f.takenG, p.how === 'lift off' ? Math.min(p.takeG, massG(x.before(p.of))) : 0);
  },
  heat: (x, p) => {
    const s = x.after(p.of);
    const hob = thingOf(kit, 'hob', p.hob);
    near(x.f.endC, s.temperatureC);
    near(x.f.f70Min, Math.min(9999, s.f70Min));
    near(x.f.f70Need, 2);
    near(x.f.potShare, volumeMl(x.before(p.of)) / thingOf(kit, 'pot', p.pot).ml);
    near(x.f.steamG, to(x, 'steam'));
    // On the way up at full power; then what keeps it there, less than a fifth of it.
    const heldKJ = (x.f.energyKJ ?? 0) - ((x.f.heatUpS ?? 0) * hob.watts) / 1000;
    expect([heldKJ > 0, heldKJ < (0.2 * hob.watts * p.holdS) / 1000]).toEqual([true, true]);
    near(x.stage.endS - x.stage.startS, (x.f.heatUpS ?? 0) + p.holdS);
  },
  cool: (x, p) => {
    const s = x.after(p.of);
    near(x.f.fromC, x.before(p.of).temperatureC);
    near(x.f.endC, s.temperatureC);
    near(x.f.above21S, s.above21S);
    near(x.f.above5S, s.above5S);
    if (x.f.never === 1) near(x.stage.endS - x.stage.startS, 12 * 3600);
    else {
      near(x.f.coolS, x.stage.endS - x.stage.startS);
      if ((x.f.fromC ?? 0) > p.toC) near(x.f.endC, p.toC);
    }
    const iced = p.toC < kit.tapC + 10;
    const last = { water: kit.tapC, iceBath: 1, waterIce: iced ? 1 : kit.tapC };
    const air = { counter: kit.roomC, window: p.outsideC, tray: kit.roomC, fridge: kit.fridgeC };
    near(x.f.aroundC, x.f.iceGoneC ?? { ...air, ...last }[p.how]);
    near(x.f.steamG ?? 0, massG(x.before(p.of)) - massG(s));
    expect((x.f.steamG ?? 0) > 0).toBe(p.how === 'tray' || (p.how === 'counter' && p.vessel === 'pot' && !p.lid));
  },
  lift: (x, p) => {
    const cap = into(x, p.into);
    near(x.f.capG, cap ? flowG(cap) : 0);
    near(massG(x.after(p.of)), massG(x.before(p.of)) - (x.f.capG ?? 0));
    near(x.stage.endS - x.stage.startS, p.standS + 120);
  },
  add: (x, p) => {
    const m = MATERIALS.find((y) => y.id === p.food);
    near(x.f.addedG, p.amountG);
    near(massG(x.after(p.of)) - massG(x.before(p.of)), p.amountG);
    near(x.f.sugarG, ((m?.per100g.sugars ?? 0) * p.amountG) / 100);
    near(x.f.addedWaterG, p.amountG * (1 - sumGrams(m?.per100g ?? NO_GRAMS) / 100));
    near(x.f.touches, p.food === 'maple-syrup' ? 1 : 0);
  },
  stand: (x, p) => {
    near(x.f.fromC, x.before(p.of).temperatureC);
    near(x.f.endC, x.after(p.of).temperatureC);
    near(x.f.spentD, x.after(p.of).spentD);
    near(x.f.above5S, x.after(p.of).above5S);
    near(x.f.aroundC, { room: kit.roomC, fridge: kit.fridgeC, freezer: -18, other: p.placeC }[p.place]);
    near(x.stage.endS - x.stage.startS, p.durationS);
  },
  dry: (x, p) => {
    const before = x.before(p.of);
    near(x.f.flourG, massG(x.after(p.of)));
    near(x.f.steamG, massG(before) - massG(x.after(p.of)));
    near(waterG(x.after(p.of)), 0.08 * solidsG(before));
    near(x.f.dryS, x.stage.endS - x.stage.startS);
    near(x.f.trayM2, massG(before) / 1000 / (6 * p.layerCm));
    near(x.f.energyKJ, ((x.f.dryS ?? 0) * 500) / 1000);
    near(x.f.rawPulp, before.hygiene === 'raw' && before.inhibitor.of > 0 ? 1 : 0);
  },
  jar: (x, p) => {
    const jar = thingOf(kit, 'jar', p.jar);
    const s = x.after(p.of);
    near(x.f.filledG, massG(s));
    near(x.f.filledMl, volumeMl(s));
    near((x.f.eachMl ?? 0) * (x.f.jars ?? 0), volumeMl(s));
    near(x.f.jarMl, jar.ml);
    near(x.f.jars, Math.ceil(volumeMl(s) / (jar.ml * p.fill)));
    near(x.f.scalded, p.scalded ? 1 : 0);
    near(to(x, 'film'), Math.min(8, 0.05 * massG(x.before(p.of))));
    near(x.stage.endS - x.stage.startS, 120 + 30 * (x.f.jars ?? 0));
  },
  freeze: (x, p) => {
    const box = thingOf(kit, 'jar', p.box);
    near((x.f.eachMl ?? 0) * (x.f.jars ?? 0), x.f.filledMl ?? NaN);
    near(x.f.fillShare, (x.f.eachMl ?? 0) / box.ml);
    expect(x.f.fillShare).toBeLessThanOrEqual(p.fill + 1e-9);
    near(x.f.endC, x.after(p.of).temperatureC);
    const s = x.before(p.of);
    near(x.f.fillLimit, 1 / (1 + 0.0905 * (waterG(s) / massG(s)) * (massG(s) / volumeMl(s))));
    near(x.stage.endS - x.stage.startS, 120 + 30 * (x.f.jars ?? 0) + p.durationS);
  },
};

describe('every figure is what the step did', () => {
  test.each(PLANS)('%s', (_, r) => {
    for (const x of walk(r)) {
      const check = CHECKS[x.step.kind] as Check<Kind> | undefined;
      try {
        check?.(x, x.step.params);
      } catch (e) {
        throw new Error(`${x.step.kind} ${x.step.id}: ${JSON.stringify(x.f)}`, { cause: e });
      }
    }
  });
  test('and every kind that these plans have was looked at', () => {
    const used = new Set(PLANS.flatMap(([, r]) => r.steps.map((s) => s.kind)));
    expect([...used].filter((k) => CHECKS[k] === undefined)).toEqual([]);
    expect(Object.keys(CHECKS).filter((k) => !used.has(k as Kind))).toEqual([]);
  });
});
