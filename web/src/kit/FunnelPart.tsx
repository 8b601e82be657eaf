import type { Kit } from '@ironpan/core/kitchen';
import { calibrationFault } from '@ironpan/core/steps';
import type { Calibration } from '@ironpan/core/steps';
import { calibrationText } from '@ironpan/core/words';
import { useState } from 'react';
import { Runs } from '../ui/Runs';
import { SelectField } from '../ui/SelectField';

interface FunnelProps {
  readonly kit: Kit;
  readonly onChange: (f: (k: Kit) => Kit) => void;
}
const EMPTY: Calibration = { waterS: [], syrupS: [], syrup: 40 };
/** What goes into half a kilogramme of each syrup, g. */
const MAKES = { 20: [100, 400], 40: [200, 300] } as const;
/** A narrow funnel, calibrated with water and a sugar syrup: it then tells how thick a milk is. */
export function FunnelPart({ kit, onChange }: FunnelProps) {
  const [draft, setDraft] = useState<Calibration>(kit.funnel ?? EMPTY);
  const fault = calibrationFault(draft);
  const set = (part: Partial<Calibration>): void => {
    const then = { ...draft, ...part };
    setDraft(then);
    // What does not tell is not kept; what was kept stays until it does.
    if (calibrationFault(then) === null) onChange((k) => ({ ...k, funnel: then }));
  };
  const [sugar, water] = MAKES[draft.syrup];
  return (
    <section aria-label="Funnel" className="plate p-4">
      <h2 className="mb-1 text-xl">Funnel</h2>
      <p className="quiet small mb-2">
        Seconds that a full funnel with a narrow stem takes to run out. Water first, then a syrup of {sugar} g of sugar
        in {water} g of water, stirred clear; both at about 20 °C. A milk of any kind is then as thick as its seconds.
      </p>
      <div className="flex flex-col gap-3">
        <Runs label="water" runs={draft.waterS} onChange={(waterS) => set({ waterS })} />
        <Runs label="syrup" runs={draft.syrupS} onChange={(syrupS) => set({ syrupS })} />
        <div className="max-w-60">
          <SelectField
            label="the syrup"
            value={String(draft.syrup)}
            options={[
              ['20', '20 % sugar'],
              ['40', '40 % sugar'],
            ]}
            onChange={(v) => set({ syrup: v === '20' ? 20 : 40 })}
          />
        </div>
      </div>
      <p
        className="mt-2"
        role="status"
        style={fault === 'syrupNotSlower' || fault === 'tooWide' ? { color: 'var(--flame-text)' } : undefined}
      >
        {calibrationText(fault)}
      </p>
      {kit.funnel && (
        <button
          type="button"
          className="link small mt-1 min-h-9"
          onClick={() => {
            setDraft(EMPTY);
            onChange(({ funnel: _, ...k }) => k);
          }}
        >
          Forget this funnel
        </button>
      )}
    </section>
  );
}
