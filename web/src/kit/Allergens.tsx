import { ALLERGENS, isUnstated } from '@ironpan/core/materials';
import type { Material } from '@ironpan/core/materials';

interface AllergensProps {
  readonly m: Material;
  readonly onChange: (allergens: readonly string[]) => void;
}
/** Which allergens an own food holds: asked, never taken over from the food it is like. */
export function Allergens({ m, onChange }: AllergensProps) {
  const unstated = isUnstated(m);
  const has = unstated ? [] : m.allergens;
  const toggle = (id: string): void => onChange(has.includes(id) ? has.filter((a) => a !== id) : [...has, id]);
  return (
    <fieldset className="mt-2">
      <legend className="small quiet">Allergens it holds (EU and US lists)</legend>
      {unstated && (
        <p className="alert alert-warning mb-2" role="note">
          Tick the allergens, or press “None of these”. Until then labels say that they are not stated.
        </p>
      )}
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        {ALLERGENS.map(({ id }) => (
          <label key={id} className="flex min-h-8 items-center gap-1.5">
            <input type="checkbox" className="checkbox" checked={has.includes(id)} onChange={() => toggle(id)} />
            {id}
          </label>
        ))}
        <button
          type="button"
          className={`btn btn-sm ${!unstated && has.length === 0 ? 'btn-neutral' : 'btn-outline'}`}
          aria-pressed={!unstated && has.length === 0}
          onClick={() => onChange([])}
        >
          None of these
        </button>
      </div>
    </fieldset>
  );
}
