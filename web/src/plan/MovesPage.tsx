import { leverEdits, mapKey, tellingLevers, valuesOf } from '@ironpan/core/batch';
import type { Ground, Lever, LeverMap, MapAsked, Measure, Moved } from '@ironpan/core/batch';
import type { KitRecord, PlanRecord } from '@ironpan/core/records';
import type { Edit, Recipe } from '@ironpan/core/steps';
import { BODY_WORDS, join, MEASURE_NAMES, measureText, milkName, milkOf } from '@ironpan/core/words';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import { BodyMap } from '../drawings/BodyMap';
import { GROUND } from '../drawings/mapLevels';
import type { Level } from '../drawings/mapLevels';
import { LeverBars } from '../drawings/LeverBars';
import { SelectField } from '../ui/SelectField';
import { Empty, Loading } from '../ui/State';
import { useKit } from '../ui/useKitchen';
import { tell } from '../ui/toast';
import { Busy } from './Busy';
import { barsOf, bestMove, leverName, leverValue, measuresFor, usualMeasure, WANT_LESS } from './leverWords';
import { MapTable } from './MapTable';
import { useHeld, useLevers, useMap } from './useMoves';
import { usePlan } from './usePlan';

/** What moves the open plan: its levers as bars, and two of them against each other as a map. */
export function MovesPage() {
  const { id = '' } = useParams();
  const { plan, session } = usePlan(id);
  const kit = useKit();
  if (plan === null)
    return (
      <Empty title="This plan is not here">
        <Link className="btn btn-primary" to="/plan">
          All plans
        </Link>
      </Empty>
    );
  if (!plan || !kit) return <Loading />;
  return <Moves plan={plan} kit={kit} onEdit={session.edit} onStep={session.step} />;
}

interface MovesProps {
  readonly plan: PlanRecord;
  readonly kit: KitRecord;
  readonly onEdit: (edits: readonly Edit[], touched: string) => void;
  readonly onStep: (way: 'back' | 'forward') => Promise<void>;
}
function Moves({ plan, kit, onEdit, onStep }: MovesProps) {
  const levers = useLevers(plan.recipe, kit);
  const [asked, ask] = useState<Measure | null>(null);
  const moved = levers.data;
  const measures = moved ? measuresFor(plan.recipe, moved) : [];
  const usual = moved ? usualMeasure(moved, measures) : 'solids';
  const measure = asked !== null && measures.includes(asked) ? asked : usual;
  const take = (edits: readonly Edit[], say: string): void => {
    onEdit(edits, `moves.${say}`);
    tell(`The plan now has ${say}.`, { label: 'Undo', run: () => void onStep('back') });
  };
  return (
    <div className="mx-auto max-w-[84rem] px-4 py-4 wide:px-5">
      <div className="mb-3 flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <h1 className="text-3xl">What moves it</h1>
        <Link className="linkish" to={`/plan/${plan.id}`}>
          {plan.name}
        </Link>
        <Busy what="levers" asked={levers} />
      </div>
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 wide:grid-cols-[26rem_minmax(0,1fr)]">
        <section aria-label="Levers" className="plate p-4">
          {moved ? (
            <>
              <SelectField
                label="What moves"
                value={measure}
                options={measures.map((m) => [m, MEASURE_NAMES[m]] as const)}
                onChange={(m) => ask(m as Measure)}
              />
              <p className="small quiet my-2">
                Each a third less and a third more, temperatures ten degrees; all else as planned. Now{' '}
                {join(measureText(measure, moved[0]?.values[measure][1] ?? null))}.
              </p>
              <LeverBars
                bars={barsOf(moved, measure)}
                caption={`What moves ${MEASURE_NAMES[measure]}`}
                less={`less ${WANT_LESS.includes(measure) ? '' : 'of it'}`.trim()}
                more="more"
              />
              <Best recipe={plan.recipe} moved={moved} measure={measure} onTake={take} />
            </>
          ) : (
            <p className="quiet">Folding the plan with each lever turned…</p>
          )}
        </section>
        {moved && <MapPart key={plan.id} plan={plan} kit={kit} moved={moved} onTake={take} />}
      </div>
    </div>
  );
}

/** Biggest for least effort: one press. */
function Best({
  recipe,
  moved,
  measure,
  onTake,
}: {
  readonly recipe: Recipe;
  readonly moved: readonly Moved[];
  readonly measure: Measure;
  readonly onTake: (edits: readonly Edit[], say: string) => void;
}) {
  const best = bestMove(moved, measure);
  if (!best) return null;
  const levers = moved.map((m) => m.lever);
  const say = `${leverName(best.lever, levers)} ${leverValue(best.lever, best.to)}`;
  return (
    <p className="mt-3 rounded-md p-3" style={{ background: 'var(--ground)' }}>
      <b>{WANT_LESS.includes(measure) ? 'Least of it' : 'Most of it'}:</b> {say} instead of{' '}
      {leverValue(best.lever, best.lever.now)}. {MEASURE_NAMES[measure]} from {join(measureText(measure, best.before))}{' '}
      to {join(measureText(measure, best.after))}.{' '}
      <button type="button" className="linkish" onClick={() => onTake(leverEdits(recipe, best.lever.at, best.to), say)}>
        Take it
      </button>
    </p>
  );
}

const SEED = 640;
/** First the likeliest kitchen alone, so that the map is there at once; then others, for the edges. */
const FINE = { nx: 20, ny: 14, kitchens: 6 } as const;
interface MapPartProps {
  readonly plan: PlanRecord;
  readonly kit: KitRecord;
  readonly moved: readonly Moved[];
  readonly onTake: (edits: readonly Edit[], say: string) => void;
}
function MapPart({ plan, kit, moved, onTake }: MapPartProps) {
  const levers = useMemo(() => moved.map((m) => m.lever), [moved]);
  const first = useMemo(() => tellingLevers(plan.recipe, levers), [plan.recipe, levers]);
  const [xKey, setX] = useState<string | null>(null);
  const [yKey, setY] = useState<string | null>(null);
  const starchy = plan.recipe.materials.some((m) => m.starchBody !== null);
  const [ground, setGround] = useState<Ground>(starchy ? 'body' : 'volumeMl');
  const x = levers.find((l) => l.key === xKey) ?? first[0];
  const y = levers.find((l) => l.key === yKey && l !== x) ?? first.find((l) => l !== x) ?? levers.find((l) => l !== x);
  const of = x && y ? mapKey({ x, y, ground }) : '';
  // The frame follows which levers are shown, not where they stand: pressing a point leaves it in place.
  const maps = useHeld(of, (): readonly [MapAsked | null, MapAsked | null] => {
    if (!x || !y) return [null, null];
    const one: MapAsked = {
      ground,
      x,
      y,
      xs: valuesOf(x, FINE.nx),
      ys: valuesOf(y, FINE.ny),
      seed: SEED,
      kitchens: 0,
    };
    return [one, { ...one, kitchens: FINE.kitchens }];
  });
  const quick = useMap(plan.recipe, kit, maps[0]);
  const answer = useMap(plan.recipe, kit, maps[1]);
  const fits = (d: LeverMap | null): LeverMap | null => (d?.of === of ? d : null);
  const shown =
    answer.progress === null ? (fits(answer.data) ?? fits(quick.data)) : (fits(quick.data) ?? fits(answer.data));
  if (!x || !y || !maps[0]) return <p className="plate p-4">This plan has fewer than two levers: nothing to map.</p>;
  const options = levers.map((l) => [l.key, leverName(l, levers)] as const);
  const pick = (vx: number, vy: number): void =>
    onTake(
      [...leverEdits(plan.recipe, x.at, tidy(x, vx)), ...leverEdits(plan.recipe, y.at, tidy(y, vy))],
      `${leverName(x, levers)} ${leverValue(x, tidy(x, vx))} and ${leverName(y, levers)} ${leverValue(y, tidy(y, vy))}`,
    );
  return (
    <section aria-label="Map" className="plate p-4">
      <div className="mb-2 flex flex-wrap items-end gap-x-4 gap-y-2">
        <SelectField label="across" value={x.key} options={options} onChange={setX} />
        <SelectField label="upwards" value={y.key} options={options.filter(([k]) => k !== x.key)} onChange={setY} />
        <SelectField
          label="the ground shows"
          value={ground}
          options={GROUNDS.map((g) => [g, MEASURE_NAMES[g]] as const)}
          onChange={(g) => setGround(g as Ground)}
        />
        <Busy what="map" asked={answer} />
      </div>
      {shown ? (
        <>
          <BodyMap
            map={shown}
            levels={levelsOf(shown, ground)}
            width={760}
            height={400}
            now={[x.now, y.now]}
            xText={(v) => leverValue(x, v)}
            yText={(v) => leverValue(y, v)}
            onPick={pick}
          />
          <Legend levels={levelsOf(shown, ground)} />
          <p className="small quiet mt-1">
            {milkName(milkOf(plan.recipe))} by {leverName(x, levers)} and {leverName(y, levers)}. Press a point to take
            the plan there. Pale bands: where this kitchen’s uncertainty could tip it over the line. Estimates.
          </p>
          <MapTable
            map={shown}
            say={(v) => join(measureText(ground, v))}
            xText={(v) => leverValue(x, v)}
            yText={(v) => leverValue(y, v)}
            onPick={pick}
          />
        </>
      ) : (
        <p className="quiet">
          Folding the plan at {FINE.nx * FINE.ny} places in {FINE.kitchens + 1} kitchens…
        </p>
      )}
    </section>
  );
}
const GROUNDS: readonly Ground[] = ['body', 'solids', 'fat', 'volumeMl'];
const BODY_LEVELS: readonly Level[] = [
  { from: 0, text: BODY_WORDS.thin },
  { from: 1.4, text: BODY_WORDS.likeMilk },
  { from: 3, text: BODY_WORDS.creamy },
  { from: 8, text: BODY_WORDS.thick },
  { from: 29.5, text: BODY_WORDS.sets },
];
/** The words of the body, or five even steps of what there is. */
function levelsOf(map: LeverMap, ground: Ground): readonly Level[] {
  if (ground === 'body') return BODY_LEVELS;
  const all = map.ground.flat();
  const low = Math.min(...all);
  const high = Math.max(...all);
  return Array.from({ length: GROUND.length }, (_, i) => {
    const from = low + ((high - low) * i) / GROUND.length;
    return {
      from,
      text: `${i === 0 ? 'under ' : ''}${join(measureText(ground, i === 0 ? low + (high - low) / GROUND.length : from))}`,
    };
  });
}
function Legend({ levels }: { readonly levels: readonly Level[] }) {
  return (
    <ul className="small mt-2 flex flex-wrap gap-x-4 gap-y-1" aria-label="What the colours of the ground mean">
      {levels.map((l, i) => (
        <li key={l.from} className="flex items-center gap-1.5">
          <span
            aria-hidden="true"
            className="inline-block size-4"
            style={{ background: GROUND[i], border: '1px solid var(--edge)' }}
          />
          {l.text}
        </li>
      ))}
    </ul>
  );
}

/** Where a finger can point is no finer than a kitchen measures. */
function tidy(l: Lever, v: number): number {
  const step =
    l.shown === 'g'
      ? 5
      : l.shown === 's'
        ? 5
        : l.shown === 'min'
          ? 60
          : l.shown === 'h'
            ? 1800
            : l.shown === '%'
              ? 0.05
              : 1;
  return Math.min(l.most, Math.max(l.least, Math.round(v / step) * step));
}
