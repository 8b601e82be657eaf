import { holdingNow, lastSeq } from '@ironpan/core/batch';
import type { TaskState } from '@ironpan/core/batch';
import { heatOwed } from '@ironpan/core/questions';
import type { Trace } from '@ironpan/core/steps';
import { heatOwedText } from '@ironpan/core/words';
import { useMemo } from 'react';
import { now as nowMs, useNow } from '../clock';
import type { Running } from '../live/running';
import { append } from '../store/batches';
import { NotSaved } from '../ui/NotSaved';
import { tell } from '../ui/toast';
import { useWrite } from '../ui/useWrite';

interface RawWarningProps {
  readonly r: Running;
  readonly t: TaskState;
  readonly probe: Trace | null;
  /** The batch has another step before the cook now. */
  readonly onBack: () => void;
}
/** The red box that stays at every step until the soy is boiled enough, with the way back to the heat. */
export function RawWarning({ r, t, probe, onBack }: RawWarningProps) {
  const now = useNow();
  const write = useWrite();
  const owed = useMemo(() => heatOwed(r.progress, r.batch, r.events, r.traces, nowMs()), [r]);
  // While it boils, the box goes as soon as the time so far is enough.
  if (!owed || holdingNow(r.progress, r.batch, t, now, probe)?.moreS === 0) return null;
  const { back } = owed;
  const text = heatOwedText(owed);
  const boilOn = (): void => {
    if (!back) return;
    write.run(
      'the longer boil',
      () => append(r.batch.id, [{ is: 'edited', against: 'notBoiled', edits: back.edits }], nowMs(), lastSeq(r.events)),
      () => {
        tell('The longer boil is a step of this batch now.');
        onBack();
      },
    );
  };
  return (
    <div className="alert alert-error mt-2 flex-col items-stretch text-[1.1rem]" role="note" data-raw>
      <p>{text.say}</p>
      <NotSaved of={write} />
      {text.back !== null && (
        <button type="button" data-once className="btn btn-outline btn-lg mt-1 w-full" onClick={boilOn}>
          {text.back}
        </button>
      )}
    </div>
  );
}
