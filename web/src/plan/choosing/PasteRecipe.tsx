import { pastedRecipe, readPasted, speaksOfDoing, stillAsks, withForm } from '@ironpan/core/formats';
import type { PastedLine } from '@ironpan/core/formats';
import type { KitRecord } from '@ironpan/core/records';
import { MATERIALS } from '@ironpan/core/materials';
import { METHODS, recipeIn } from '@ironpan/core/methods';
import {
  ASKS,
  celsius,
  grams,
  join,
  milkName,
  PASTED_CUT,
  PASTED_EMPTY,
  PASTED_LEFT,
  PASTED_NOTHING,
  saidText,
} from '@ironpan/core/words';
import { useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import { now } from '../../clock';
import { addPlan } from '../../store/plans';
import { cupMlOf } from '../../ui/cups';
import { Dialog } from '../../ui/Dialog';
import { FileField } from '../../ui/FileField';
import { causeOf } from '../../ui/notSaved';
import { NumberField } from '../../ui/NumberField';
import { NotSaved } from '../../ui/NotSaved';
import { useWrite } from '../../ui/useWrite';
import { SelectField } from '../../ui/SelectField';
import { useSettings } from '../../live/useKitchen';
import { useMaterials } from '../../live/useOwn';
import { US_CUP_ML, cutName } from '@ironpan/core/units';
import { readRecipe } from './recipeIn';

interface PasteProps {
  readonly kit: KitRecord;
  readonly onClose: () => void;
}
/** A recipe's words into a plan, line by line; what is missing is asked, never guessed. */
export function PasteRecipe({ kit, onClose }: PasteProps) {
  const go = useNavigate();
  const settings = useSettings();
  const own = useMaterials();
  const [text, setText] = useState('');
  const [read, setRead] = useState<readonly PastedLine[] | null>(null);
  const [say, setSay] = useState<string | null>(null);
  const [school, setSchool] = useState('');
  const materials = useMemo(() => (own ?? []).map((m) => m.material), [own]);
  const cupMl = (settings && cupMlOf(settings, kit)) ?? US_CUP_ML;
  const [name, setName] = useState('');
  const reading = (lines: string): void => {
    const r = readPasted(lines, cupMl, materials);
    setSay(r.ok ? (r.cut ? PASTED_CUT : null) : r.why === 'empty' ? PASTED_EMPTY : PASTED_NOTHING);
    setRead(r.ok ? r.lines : null);
  };
  const file = (f: File): void => {
    void readRecipe(f).then(
      (r) => {
        if (!r.ok) {
          setSay(r.say);
          return;
        }
        // An amount in the middle of what is done was taken before: such a line is no thing to take.
        const does = r.recipe.does.flatMap((d) => d.split('\n')).filter(speaksOfDoing);
        const lines = [...r.recipe.takes, ...does].join('\n');
        setName(r.recipe.name);
        setText(lines);
        reading(lines);
      },
      (e: unknown) => setSay(`The file could not be read. ${causeOf(e)}`),
    );
  };
  // The heaviest food names the milk: schools that begin with it come first.
  const write = useWrite();
  const foods = (read ?? [])
    .flatMap((l) => (l.what?.is === 'food' ? [{ id: l.what.material, grams: l.grams ?? 0 }] : []))
    .sort((a, b) => b.grams - a.grams)
    .map((f) => f.id);
  const rank = (m: (typeof METHODS)[number]): number => foods.indexOf(m.larder[0]?.material ?? '');
  const fits = METHODS.filter((m) => m.larder.some((l) => foods.includes(l.material))).sort(
    (a, b) => (rank(a) < 0 ? 99 : rank(a)) - (rank(b) < 0 ? 99 : rank(b)),
  );
  const chosen = fits.find((m) => m.id === school) ?? fits[0];
  const open = (read ?? []).filter(stillAsks);
  const plan = read && chosen ? pastedRecipe(recipeIn(chosen, kit), read, materials) : null;
  const make = (): void => {
    if (!plan || !chosen) return;
    const from = { method: chosen.id, edition: chosen.edition };
    write.run(
      'the new plan',
      () => addPlan(cutName(name || `${chosen.name}, from a recipe`), from, plan.recipe, now()),
      (id) => void go(`/plan/${id}`),
    );
  };
  const change = (i: number, to: PastedLine | null): void =>
    setRead((was) => was?.flatMap((l, k) => (k !== i ? [l] : to ? [to] : [])) ?? null);
  return (
    <Dialog title="Paste a recipe" onClose={onClose}>
      <label className="block" htmlFor="pasted">
        One line for each thing, as it is written
      </label>
      <textarea
        id="pasted"
        className="textarea mt-1 h-32 w-full p-2"
        value={text}
        placeholder={'1½ cups rolled oats\n4 cups ice water\na pinch of salt\nBlend 30 seconds and strain gently'}
        onChange={(e) => {
          setText(e.target.value);
          // Another recipe has another name.
          if (e.target.value.trim() === '') setName('');
        }}
      />
      <p className="small quiet">
        A cup is {join({ n: String(Math.round(cupMl)), unit: 'ml' })} here; it can be changed under Kit.
      </p>
      <button type="button" className="btn btn-outline btn-lg mt-2" onClick={() => reading(text)}>
        Read it
      </button>
      <div className="mt-3">
        <FileField
          label="Or a recipe’s file, or a web page that was saved with one in it"
          accept=".json,.jsonld,.html,.htm,application/ld+json,application/json,text/html"
          onFile={file}
        />
      </div>
      {say !== null && (
        <p role="alert" className="alert alert-warning mt-3">
          {say}
        </p>
      )}
      {read && (
        <>
          <ul className="mt-3" aria-label="What was read">
            {read.map((l, i) => (
              <Line key={i} line={l} cupMl={cupMl} onChange={(to) => change(i, to)} />
            ))}
          </ul>
          {plan && plan.unused.length > 0 && (
            <p className="alert alert-info mt-3">
              This method has no place for {plan.unused.map((l) => `“${l.text}”`).join(', ')}: left out of the plan.
              Steps that the recipe does not speak of are done as the method does them.
            </p>
          )}
          <NotSaved of={write} />
          {fits.length > 0 && chosen ? (
            <div className="mt-3 flex flex-wrap items-end gap-3">
              <SelectField
                label="in the manner of"
                value={chosen.id}
                options={fits.map((m) => [m.id, `${m.name} (${milkName(m.milk)})`] as const)}
                onChange={setSchool}
              />
              <button
                type="button"
                className="btn btn-primary btn-lg"
                disabled={open.length > 0}
                data-once
                onClick={make}
              >
                Make it a plan
              </button>
              {open.length > 0 && (
                <p className="small" role="status">
                  {open.length === 1 ? 'One line still asks something.' : `${open.length} lines still ask something.`}
                </p>
              )}
            </div>
          ) : (
            open.length === 0 && <p className="alert alert-warning mt-3">No method here makes a milk of these foods.</p>
          )}
        </>
      )}
    </Dialog>
  );
}

/** What a line is taken as, in grams or as a step; null: it still asks something, or is left out. */
function takenAs({ what, grams: g }: PastedLine, named: (id: string) => string): string | null {
  if (what === null || g === null) return null;
  switch (what.is) {
    case 'step':
      return saidText(what.kind, what.set);
    case 'water':
      return `${join(grams(g))} water${what.c === null ? '' : ` at ${join(celsius(what.c))}`}${what.thrown ? ', thrown away' : ''}`;
    case 'ice':
      return `${join(grams(g))} ice`;
    default:
      return `${join(grams(g))} ${named(what.material).toLowerCase()}`;
  }
}

function Line({
  line,
  cupMl,
  onChange,
}: {
  readonly line: PastedLine;
  readonly cupMl: number;
  /** null: the line is left out. */
  readonly onChange: (l: PastedLine | null) => void;
}) {
  const named = (id: string): string => MATERIALS.find((m) => m.id === id)?.name ?? id;
  const choices = line.among.length > 0 ? line.among : MATERIALS.flatMap((m) => (m.stirredIn ? [] : [m.id]));
  const taken = takenAs(line, named);
  const needsFood = line.what === null && (line.ask !== null || line.among.length > 0);
  // Grams stay open to change until the line is whole: where the form says them, it is asked first.
  const byForm = line.ask === 'form' || line.ask === 'food';
  const needsGrams = line.ask !== null && !(needsFood && byForm);
  const open = needsFood || needsGrams;
  const chosen = (id: string): PastedLine => {
    const said = withForm(line, id, cupMl);
    return line.grams === null ? said : { ...said, grams: line.grams };
  };
  return (
    <li className="rowline py-2">
      <p>
        “{line.text}”{taken === null ? null : <b className="num ml-2">{taken}</b>}
        {line.what === null && line.ask === null && line.among.length === 0 && (
          <span className="quiet ml-2">{PASTED_LEFT}</span>
        )}
      </p>
      {open && (
        <div className="mt-1 flex flex-wrap items-end gap-3">
          {line.ask !== null && (
            <p className="small w-full" style={{ color: 'var(--amber-text)' }}>
              {ASKS[line.ask]}
            </p>
          )}
          {needsFood && (
            <SelectField
              label="it is"
              value=""
              options={[['', 'choose'], ...choices.map((id) => [id, named(id)] as const)]}
              onChange={(id) => id !== '' && onChange(chosen(id))}
            />
          )}
          {needsGrams && (
            <NumberField
              label="grams"
              value={line.grams}
              unit="g"
              low={0}
              high={50_000}
              onChange={(g) => onChange({ ...line, grams: g })}
            />
          )}
          <button type="button" className="link small" onClick={() => onChange(null)}>
            leave it out
          </button>
        </div>
      )}
    </li>
  );
}
