import { memo } from 'react';
import { kindOf, paramOf } from '@ironpan/core/steps';
import type { ParamValue, Station } from '@ironpan/core/steps';
import { stationName } from '@ironpan/core/words';
import { AmountField } from './AmountField';
import { ParamField } from './ParamField';
import { FoodField } from './FoodField';
import { mainValues, stationFact } from './stationFacts';
import { StationPanel } from './StationPanel';
import type { StationsProps } from './StationPanel';

/** The stations under the drawing: each with its two main values, one open in full. */
export const Stations = memo(function Stations(p: StationsProps) {
  return (
    <>
      <div className="wide:grid wide:grid-cols-5" style={{ borderTop: '1px solid var(--line)' }}>
        {p.stations.map((s, i) => (
          <section
            key={s}
            aria-label={stationName(s, p.plan.recipe)}
            className={`px-3 py-2.5 ${i > 0 ? 'wide:border-l wide:border-dashed' : ''} max-wide:border-b`}
            style={{ borderColor: 'var(--line)', background: p.open === s ? 'var(--ground)' : undefined }}
          >
            <Head station={s} {...p} />
            <div className="wide:hidden">{p.open === s && <StationPanel station={s} {...p} />}</div>
          </section>
        ))}
      </div>
      <div className="hidden wide:block">{p.open !== null && <StationPanel station={p.open} {...p} />}</div>
    </>
  );
});

function Head(p: StationsProps & { readonly station: Station }) {
  const open = p.open === p.station;
  const name = stationName(p.station, p.plan.recipe);
  const fact = stationFact(p.plan.recipe, p.look, p.station);
  const set = (step: string, param: string) => (value: ParamValue) =>
    p.onEdit([{ do: 'set', step, param, value }], `${step}.${param}`);
  return (
    <>
      <div className="flex items-center justify-between gap-2">
        <h2 className="text-lg">{name}</h2>
        <button
          type="button"
          className="link small"
          aria-expanded={open}
          aria-label={`${open ? 'Close' : 'Open'} ${name}`}
          onClick={() => p.onOpen(open ? null : p.station)}
        >
          {open ? 'close' : 'open'}
        </button>
      </div>
      <div className="mt-1 grid grid-cols-2 gap-x-3 gap-y-1.5 wide:grid-cols-1">
        {p.station === p.stations[0] &&
          p.plan.recipe.larder.map((l, index) => (
            <div key={index} className="min-w-0">
              {open && <FoodField recipe={p.plan.recipe} index={index} onEdit={p.onEdit} />}
              <AmountField
                label={p.plan.recipe.materials.find((m) => m.id === l.material)?.name.toLowerCase() ?? l.material}
                grams={l.grams}
                cupG={p.plan.recipe.materials.find((m) => m.id === l.material)?.cupG ?? null}
                units={p.units}
                high={100_000}
                onChange={(grams) => p.onEdit([{ do: 'larder', index, grams }], `larder.${index}`)}
              />
            </div>
          ))}
        {mainValues(p.plan.recipe, p.station).map(({ step, param, label }) => {
          const spec = kindOf(step.kind).params[param];
          const value = paramOf(step, param);
          return spec ? (
            <ParamField
              key={`${step.id}.${param}`}
              spec={spec}
              label={label}
              value={value}
              kit={p.kit}
              units={p.units}
              onChange={set(step.id, param)}
            />
          ) : null;
        })}
      </div>
      {fact && (
        <p className="mt-2">
          <span className="small quiet block">{fact.label}</span>
          <span className="num" data-fact={p.station}>
            {fact.text}
          </span>
        </p>
      )}
    </>
  );
}
