import { memo } from 'react';
import type { Warning } from '@ironpan/core/checks';
import type { Edit } from '@ironpan/core/steps';
import { fixText, warningText } from '@ironpan/core/words';
import { BEFORE_ID } from './places';

interface BeforeProps {
  readonly title: 'Before you start' | 'Good to know';
  readonly warnings: readonly Warning[];
  readonly onMend: (edits: readonly Edit[], touched: string) => void;
}
const WORD = { danger: 'Stop', mend: 'Mend', know: 'Know' } as const;
const ALERT = { danger: 'alert-error', mend: 'alert-warning', know: 'alert-info' } as const;

/** What is wrong or risky, the heaviest first, each with its figure; a move that mends it is one press. */
export const BeforeYouStart = memo(function BeforeYouStart({ warnings, onMend, title }: BeforeProps) {
  if (warnings.length === 0) return null;
  return (
    <section id={title === 'Before you start' ? BEFORE_ID : undefined} aria-label={title} className="contain-content">
      <h2 className="mb-2 text-lg">{title}</h2>
      <ul className="flex flex-col gap-2">
        {warnings.map((w, i) => (
          <li key={`${w.check}-${w.step ?? ''}-${i}`} className={`alert ${ALERT[w.weight]}`} data-check={w.check}>
            <span className="sr-only">{WORD[w.weight]}: </span>
            {warningText(w)}
            {w.fixes.length > 0 && (
              <span className="mt-1 flex flex-wrap gap-x-4">
                {w.fixes.map((f) => (
                  <button key={f.say} type="button" className="link" onClick={() => onMend(f.edits, `mend.${w.check}`)}>
                    {fixText(f)}
                  </button>
                ))}
              </span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
});
