import { PRACTICE_SPEEDS } from '@ironpan/core/instruments';
import type { PracticeSpeed } from '@ironpan/core/instruments';
import type { PlanRecord } from '@ironpan/core/records';
import { useState } from 'react';
import { practise } from '../store/practice';
import { ChoiceButtons } from '../ui/ChoiceButtons';
import { Dialog } from '../ui/Dialog';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';

interface PractiseProps {
  readonly plan: PlanRecord;
  readonly onClose: () => void;
}
/** Before a plan is practised: how fast. */
export function Practise({ plan, onClose }: PractiseProps) {
  const [speed, setSpeed] = useState<PracticeSpeed>(60);
  const [dies, setDies] = useState(false);
  const write = useWrite();
  return (
    <Dialog title="Practise this plan" onClose={onClose}>
      <p className="mb-3">
        The whole bench, faster than life, in a kitchen that is laid out for it: your kit and this plan, no jars of
        yours. Nothing of it is kept, exported or learned from.
      </p>
      <ChoiceButtons
        label="How fast"
        options={PRACTICE_SPEEDS.map((s) => [String(s), s === 1 ? 'as in life' : `${s} times as fast`] as const)}
        chosen={String(speed)}
        onChoose={(s) => setSpeed(PRACTICE_SPEEDS.find((x) => String(x) === s) ?? speed)}
      />
      <label className="flex min-h-14 cursor-pointer items-center gap-3">
        <input type="checkbox" className="checkbox" checked={dies} onChange={(e) => setDies(e.target.checked)} />
        The probe’s battery dies on the way to the boil
      </label>
      <p className="quiet small mb-3">You can change it at any moment, and skip what needs nobody.</p>
      <NotSaved of={write} />
      <button
        type="button"
        data-once
        className="btn btn-primary btn-lg w-full"
        onClick={() => write.run('the practice', () => practise(plan, { speed, faults: dies ? ['probeDies'] : [] }))}
      >
        Begin
      </button>
    </Dialog>
  );
}
