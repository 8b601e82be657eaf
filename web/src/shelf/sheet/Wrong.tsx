import type { Trouble } from '@ironpan/core/batch';
import { rescueOfJar, troublesOfJar } from '@ironpan/core/questions';
import { rescueText, TROUBLE_NAMES } from '@ironpan/core/words';
import { useState } from 'react';
import { ChoiceButtons } from '../../ui/ChoiceButtons';
import type { ShelfJar } from '../../live/shelf';

/** Something is wrong with the milk in this jar: what can be done at the glass, and what is too late to fix. */
export function Wrong({ j, onDone }: { readonly j: ShelfJar; readonly onDone: () => void }) {
  const [against, say] = useState<Trouble | null>(null);
  const could = troublesOfJar(j.now).map((t) => [t, TROUBLE_NAMES[t]] as const);
  const found = against === null ? null : rescueOfJar(j.now, j.batch, against);
  const afterwards = found && found.now.length > 0 ? 'Good to know' : 'Too late to fix';
  return (
    <>
      <p className="quiet mb-1">It is</p>
      <ChoiceButtons large label="It is" options={could} chosen={against} onChoose={say} />
      <div aria-live="polite">
        {found && (
          <>
            {found.now.map((l) => (
              <p key={l.say} className={`mt-2 text-[1.1rem] ${l.say === 'sourThrow' ? 'alert alert-error' : ''}`}>
                {rescueText(l)}
              </p>
            ))}
            {found.now.length === 0 && <p className="mt-2">In this jar there is nothing to mend it with.</p>}
            {found.past.length > 0 && (
              <section aria-label={afterwards} className="mt-3">
                <h3 className="text-lg">{afterwards}</h3>
                {found.past.map((l) => (
                  <p key={l.say}>{rescueText(l)}</p>
                ))}
              </section>
            )}
            <p className="small quiet mt-3">
              Worked out from what is in the jar: an estimate. What would have helped in the making is in the book.
            </p>
          </>
        )}
      </div>
      <button type="button" className="btn btn-outline btn-lg mt-4" onClick={onDone}>
        Back to the jar
      </button>
    </>
  );
}
