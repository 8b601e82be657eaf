import type { Kit } from '@ironpan/core/kitchen';
import { MATERIALS } from '@ironpan/core/materials';
import { NumberField } from '../ui/NumberField';
import { TextField } from '../ui/TextField';
import { useMaterials } from '../live/useOwn';

interface PricesProps {
  readonly kit: Kit;
  readonly onChange: (f: (k: Kit) => Kit) => void;
}
/** What this kitchen pays; where nothing is typed the usual price counts, shown pale. */
export function Prices({ kit, onChange }: PricesProps) {
  const own = useMaterials() ?? [];
  const all = [...own.map((m) => m.material), ...MATERIALS.filter((m) => !m.id.endsWith('-cooked'))];
  return (
    <section aria-label="Prices" className="plate p-4">
      <h2 className="mb-2 text-xl">Prices</h2>
      <div className="mb-2 w-24">
        <TextField
          label="currency"
          value={kit.currency}
          most={8}
          onChange={(currency) => onChange((k) => ({ ...k, currency }))}
        />
      </div>
      <details>
        <summary className="cursor-pointer">Foods, by the kilogram</summary>
        <div className="mt-2 grid gap-x-4 gap-y-2 sm:grid-cols-2 wide:grid-cols-3">
          {all.map((m) => (
            <NumberField
              key={m.id}
              label={m.name}
              value={kit.prices[m.id] ?? m.pricePerKg}
              unit={kit.currency}
              low={0}
              high={10_000}
              {...(kit.prices[m.id] === undefined ? { hint: 'usual' } : {})}
              onChange={(v) => onChange((k) => ({ ...k, prices: { ...k.prices, [m.id]: v } }))}
            />
          ))}
        </div>
      </details>
    </section>
  );
}
