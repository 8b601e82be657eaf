import { cutName } from '@ironpan/core/units';
import type { HereRecord } from '../store/here';
import { fitLoads, solveFor, roundForKitchen } from '@ironpan/core/questions';
import type { Look } from '@ironpan/core/questions';
import type { PlanRecord } from '@ironpan/core/records';
import { methodById } from '@ironpan/core/methods';
import { applyEdits } from '@ironpan/core/steps';
import type { Edit } from '@ironpan/core/steps';
import { join, millilitres, USE_NAMES } from '@ironpan/core/words';
import {
  BookmarkPlus,
  Copy,
  FastForward,
  Redo2,
  SlidersHorizontal,
  Target,
  Trash2,
  Undo2,
  FlaskConical,
  ScrollText,
} from 'lucide-react';
import type { LucideIcon } from 'lucide-react';
import { useState } from 'react';
import type { ReactNode } from 'react';
import { Link, useNavigate } from 'react-router';
import { now } from '../clock';
import { startBatch } from '../store/batches';
import { deleteSchool, keepAsSchool } from '../store/own';
import { addPlan, deletePlan, restorePlan } from '../store/plans';
import { addTrial } from '../store/trials';
import type { UndoState } from '../store/plans';
import { NumberField } from '../ui/NumberField';
import { TextField } from '../ui/TextField';
import { putBack, tell } from '../ui/toast';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';
import { Backwards } from './moves/Backwards';
import { realm } from '../store/realm';
import { Practise } from './Practise';
import { StartAnyway } from './StartAnyway';

/** "to drink cold", "to tofu": only the uses that read as a verb are said. */
const USE_FOR: Readonly<Record<string, string>> = {
  cold: USE_NAMES.cold,
  cooking: USE_NAMES.cooking,
  baking: USE_NAMES.baking,
  freezing: USE_NAMES.freezing,
  hotDrinks: 'drink hot',
  yoghurt: 'make yoghurt of',
  tofu: 'make tofu of',
};

interface PlanHeadProps {
  readonly plan: PlanRecord;
  readonly look: Look | null;
  readonly here: HereRecord;
  readonly undo: UndoState;
  readonly onRename: (name: string) => void;
  readonly onEdit: (edits: readonly Edit[], touched: string) => void;
  readonly onStep: (way: 'back' | 'forward') => Promise<void>;
}
/** The name of a plan, what can be done with it, and the start. */
export function PlanHead({ plan, look, here, undo, onRename, onEdit, onStep }: PlanHeadProps) {
  const go = useNavigate();
  const [sure, setSure] = useState(false);
  const [backwards, setBackwards] = useState(false);
  const [practise, setPractise] = useState(false);
  const method = plan.from ? methodById(plan.from.method) : undefined;
  const use = plan.use === null ? undefined : USE_FOR[plan.use];
  const dangers = look?.warnings.filter((w) => w.weight === 'danger') ?? [];
  const write = useWrite();
  const start = (): void =>
    write.run(
      'the start',
      () => startBatch(plan, here, now()),
      (id) => void go(`/bench/${id}`),
    );
  const copy = (): void =>
    write.run(
      'the copy',
      () => addPlan(cutName(`${plan.name}, copy`), plan.from, plan.recipe, now()),
      (id) => {
        void go(`/plan/${id}`);
        tell('Kept as a new plan; this is the copy.');
      },
    );
  const mine = (): void =>
    write.run(
      'the method',
      () => keepAsSchool(plan, now()),
      (id) =>
        tell(
          `“${plan.name}” is now one of your own methods; new plans can begin from it.`,
          putBack('that', () => deleteSchool(id), 'Undo'),
        ),
    );
  const remove = (): void =>
    write.run(
      'that it was deleted',
      () => deletePlan(plan.id),
      () => {
        void go('/plan');
        tell(
          `“${plan.name}” was deleted.`,
          putBack('the plan', () => restorePlan(plan)),
        );
      },
    );
  const trial = (): void =>
    write.run(
      'the new trial',
      () => addTrial(plan, now()),
      (id) => void go(`/book/trials/${id}`),
    );
  const step = (way: 'back' | 'forward'): void => write.run('that step', () => onStep(way));
  return (
    <div className="flex flex-wrap items-end justify-between gap-x-6 gap-y-2 px-4 pt-4 pb-3 wide:px-5">
      <div className="min-w-0 flex-1 basis-72">
        <h1 className="sr-only">{plan.name}</h1>
        <TextField
          label="Name of the plan"
          hideLabel
          value={plan.name}
          most={120}
          onChange={onRename}
          className="font-display -mx-1.5 w-full truncate rounded-md border-1.5 border-transparent bg-transparent px-1.5 text-2xl font-bold hover:border-[var(--edge)] focus:border-[var(--edge)] wide:text-[1.9rem]"
        />
        {(plan.draft ?? method) && (
          <p className="quiet small">
            {plan.draft ? 'a draft: kept once you change or start it' : method?.name}
            {use && !plan.draft ? `, to ${use}` : ''}
          </p>
        )}
        {/* The line before a group that begins a row is cut off. */}
        <div className="mt-1 [clip-path:inset(-5px)]">
          <div className="-ml-4 flex flex-wrap items-center gap-x-4 gap-y-1">
            <Group label="Back and forward">
              <Small icon={Undo2} label="Undo" off={!undo.back} run={() => step('back')} />
              <Small icon={Redo2} label="Redo" off={!undo.forward} run={() => step('forward')} />
            </Group>
            <Group label="Ask the plan">
              <Link className="link small inline-flex min-h-7 items-center gap-1.5" to={`/plan/${plan.id}/moves`}>
                <SlidersHorizontal size={16} aria-hidden="true" />
                What moves it
              </Link>
              <Small icon={Target} label="Backwards" off={!look} run={() => setBackwards(true)} />
              <Small icon={FlaskConical} label="Make a trial of it" off={!look} once run={trial} />
            </Group>
            <Group label="Keep or delete">
              <Small icon={Copy} label="Keep as a new plan" once run={copy} />
              <Small icon={BookmarkPlus} label="Save as my method" once run={mine} />
              <Link className="link small inline-flex min-h-7 items-center gap-1.5" to={`/plan/${plan.id}/card`}>
                <ScrollText size={16} aria-hidden="true" />
                As a card
              </Link>
              <Small icon={Trash2} label="Delete" once run={remove} />
            </Group>
          </div>
        </div>
      </div>
      <div className="flex flex-wrap items-end gap-3">
        <Wanted plan={plan} here={here} look={look} onEdit={onEdit} />
        <div className="flex flex-col items-center gap-1">
          <button
            type="button"
            data-once
            className="btn btn-primary btn-lg px-5"
            disabled={!look?.summary.main}
            onClick={() => (dangers.length > 0 ? setSure(true) : start())}
          >
            Start this batch
          </button>
          {realm() !== 'practice' && (
            <Small icon={FastForward} label="Practise it" off={!look?.summary.main} run={() => setPractise(true)} />
          )}
        </div>
      </div>
      {!sure && (
        <div className="w-full">
          <NotSaved of={write} />
        </div>
      )}
      {backwards && look && (
        <Backwards plan={plan} here={here} look={look} onEdit={onEdit} onClose={() => setBackwards(false)} />
      )}
      {practise && <Practise plan={plan} onClose={() => setPractise(false)} />}
      {sure && <StartAnyway dangers={dangers} write={write} onStart={start} onClose={() => setSure(false)} />}
    </div>
  );
}

/** What belongs together stands together, parted from the next by a line. */
function Group({ label, children }: { readonly label: string; readonly children: ReactNode }) {
  return (
    <span
      role="group"
      aria-label={label}
      className="flex flex-wrap items-center gap-x-3.5 pl-4 wide:border-l"
      style={{ borderColor: 'var(--edge)' }}
    >
      {children}
    </span>
  );
}

function Small({
  icon: Icon,
  label,
  run,
  off = false,
  once = false,
}: {
  readonly icon: LucideIcon;
  readonly label: string;
  readonly run: () => void;
  readonly off?: boolean;
  /** The second press of a double click is the first. */
  readonly once?: boolean;
}) {
  return (
    <button
      type="button"
      data-once={once ? true : undefined}
      className="link small inline-flex min-h-7 items-center gap-1.5 disabled:cursor-default disabled:font-normal disabled:no-underline"
      disabled={off}
      onClick={run}
    >
      <Icon size={16} aria-hidden="true" />
      {label}
    </button>
  );
}

/** Backwards: from litres wanted to all amounts, rounded to what a kitchen can weigh. */
function Wanted({ plan, here, look, onEdit }: Pick<PlanHeadProps, 'plan' | 'here' | 'look' | 'onEdit'>) {
  const litres = (look?.summary.jarredMl ?? 0) / 1000;
  const [want, setWant] = useState<number | null>(null);
  const shown = want ?? Math.round(litres * 100) / 100;
  const solve = (): void => {
    const s = solveFor(plan.recipe, here, { litres: shown });
    const edits = [...s.edits, ...roundForKitchen(applyEdits(plan.recipe, s.edits))];
    onEdit([...edits, ...fitLoads(applyEdits(plan.recipe, edits), here)], 'wanted');
    setWant(null);
    if (!s.reached)
      tell(
        `This plan cannot reach ${join(millilitres(shown * 1000))}: ${join(millilitres(s.value * 1000))} is the nearest.`,
      );
  };
  return (
    <div className="flex items-end gap-2">
      <NumberField
        label="I want"
        value={shown}
        unit="litres"
        low={0.1}
        high={20}
        width="3rem"
        onChange={setWant}
        onEnter={solve}
      />
      <button type="button" className="btn btn-outline" disabled={want === null} onClick={solve}>
        Scale to it
      </button>
    </div>
  );
}
