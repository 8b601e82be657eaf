import type { TastingRecord } from '@ironpan/core/records';
import type { Serving } from '@ironpan/core/trials';
import { useState } from 'react';

interface CupsProps {
  readonly t: TastingRecord;
  readonly servings: readonly Serving[];
}
/** For who pours: which milk goes under which number. Whoever tastes does not look. */
export function Cups({ t, servings }: CupsProps) {
  const [shown, show] = useState(false);
  return (
    <section aria-label="For who pours" className="plate mb-4 min-w-0 p-4">
      <h2 className="text-xl">For who pours</h2>
      <p className="quiet mb-2">
        Number the cups and fill them out of sight, from left to right. Alone, number them underneath, shuffle each set
        with your eyes shut, and read the number of the one you chose.
      </p>
      <button type="button" className="btn btn-outline" aria-expanded={shown} onClick={() => show(!shown)}>
        {shown ? 'Hide what is in the cups' : 'Show what is in the cups'}
      </button>
      {shown && (
        <div className="mt-2 overflow-x-auto">
          <table className="table">
            <thead>
              <tr>
                <th scope="col">tasting</th>
                <th scope="col">cups, from left to right</th>
              </tr>
            </thead>
            <tbody>
              {servings.map((s, i) => (
                <tr key={s.codes.join()}>
                  <td className="num">{i + 1}</td>
                  <td>
                    {s.cups.map((c, k) => (
                      <span key={s.codes[k]} className="mr-5 inline-block">
                        <b className="num">{s.codes[k]}</b> {t[c].name}
                      </span>
                    ))}
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  );
}
