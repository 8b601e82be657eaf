import type { Here } from '@ironpan/core/kitchen';
import { CLASSES } from '@ironpan/core/batch';
import { bestSplit, fitLoads, nextPass, roundForKitchen, solveFor } from '@ironpan/core/questions';
import type { Look, Solved, Target } from '@ironpan/core/questions';
import type { PlanRecord } from '@ironpan/core/records';
import { applyEdits } from '@ironpan/core/steps';
import type { Edit } from '@ironpan/core/steps';
import { BODY_WORDS, CLASS_NAMES, grams, join, milkOf, percent, stopText } from '@ironpan/core/words';
import { plain } from '@ironpan/core/units';
import { useMemo, useState } from 'react';
import { Dialog } from '../../ui/Dialog';
import { NumberField } from '../../ui/NumberField';
import { SelectField } from '../../ui/SelectField';

interface BackwardsProps {
  readonly plan: PlanRecord;
  readonly here: Here;
  readonly look: Look;
  readonly onEdit: (edits: readonly Edit[], touched: string) => void;
  readonly onClose: () => void;
}
type Kind = 'litres' | 'solids' | 'protein' | 'fat' | 'body' | 'classId' | 'useUp';
const KINDS: readonly (readonly [Kind, string])[] = [
  ['litres', 'so many litres'],
  ['solids', 'a strength, % solids'],
  ['protein', '% protein'],
  ['fat', '% fat'],
  ['body', 'a body'],
  ['classId', 'a class of the standards'],
  ['useUp', 'to use up what there is'],
];
const BODIES = ['thin', 'likeMilk', 'creamy', 'thick'] as const;

/** From what is wanted to amounts, loads and water a pass; what cannot be had is said with what stands in the way. */
export function Backwards({ plan, here, look, onEdit, onClose }: BackwardsProps) {
  const main = look.summary.main;
  const [kind, setKind] = useState<Kind>('litres');
  const [litres, setLitres] = useState(Math.max(0.1, Math.round(look.summary.jarredMl / 100) / 10));
  const [per, setPer] = useState<Readonly<Record<'solids' | 'protein' | 'fat', number>>>({
    solids: Math.round(1000 * (main?.solids ?? 0.05)) / 10,
    protein: Math.round(1000 * (main?.protein ?? 0.03)) / 10,
    fat: Math.round(1000 * (main?.fat ?? 0.02)) / 10,
  });
  const [body, setBody] = useState<(typeof BODIES)[number]>('likeMilk');
  const classes = CLASSES.filter((c) => c.milk === milkOf(plan.recipe));
  const [classId, setClass] = useState(classes[0]?.id ?? '');
  const [food, setFood] = useState(plan.recipe.larder[0]?.material ?? '');
  const [have, setHave] = useState(plan.recipe.larder[0]?.grams ?? 100);
  const [got, setGot] = useState<{ readonly solved: Solved; readonly edits: readonly Edit[] } | null>(null);
  const target = (): Target => {
    switch (kind) {
      case 'litres':
        return { litres };
      case 'body':
        return { body };
      case 'classId':
        return { classId };
      case 'useUp':
        return { useUp: { material: food, grams: have } };
      default:
        return { [kind]: per[kind] / 100 } as unknown as Target;
    }
  };
  const solve = (): void => {
    const solved = solveFor(plan.recipe, here, target());
    if (solved.edits.length === 0) {
      setGot({ solved, edits: [] });
      return;
    }
    const scaled = applyEdits(plan.recipe, solved.edits);
    const edits = [...solved.edits, ...roundForKitchen(scaled)];
    setGot({ solved, edits: [...edits, ...fitLoads(applyEdits(plan.recipe, edits), here)] });
  };
  const take = (): void => {
    if (got) onEdit(got.edits, 'backwards');
    onClose();
  };
  const asked =
    <T,>(set: (v: T) => void) =>
    (v: T) => {
      set(v);
      setGot(null);
    };
  return (
    <Dialog title="Backwards" onClose={onClose}>
      <p className="quiet mb-2">Say what you want; the amounts follow.</p>
      <div className="flex flex-wrap items-end gap-3">
        <SelectField
          label="I want"
          value={kind}
          options={KINDS.filter(([k]) => k !== 'classId' || classes.length > 0)}
          onChange={asked((k: string) => setKind(k as Kind))}
        />
        {kind === 'litres' && (
          <NumberField label="how many" value={litres} unit="litres" low={0.05} high={50} onChange={asked(setLitres)} />
        )}
        {(kind === 'solids' || kind === 'protein' || kind === 'fat') && (
          <NumberField
            label="how much"
            value={per[kind]}
            unit="%"
            low={0.1}
            high={40}
            onChange={asked((v: number) => setPer({ ...per, [kind]: v }))}
          />
        )}
        {kind === 'body' && (
          <SelectField
            label="which"
            value={body}
            options={BODIES.map((b) => [b, BODY_WORDS[b]] as const)}
            onChange={asked((b: string) => setBody(b as typeof body))}
          />
        )}
        {kind === 'classId' && (
          <SelectField
            label="which"
            value={classId}
            options={classes.map((c) => [c.id, CLASS_NAMES[c.id] ?? c.id] as const)}
            onChange={asked(setClass)}
          />
        )}
        {kind === 'useUp' && (
          <>
            <SelectField
              label="of"
              value={food}
              options={plan.recipe.larder.map(
                (l) =>
                  [l.material, plan.recipe.materials.find((m) => m.id === l.material)?.name ?? l.material] as const,
              )}
              onChange={asked(setFood)}
            />
            <NumberField label="there is" value={have} unit="g" low={1} high={50_000} onChange={asked(setHave)} />
            {milkOf(plan.recipe) === 'coconut' && (
              <button type="button" className="btn btn-outline" onClick={() => asked(setHave)(ONE_NUT_G)}>
                One nut
              </button>
            )}
          </>
        )}
        <button type="button" className="btn btn-primary btn-lg" onClick={solve}>
          Work it out
        </button>
      </div>
      {got && <Answer plan={plan} got={got} onTake={take} />}
      <Passes plan={plan} here={here} onEdit={onEdit} onClose={onClose} />
    </Dialog>
  );
}
/** Meat of one mature nut: very roughly 250–400 g (common practice). */
const ONE_NUT_G = 325;

function Answer({
  plan,
  got,
  onTake,
}: {
  readonly plan: PlanRecord;
  readonly got: { readonly solved: Solved; readonly edits: readonly Edit[] };
  readonly onTake: () => void;
}) {
  const after = useMemo(() => {
    const r = applyEdits(plan.recipe, got.edits);
    const total = r.larder.map(
      (l) => `${join(grams(l.grams))} ${(r.materials.find((m) => m.id === l.material)?.name ?? '').toLowerCase()}`,
    );
    const water = r.steps.flatMap((s) =>
      (s.kind === 'grind' || s.kind === 'wash' || s.kind === 'knead') && s.params.waterG > 0
        ? [join(grams(s.params.waterG))]
        : [],
    );
    const loads = r.steps.flatMap((s) => (s.kind === 'grind' ? [s.params.loads] : []));
    return { total, water, loads };
  }, [plan.recipe, got.edits]);
  const { solved } = got;
  return (
    <div className={`alert mt-3 ${solved.reached ? '' : 'alert-warning'}`} role="status">
      {!solved.reached && solved.stop && (
        <p>
          <b>Not quite:</b> {stopText(solved.stop)}.{got.edits.length > 0 ? ' This is the nearest.' : ''}
        </p>
      )}
      {solved.reached && got.edits.length === 0 && <p>The plan gives that as it is.</p>}
      {got.edits.length > 0 && (
        <>
          <p>
            {after.total.join(', ')}
            {after.water.length > 0 ? `; fresh water ${after.water.join(' + ')}` : ''}
            {after.loads.length > 0
              ? `; ${after.loads.map((n) => plain(n)).join(' + ')} ${after.loads[0] === 1 ? 'load' : 'loads'}`
              : ''}
            .
          </p>
          <button type="button" className="btn btn-primary mt-2" onClick={onTake}>
            Take these amounts
          </button>
        </>
      )}
    </div>
  );
}

/** The same water over more passes, and what one more would bring and cost. */
function Passes({ plan, here, onEdit, onClose }: Pick<BackwardsProps, 'plan' | 'here' | 'onEdit' | 'onClose'>) {
  const now = plan.recipe.steps.filter((s) => s.kind === 'wash').length + 1;
  const [n, setN] = useState(Math.min(16, Math.max(2, now)));
  const next = useMemo(() => nextPass(plan.recipe, here), [plan.recipe, here]);
  const split = useMemo(() => bestSplit(plan.recipe, here, n), [plan.recipe, here, n]);
  if (!next && !split) return null;
  const take = (edits: readonly Edit[], what: string): void => {
    onEdit(edits, what);
    onClose();
  };
  return (
    <section className="mt-4 pt-3" style={{ borderTop: '1px solid var(--line)' }}>
      <h3 className="text-lg">Passes</h3>
      {next && (
        <p className="mt-1">
          One more wash with {join(grams(next.waterG))} brings {join(grams(next.milkG))} at {join(percent(next.solids))}{' '}
          solids: {join(percent(next.more))} more out of it, for {plain(next.minutes)} min.{' '}
          <button type="button" className="link" onClick={() => take(next.edits, 'nextPass')}>
            Add it
          </button>
        </p>
      )}
      {split && (
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <NumberField label="the same water over" value={n} unit="passes" low={1} high={16} whole onChange={setN} />
          <p className="flex-1 basis-52">
            Best split: {join(grams(split.firstG))} first
            {split.passes > 1 ? `, then ${split.passes - 1} × ${join(grams(split.eachG))}` : ''};{' '}
            {join(grams(split.solidsG))} of solids come through.{' '}
            <button type="button" className="link" onClick={() => take(split.edits, 'bestSplit')}>
              Split it so
            </button>
          </p>
        </div>
      )}
    </section>
  );
}
