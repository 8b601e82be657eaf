import type { Use } from '@ironpan/core/questions';
import type { Kit } from '@ironpan/core/kitchen';
import { bodyText, join, milkName, millilitres, reasonText, roughly, upper } from '@ironpan/core/words';
import { plain } from '@ironpan/core/units';
import { MEASURES } from '@ironpan/core/batch';
import { wordsFrom } from '@ironpan/core/steps';
import { BodyScale } from '../../drawings/BodyScale';
import { useHere } from '../../live/useHere';
import { foodColour } from '../../drawings/foodStyle';
import { readyIn } from './columns';
import { OUT } from './out';
import type { RankedSchool } from './useSchools';

export interface RowsProps {
  readonly rows: readonly RankedSchool[];
  readonly use: Use;
  readonly kit: Kit;
  readonly onChoose: (school: string, use: Use) => void;
}
/** The three that fit best, drawn large: why, and what each costs the cook. */
export function BestThree({ rows, use, kit, onChoose }: RowsProps) {
  const from = wordsFrom('thick', useHere()?.beliefs ?? {});
  return (
    <ol className="grid gap-4 wide:grid-cols-3" aria-label="Methods, the best fit first">
      {rows.map((r) => (
        <Card key={r.id} r={r} use={use} kit={kit} from={from} onChoose={onChoose} />
      ))}
    </ol>
  );
}

interface CardProps extends Omit<RowsProps, 'rows'> {
  readonly r: RankedSchool;
  /** Where each word of thickness begins here. */
  readonly from: ReturnType<typeof wordsFrom<'thick'>>;
}
function Card({ r, use, kit, from, onChoose }: CardProps) {
  const { cost, handsS, toJarS, main } = r.summary;
  const hot = main?.body?.later[1];
  return (
    <li className={`plate flex flex-col gap-2 p-4 ${r.out ? 'opacity-75' : ''}`}>
      <div className="flex items-start gap-2.5">
        <span
          aria-hidden="true"
          className="mt-1.5 inline-block size-4 shrink-0 rounded-sm"
          style={{ background: foodColour(r.milk), border: '1.5px solid var(--edge)' }}
        />
        <h3 className="min-w-0 text-xl leading-tight">
          {upper(milkName(r.milk))}
          <span className="block font-sans text-base font-normal">
            {r.school.name}
            {r.school.own ? ', your own' : ''}
          </span>
        </h3>
      </div>
      <p className="leading-snug">
        {r.out ? <b style={{ color: 'var(--flame-text)' }}>{OUT[r.out]}. </b> : null}
        {reasonText(r.good, r.bad)}
      </p>
      {main?.body && (
        <div>
          <BodyScale cold={main.body.relative} hot={hot ? hot.relative : null} from={from} width={220} />
          <p className="small">
            {bodyText(main.body)}
            {hot && hot.word !== main.body.word ? `; heated it ${hot.word === 'sets' ? 'sets' : 'thickens'}` : ''}
          </p>
        </div>
      )}
      <p className="mt-auto">
        <b className="num">{`${plain(handsS / 60)} min`}</b> of your hands, ready in{' '}
        <b className="num">{readyIn(toJarS)}</b>. It makes{' '}
        <b className="num">{join(millilitres(MEASURES.volumeMl(r.summary)))}</b>
        {cost.perL === null ? '' : ` at ${plain(cost.perL, 2)} ${kit.currency} a litre`}
        {main?.keep ? `, and keeps ${join(roughly(main.keep.s))}` : ''}.
      </p>
      <button
        type="button"
        className="btn btn-outline btn-lg self-start px-6"
        aria-label={`Plan this: ${r.school.name}, ${milkName(r.milk)}`}
        data-once
        onClick={() => onChoose(r.id, use)}
      >
        Plan it
      </button>
    </li>
  );
}
