import { coolingWays } from '@ironpan/core/steps';
import type { CoolingTried, Edit, Step } from '@ironpan/core/steps';
import { coolingAsks, coolingStages, coolingWayName, upper } from '@ironpan/core/words';
import { useMemo } from 'react';
import { useSettled } from '../../drawings/useSettled';
import { CoolingChart } from '../../ui/CoolingChart';
import type { StationsProps } from './types';

/** A drag moves the figures at once; the curve follows when it has settled, ms. */
const SETTLED_MS = 200;
interface CoolingProps {
  readonly step: Step<'cool'>;
  readonly p: StationsProps;
}
/** How it cools as planned, down to the fridge, and every other way there is, each with what it asks for. */
export function Cooling({ step, p }: CoolingProps) {
  const { recipe } = p.plan;
  const ways = useMemo(
    () => coolingWays(recipe, p.look.outcome, { kit: p.kit, beliefs: p.look.outcome.beliefs }, step),
    [recipe, p.look, p.kit, step],
  );
  const own = ways.find((w) => w.own);
  const drawn = useSettled(own?.way, SETTLED_MS);
  if (!own || !drawn) return null;
  const choose = (edits: readonly Edit[]): void => p.onEdit(edits, `${step.id}.how`);
  return (
    <section aria-label="How it cools" className="mt-3">
      <CoolingChart way={drawn} />
      <table className="table w-full">
        <caption className="small quiet pb-1 text-left">
          An estimate: as planned, then in its jar in the fridge. Cooked food must pass 57 → 21 °C within 2 h and be at
          5 °C within 6 h.
        </caption>
        <thead>
          <tr>
            <th scope="col">way</th>
            <th scope="col" className="text-right!">
              57 → 21 °C
            </th>
            <th scope="col" className="text-right!">
              to 5 °C
            </th>
          </tr>
        </thead>
        <tbody>
          {ways.map((w) => (
            <Way key={`${w.how} ${w.vessel}`} w={w} planC={step.params.toC} onChoose={choose} />
          ))}
        </tbody>
      </table>
    </section>
  );
}
interface WayProps {
  readonly w: CoolingTried;
  readonly planC: number;
  readonly onChoose: (edits: readonly Edit[]) => void;
}
function Way({ w, planC, onChoose }: WayProps) {
  const name = upper(coolingWayName(w));
  const asks = coolingAsks(w, planC);
  return (
    <tr data-way={`${w.how} ${w.vessel}`} style={w.own ? { background: 'var(--paper)' } : undefined}>
      <th scope="row" className="py-1 text-left font-normal">
        {w.own ? (
          <b>{name} · as planned</b>
        ) : (
          <button type="button" className="link text-left" onClick={() => onChoose(w.edits)}>
            {name}
          </button>
        )}
        <span className="small quiet block">
          {w.hotGlass ? '' : w.inTime ? 'in time' : 'too slow'}
          {asks !== '' && `${w.hotGlass ? '' : ' · '}${asks}`}
        </span>
      </th>
      {coolingStages(w.way).map((s) => (
        <td
          key={s.what}
          className="num py-1 pl-3 text-right align-top whitespace-nowrap"
          style={s.kept ? undefined : { color: 'var(--flame-text)', fontWeight: 700 }}
        >
          {s.took}
        </td>
      ))}
    </tr>
  );
}
