import { gramsPerLitre, MEASURES } from '@ironpan/core/batch';
import type { Use } from '@ironpan/core/questions';
import type { Kit } from '@ironpan/core/kitchen';
import {
  bodyText,
  celsius,
  join,
  measureText,
  milkName,
  millilitres,
  percent,
  reasonText,
  roughly,
} from '@ironpan/core/words';
import { plain } from '@ironpan/core/units';
import { BodyScale } from '../../drawings/BodyScale';
import { foodColour } from '../../drawings/foodStyle';
import type { RankedSchool } from './useSchools';

interface SchoolTableProps {
  readonly rows: readonly RankedSchool[];
  readonly use: Use;
  readonly kit: Kit;
  readonly onChoose: (school: string, use: Use) => void;
}
const OUT = { time: 'not ready in time', blender: 'needs a blender', order: 'steps out of order' } as const;

/** Schools side by side in the same units; on a phone each is a block of its own. */
export function SchoolTable({ rows, use, kit, onChoose }: SchoolTableProps) {
  if (rows.length === 0) return <p className="plate p-4">No method for this milk is known here yet.</p>;
  return (
    <ol className="plate" aria-label="Methods, the best fit first">
      {rows.map((r) => (
        <Row key={r.id} r={r} use={use} kit={kit} onChoose={onChoose} />
      ))}
    </ol>
  );
}

function Row({ r, use, kit, onChoose }: Omit<SchoolTableProps, 'rows'> & { readonly r: RankedSchool }) {
  const s = r.summary;
  const m = s.main;
  const strength = gramsPerLitre(r.school.recipe);
  const hot = m?.body?.later[1];
  const perL = s.cost.perL;
  return (
    <li
      className={`rowline grid items-center gap-x-5 gap-y-2 px-4 py-3 wide:grid-cols-[minmax(0,1fr)_37.5rem_auto] ${r.out ? 'opacity-75' : ''}`}
    >
      <div className="flex min-w-0 items-start gap-3">
        <span
          aria-hidden="true"
          className="mt-1 inline-block size-4 shrink-0 rounded-sm"
          style={{ background: foodColour(r.milk), border: '1.5px solid var(--edge)' }}
        />
        <div className="min-w-0">
          <h3 className="text-lg leading-tight">
            {r.school.name}{' '}
            <span className="small quiet font-sans font-normal">
              {milkName(r.milk)}
              {r.school.own ? ', your own' : ''}
            </span>
          </h3>
          <p className="small leading-snug">
            {r.out ? <b style={{ color: 'var(--flame-text)' }}>{OUT[r.out]}. </b> : null}
            {reasonText(r.good, r.bad)}
          </p>
        </div>
      </div>
      <dl className="grid grid-flow-row-dense grid-cols-4 gap-x-2.5 gap-y-1 wide:grid-cols-[5.9rem_4.7rem_repeat(5,minmax(0,1fr))]">
        <div className="col-span-2 row-span-1">
          <dt className="small quiet">body, cold and at 80 °C</dt>
          <dd>
            {m?.body ? (
              <>
                <BodyScale cold={m.body.relative} hot={hot ? hot.relative : null} width={160} />
                <span className="sr-only">
                  {bodyText(m.body)}; at 80 °C {hot?.word}
                </span>
              </>
            ) : (
              '–'
            )}
          </dd>
        </div>
        <Cell label="feels" text={m?.body ? bodyText(m.body) : '–'} />
        <Cell label="strength" text={strength === null ? '–' : `${plain(strength)} g/L`} />
        <Cell label="warmest" text={join(celsius(Math.round(r.warmestC)))} />
        <Cell label="makes" text={join(millilitres(MEASURES.volumeMl(s)))} />
        <Cell label="solids" text={join(percent(m?.solids ?? 0))} />
        <Cell label="protein, fat %" two text={`${percent(m?.protein ?? 0).n} · ${percent(m?.fat ?? 0).n}`} />
        <Cell label="grit" text={gritText(m?.grit ?? 0)} />
        <Cell label="beany" text={m?.beany === null || !m ? 'no' : `${plain(m.beany)} of 100`} />
        <Cell label="your hands" text={`${plain(s.handsS / 60)} min`} />
        <Cell label="ready in" text={readyIn(s.elapsedS)} />
        <Cell label="keeps" text={join(roughly(m?.keep?.s ?? 0))} />
        <Cell label="a litre costs" text={perL === null ? '–' : `${plain(perL, 2)} ${kit.currency}`} />
      </dl>
      <button
        type="button"
        className="btn btn-outline btn-lg"
        aria-label={`Plan this: ${r.school.name}, ${milkName(r.milk)}`}
        data-once
        onClick={() => onChoose(r.id, use)}
      >
        Plan
      </button>
    </li>
  );
}
/** Particles that are felt. */
const gritText = (share: number): string => (share < 0.00005 ? 'none' : join(measureText('grit', share)));
/** To the minute within two hours, else to the hour: a cell is narrow, and a soak is no clockwork. */
const readyIn = (s: number): string => (s < 7200 ? `${plain(s / 60)} min` : join(roughly(s)));
function Cell({ label, text, two }: { readonly label: string; readonly text: string; readonly two?: boolean }) {
  return (
    <div className={`min-w-0 ${two ? 'max-wide:col-span-2' : ''}`}>
      <dt className="small quiet truncate">{label}</dt>
      <dd className="num text-[0.9rem] leading-tight">{text}</dd>
    </div>
  );
}
