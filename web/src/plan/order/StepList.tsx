import { useState } from 'react';
import { closestCenter, DndContext, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import type { Announcements, DragEndEvent, UniqueIdentifier } from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import { GripVertical } from 'lucide-react';
import { kindOf } from '@ironpan/core/steps';
import type { Recipe, Step } from '@ironpan/core/steps';
import { stepText, stepTitle } from '@ironpan/core/words';
import { AddStep } from '../stations/AddStep';
import { moveTo } from '../stations/order';
import { PlaceFault, StepTools } from '../stations/StepBlock';
import { StreamNames } from './StreamNames';
import type { OrderProps } from './types';

/** Moves this short are a press, not a drag, px. */
const DRAG_FROM_PX = 6;

const HOW_TO_DRAG =
  'Space takes the step up, the arrow keys move it, space puts it down, escape leaves it where it was.';
/** What a screen reader says while a step is dragged. */
function spoken(r: Recipe): Announcements {
  const name = (id: UniqueIdentifier): string => {
    const step = r.steps.find((s) => s.id === id);
    return step ? stepTitle(step, r) : '';
  };
  const place = (id: UniqueIdentifier | undefined): string =>
    `step ${r.steps.findIndex((s) => s.id === id) + 1} of ${r.steps.length}`;
  return {
    onDragStart: ({ active }) => `${name(active.id)} is taken up; it is ${place(active.id)}.`,
    onDragOver: ({ active, over }) => `${name(active.id)} would be ${place(over?.id ?? active.id)}.`,
    onDragEnd: ({ active, over }) => `${name(active.id)} is now ${place(over?.id ?? active.id)}.`,
    onDragCancel: ({ active }) => `${name(active.id)} stays ${place(active.id)}.`,
  };
}

export default function StepList(p: OrderProps) {
  const { steps } = p.plan.recipe;
  const [after, setAfter] = useState<string | null>(null);
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: DRAG_FROM_PX } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const dropped = ({ active, over }: DragEndEvent): void => {
    const to = steps.findIndex((s) => s.id === over?.id);
    if (over && active.id !== over.id && to >= 0)
      p.onEdit(moveTo(p.plan.recipe, String(active.id), to), `move.${String(active.id)}`);
  };
  const last = steps.find((s) => s.id === after) ?? steps.at(-1);
  return (
    <>
      <DndContext
        sensors={sensors}
        collisionDetection={closestCenter}
        onDragEnd={dropped}
        accessibility={{ announcements: spoken(p.plan.recipe), screenReaderInstructions: { draggable: HOW_TO_DRAG } }}
      >
        <SortableContext items={steps.map((s) => s.id)} strategy={verticalListSortingStrategy}>
          <ol className="mt-2 flex flex-col">
            {steps.map((s, i) => (
              <Row key={s.id} step={s} n={i + 1} p={p} chosen={last?.id === s.id} onAfter={() => setAfter(s.id)} />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
      <div className="mt-2">
        <AddStep
          label={last ? `Put in after “${stepTitle(last, p.plan.recipe)}”` : 'The first step'}
          usual={last ? kindOf(last.kind).station : 'soak'}
          after={last?.id ?? null}
          plan={p.plan}
          onEdit={p.onEdit}
          onPut={setAfter}
        />
      </div>
      <StreamNames {...p} />
    </>
  );
}

interface RowProps {
  readonly step: Step;
  readonly n: number;
  readonly p: OrderProps;
  readonly chosen: boolean;
  readonly onAfter: () => void;
}
function Row({ step, n, p, chosen, onAfter }: RowProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id: step.id,
  });
  const label = stepTitle(step, p.plan.recipe);
  return (
    <li
      ref={setNodeRef}
      data-step={step.id}
      className="border-b py-1"
      style={{
        borderColor: 'var(--line)',
        background: isDragging ? 'var(--ground)' : undefined,
        transform: CSS.Translate.toString(transform),
        transition,
      }}
    >
      <div className="flex items-center gap-2">
        <button
          type="button"
          ref={setActivatorNodeRef}
          className="btn btn-ghost btn-square btn-sm cursor-grab touch-none"
          {...attributes}
          {...listeners}
          aria-label={`drag ${label}, step ${n}`}
        >
          <GripVertical size={17} aria-hidden="true" />
        </button>
        <span className="num small quiet w-6 shrink-0 text-right">{n}</span>
        <button type="button" className="min-w-0 flex-1 text-left" onClick={() => p.onOpen(step.id)}>
          <b>{label}</b> <span className="small quiet">{stepText(step, p.plan.recipe)}</span>
        </button>
        <label className="small flex cursor-pointer items-center gap-1.5">
          <input type="radio" className="radio radio-sm" name="after" checked={chosen} onChange={onAfter} />
          <span className="max-sm:sr-only">put in after</span>
          <span className="sr-only">{` ${label}, step ${n}`}</span>
        </label>
        <StepTools step={step} p={p} />
      </div>
      <PlaceFault step={step} p={p} />
    </li>
  );
}
