import { LOOK_SCALES } from '@ironpan/core/batch';
import type { Scale } from '@ironpan/core/batch';
import { MOST_TASTINGS } from '@ironpan/core/records';
import type { TastingRecord } from '@ironpan/core/records';
import { moreOf, powerText, TASTING_NAMES, tooFewText } from '@ironpan/core/words';
import { ChoiceButtons } from '../../ui/ChoiceButtons';
import { NumberField } from '../../ui/NumberField';
import { SelectField } from '../../ui/SelectField';
import { testOf } from './testOf';

interface SetupProps {
  readonly t: TastingRecord;
  readonly change: (what: string, to: (t: TastingRecord) => TastingRecord) => void;
}
/** How it is tasted, of what, how often, and what that can find: all of it before the first cup. */
export function Setup({ t, change }: SetupProps) {
  const few = tooFewText(testOf(t));
  return (
    <section aria-label="How it is tasted" className="plate mb-4 p-4">
      <h2 className="mb-2 text-xl">How it is tasted</h2>
      <ChoiceButtons
        label="Which test"
        options={[
          ['triangle', TASTING_NAMES.triangle[0]],
          ['paired', TASTING_NAMES.paired[0]],
        ]}
        chosen={t.kind}
        onChoose={(kind) => change('which test it is', (x) => ({ ...x, kind }))}
      />
      <p className="quiet mb-3">{TASTING_NAMES[t.kind][1]}</p>
      <div className="flex flex-wrap items-start gap-3">
        {t.kind === 'paired' && (
          <>
            <SelectField
              label="which is"
              value={t.about}
              options={LOOK_SCALES.map((s) => [s, moreOf(s)] as const)}
              onChange={(about) => change('what is asked', (x) => ({ ...x, about: about as Scale }))}
            />
            <SelectField
              label="expected beforehand"
              wide
              value={t.expects ?? ''}
              options={[
                ['', 'either may be'],
                ['a', t.a.name],
                ['b', t.b.name],
              ]}
              onChange={(e) =>
                change('what is expected', (x) => ({ ...x, expects: e === '' ? null : (e as 'a' | 'b') }))
              }
            />
          </>
        )}
        <NumberField
          label="how many tastings"
          value={t.n}
          unit=""
          low={1}
          high={MOST_TASTINGS}
          whole
          onChange={(n) => change('how many there are', (x) => ({ ...x, n }))}
        />
      </div>
      {few === null ? (
        <p className="mt-2" role="status">
          {powerText(testOf(t))}
        </p>
      ) : (
        <p className="mt-2" role="alert" style={{ color: 'var(--flame-text)' }}>
          {few}
        </p>
      )}
      <p className="quiet mt-2">
        One taster may taste again and again, or a table of people once each. The same temperature and as much in every
        cup, water between them. The result is told when all are tasted, and not before.
      </p>
    </section>
  );
}
