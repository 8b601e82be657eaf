import { PRACTICE_FAULTS, PRACTICE_SPEEDS } from '@ironpan/core/instruments';
import type { PracticeFault, PracticeSpeed } from '@ironpan/core/instruments';
import type { PlanRecord } from '@ironpan/core/records';
import { useState } from 'react';
import { practise } from '../store/practice';
import { ChoiceButtons } from '../ui/ChoiceButtons';
import { Dialog } from '../ui/Dialog';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';

const FAULTS: Readonly<Record<PracticeFault, string>> = {
  probeDies: 'The probe’s battery dies on the way to the boil',
  foamsOver: 'The pot foams over, unless it is stirred in time',
  calledAway: 'You are called away once the jug has run',
};
interface PractiseProps {
  readonly plan: PlanRecord;
  readonly onClose: () => void;
}
/** Before a plan is practised: how fast, and what goes wrong. */
export function Practise({ plan, onClose }: PractiseProps) {
  const [speed, setSpeed] = useState<PracticeSpeed>(60);
  const [faults, setFaults] = useState<readonly PracticeFault[]>([]);
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
      <fieldset>
        <legend className="quiet">What is to go wrong</legend>
        {PRACTICE_FAULTS.map((f) => (
          <label key={f} className="flex min-h-14 cursor-pointer items-center gap-3">
            <input
              type="checkbox"
              className="checkbox"
              checked={faults.includes(f)}
              onChange={(e) => {
                const on = e.target.checked;
                setFaults((had) => PRACTICE_FAULTS.filter((x) => (x === f ? on : had.includes(x))));
              }}
            />
            {FAULTS[f]}
          </label>
        ))}
      </fieldset>
      <p className="quiet small mb-3">You can change it at any moment, and skip what needs nobody.</p>
      <NotSaved of={write} />
      <button
        type="button"
        data-once
        className="btn btn-primary btn-lg w-full"
        onClick={() => write.run('the practice', () => practise(plan, { speed, faults }))}
      >
        Begin
      </button>
    </Dialog>
  );
}
