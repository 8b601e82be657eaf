import type { Year, YearBatch } from '@ironpan/core/questions';
import { LIKED } from '@ironpan/core/batch';
import { askedText } from '@ironpan/core/words';
import { Link } from 'react-router';
import { now } from '../../clock';
import { besideOf } from '../../store/beside';
import { dayIn } from '../../ui/times';

/** The best and the least liked batch, and the way to see why. */
export function BestAndWorst({ year: { best, worst } }: { readonly year: Year }) {
  return (
    <section aria-label="Best and worst" className="plate min-w-0 p-4">
      <h2 className="text-xl">Best and worst</h2>
      {best && worst ? (
        <>
          <dl className="mt-1 flex flex-col gap-2">
            <One label="most liked" b={best} />
            <One label="least liked" b={worst} />
          </dl>
          {best.milk === worst.milk && (
            <p className="mt-3">
              <Link className="btn btn-outline" to={besideOf([best.batch, worst.batch])}>
                Lay them side by side
              </Link>
            </p>
          )}
        </>
      ) : (
        <p>
          Too few were said to be liked or not, or all the same. In a look at a jar, say how you like it, and the best
          and the worst stand here.
        </p>
      )}
    </section>
  );
}
function One({ label, b }: { readonly label: string; readonly b: YearBatch }) {
  return (
    <div>
      <dt className="quiet small">{label}</dt>
      <dd>
        <Link className="link font-semibold" to={`/book/${b.batch}`}>
          {b.number} · {b.name}
        </Link>
        , {dayIn(b.at, now())}: {b.liked === null ? '' : askedText('liked', Math.min(LIKED.length - 1, b.liked))}
      </dd>
    </div>
  );
}
