import { recipeFile } from '@ironpan/core/formats';
import type { Card } from '@ironpan/core/words';
import { duration, join, millilitres, roughly } from '@ironpan/core/words';
import { Link } from 'react-router';
import { now } from '../clock';
import { download } from './download';
import { fullDate } from './times';

interface RecipeCardProps {
  readonly card: Card;
  /** What it is of, in a line: “batch 14, begun …”. */
  readonly of: string;
  readonly back: readonly [to: string, text: string];
}
const fileName = (name: string): string =>
  `${
    name
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^-|-$/g, '') || 'milk'
  }.recipe.json`;

/** Letters as large as fit on one sheet of paper. */
const sizeFor = (steps: number): string =>
  steps <= 14 ? 'print:text-[11pt]' : steps <= 20 ? 'print:text-[9.5pt]' : 'print:text-[8pt]';
/** A plan or a batch on one page, to be printed, and as a file that other kitchens read. */
export function RecipeCard({ card, of, back: [to, text] }: RecipeCardProps) {
  const file = (): void =>
    download(fileName(card.name), new Blob([recipeFile(card)], { type: 'application/ld+json;charset=utf-8' }));
  return (
    <div
      className={`mx-auto max-w-[52rem] px-4 py-5 print:max-w-none print:p-0 wide:px-5 ${sizeFor(card.steps.length)}`}
    >
      <div className="mb-4 flex flex-wrap items-center gap-3 print:hidden">
        <button type="button" className="btn btn-primary btn-lg" onClick={() => window.print()}>
          Print it
        </button>
        <button type="button" className="btn btn-outline btn-lg" onClick={file}>
          As a recipe file
        </button>
        <Link className="link" to={to}>
          {text}
        </Link>
      </div>
      <article className="plate p-6 print:border-0 print:p-0" aria-label="Card">
        <h1 className="text-3xl break-words">{card.name}</h1>
        <p className="quiet">{of}</p>
        <p className="mt-2 flex flex-wrap gap-x-6">
          <span>
            makes <b className="num">{join(millilitres(card.makesMl))}</b>
            {card.makes.length > 0 && ` (${card.makes.join(', ')})`}
          </span>
          <span>
            takes <b className="num">{join(duration(60 * Math.round(card.elapsedS / 60)))}</b>, of it{' '}
            <b className="num">{join(duration(60 * Math.round(card.handsS / 60)))}</b> with your hands
          </span>
          {card.keepS !== null && (
            <span>
              keeps about <b className="num">{join(roughly(card.keepS))}</b> in the fridge
            </span>
          )}
        </p>
        <div className="mt-4 grid gap-x-8 gap-y-4 sm:grid-cols-[minmax(0,2fr)_minmax(0,3fr)] print:grid-cols-[2fr_3fr]">
          <section aria-label="What to take">
            <h2 className="mb-1 text-xl">Take</h2>
            <ul>
              {card.takes.map((t, i) => (
                <li key={i} className="rowline py-1 print:py-0.5">
                  {t.say}
                </li>
              ))}
            </ul>
          </section>
          <section aria-label="What to do">
            <h2 className="mb-1 text-xl">Do</h2>
            <ol className="list-decimal pl-6">
              {card.steps.map((s, i) => (
                <li key={i} className="py-1 print:py-0.5">
                  <b>{s.title}</b>
                  {s.text !== '' && <>: {s.text}</>}
                </li>
              ))}
            </ol>
          </section>
        </div>
        {card.cautions.length > 0 && (
          <section aria-label="Mind" className="mt-4">
            <h2 className="mb-1 text-xl">Mind</h2>
            <ul className="small list-disc pl-6">
              {card.cautions.map((c) => (
                <li key={c}>{c}</li>
              ))}
            </ul>
          </section>
        )}
        <p className="small quiet mt-4">
          Worked out by Ironpan for this kitchen, {fullDate(now())}; amounts and times are estimates. Keeping times are
          a guide; your local food-safety authority decides. If in doubt, throw it out.
        </p>
      </article>
    </div>
  );
}
