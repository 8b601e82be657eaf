import { USE_IDS } from '@ironpan/core/questions';
import type { Use } from '@ironpan/core/questions';
import type { Here } from '@ironpan/core/kitchen';
import { MILKS } from '@ironpan/core/methods';
import { milkName, USE_COUNTS, USE_NAMES } from '@ironpan/core/words';
import { useDeferredValue, useState } from 'react';
import { useMethods } from '../../live/useOwn';
import { ChoiceButtons } from '../../ui/ChoiceButtons';
import { SelectField } from '../../ui/SelectField';
import { BestThree } from './BestThree';
import { OtherMethods } from './OtherMethods';
import { useSchools } from './useSchools';

const WITHIN = [
  ['', 'no hurry'],
  ['0.5', 'half an hour'],
  ['2', 'two hours'],
  ['14', 'tonight to tomorrow'],
  ['36', 'a day and a half'],
] as const;
/** Drawn large. */
const BEST = 3;

interface ChooseProps {
  readonly here: Here;
  readonly onChoose: (school: string, use: Use) => void;
}
/** The use is asked first: it decides the school. The order is computed, and said. */
export function Choose({ here, onChoose }: ChooseProps) {
  const own = useMethods();
  const [use, setUse] = useState<Use>('cold');
  const [milk, setMilk] = useState('');
  const [within, setWithin] = useState('');
  const [blender, setBlender] = useState(true);
  const asked = useDeferredValue(use);
  const ranked = useSchools(asked, milk, { hours: within === '' ? null : Number(within), blender }, here, own);
  return (
    <section aria-label="What is the milk for">
      <h2 className="mb-2 text-xl">What is the milk for?</h2>
      <ChoiceButtons
        label="Use"
        options={USE_IDS.map((u) => [u, USE_NAMES[u]] as const)}
        chosen={use}
        onChoose={setUse}
      />
      <div className="mb-3 flex flex-wrap items-end gap-x-4 gap-y-2">
        <SelectField
          label="milk"
          value={milk}
          options={[['', 'any'], ...MILKS.map((m) => [m, milkName(m)] as const)]}
          onChange={setMilk}
        />
        <SelectField label="ready within" value={within} options={WITHIN} onChange={setWithin} />
        <label className="flex min-h-9 cursor-pointer items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={blender}
            onChange={(e) => setBlender(e.target.checked)}
          />
          a blender is at hand
        </label>
      </div>
      {ranked.length === 0 ? (
        <p className="plate p-4">No method for this milk is known here yet.</p>
      ) : (
        <BestThree rows={ranked.slice(0, BEST)} use={asked} kit={here.kit} onChoose={onChoose} />
      )}
      {ranked.length > BEST && (
        <div className="mt-5">
          <h2 className="mb-2 text-xl">The others</h2>
          <OtherMethods rows={ranked.slice(BEST)} use={asked} kit={here.kit} onChoose={onChoose} />
        </div>
      )}
      <div className="mt-2 flex flex-wrap items-baseline justify-between gap-x-6 gap-y-1">
        <p className="small quiet max-w-3xl">
          <b>Why this order.</b> For “{USE_NAMES[use]}” {USE_COUNTS[use]}. Every figure is computed for your kitchen
          with the amounts each method begins with. Body, grit and beany are estimates. Filled mark: cold; outlined:
          heated to 80 °C.
        </p>
      </div>
    </section>
  );
}
