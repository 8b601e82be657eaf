/**
 * Version 2 of a plan file: the words `add`, `pour`, `part` and `stand` in place of `finish`, `holdBack`, `split` and
 * `keep`. What is not understood is left as it stands, to be told by the reader. Frozen: never changed again.
 */
type Row = Readonly<Record<string, unknown>>;
const row = (x: unknown): Row => (typeof x === 'object' && x !== null && !Array.isArray(x) ? (x as Row) : {});
const some = (x: unknown): boolean => row(x).value !== 0 && x !== undefined;
const SYRUP: Readonly<Record<string, string>> = {
  honey: 'honey',
  maple: 'maple-syrup',
  agave: 'agave-syrup',
  dates: 'date-syrup',
  glucose: 'glucose-syrup',
};
/** Half a kilogram of water and half of sugar is 50 °Brix: as a food of the file's own. */
const brixFood = (id: string, brix: unknown): Row => {
  const { value, unit } = row(brix);
  const share = typeof value !== 'number' ? 70 : unit === '%' ? value : value * 100;
  return {
    id,
    name: `Syrup of ${Math.round(share)} °Brix`,
    like: 'maple-syrup',
    per100g: { sugars: { value: share, unit: 'g' }, otherCarb: { value: 0, unit: 'g' } },
    canLeave: { sugars: { value: 100, unit: '%' } },
    cup: { value: 300, unit: 'g' },
  };
};

interface Into {
  readonly steps: Row[];
  readonly foods: Row[];
}
/** A version 1 file as version 2. */
export function planFileTo2(given: unknown): unknown {
  const file = row(given);
  if (!Array.isArray(file.steps)) return given;
  const out: Into = { steps: [], foods: [] };
  for (const s of file.steps as readonly unknown[]) step(row(s), out);
  const had = Array.isArray(file.materials) ? (file.materials as unknown[]) : [];
  return {
    ...file,
    version: 2,
    steps: out.steps,
    ...(out.foods.length > 0 ? { materials: [...had, ...out.foods] } : {}),
  };
}

function step(s: Row, out: Into): void {
  const { kind, ...rest } = s;
  const id = String(s.id);
  switch (kind) {
    case 'finish':
      finish(s, out);
      break;
    case 'holdBack': {
      const { water, waterTemperature, ...more } = rest;
      out.steps.push({
        ...more,
        kind: 'pour',
        liquid: 'water',
        ...(water !== undefined && { amount: water }),
        ...(waterTemperature !== undefined && { atTemperature: waterTemperature }),
      });
      break;
    }
    case 'split': {
      const { into, share, ...more } = rest;
      const part = { name: into ?? 'second', share: share ?? { value: 50, unit: '%' } };
      out.steps.push({ ...more, kind: 'part', parts: [part] });
      break;
    }
    case 'keep':
      out.steps.push({
        placeTemperature: { value: 4, unit: 'C' },
        duration: { value: 24, unit: 'h' },
        ...rest,
        kind: 'stand',
        place: 'other',
        vessel: 'jar',
        id,
      });
      break;
    default:
      out.steps.push(s);
  }
}

/** Each of what was stirred in at once becomes a step; the first has the id, the rest go in with it. */
function finish(s: Row, out: Into): void {
  const id = String(s.id);
  const { kind: _, id: _id, of, salt, sugar, vanilla, syrup, syrupAmount, brix, cocoa, slake, ...unknown } = s;
  if (Object.keys(unknown).length > 0) {
    out.steps.push(s);
    return;
  }
  const foods: (readonly [string, unknown, Row?])[] = [];
  if (some(salt)) foods.push(['salt', salt]);
  if (some(sugar)) foods.push(['sugar', sugar]);
  if (typeof syrup === 'string' && syrup !== 'none' && some(syrupAmount)) {
    const food = Object.hasOwn(SYRUP, syrup) ? SYRUP[syrup] : undefined;
    if (food === undefined) out.foods.push(brixFood(`${id}-syrup`, brix));
    foods.push([food ?? `${id}-syrup`, syrupAmount]);
  }
  if (some(vanilla)) foods.push(['vanilla', vanilla]);
  if (some(cocoa)) foods.push(['cocoa', cocoa, some(slake) ? { slaked: true } : {}]);
  foods.forEach(([food, amount, more], i) => {
    out.steps.push({
      id: i === 0 ? id : `${id}.${food}`,
      kind: 'add',
      ...(of === undefined ? {} : { of }),
      food,
      amount,
      ...more,
      ...(i > 0 && { together: true }),
    });
  });
  if (some(slake))
    out.steps.push({
      id: `${id}.slake`,
      kind: 'pour',
      into: of ?? 'milk',
      liquid: 'water',
      amount: slake,
      atTemperature: { value: 80, unit: 'C' },
      boiled: true,
    });
}
