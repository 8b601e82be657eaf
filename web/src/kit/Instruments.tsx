import { useQuery } from '@tanstack/react-query';
import { INSTRUMENTS } from '@ironpan/core/instruments';
import type { Instrument } from '@ironpan/core/instruments';
import { useLive } from '../live/live';
import { keepPaired, readPaired, standInsHere } from '../store/paired';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';

interface Found {
  readonly id: Instrument;
  readonly name: string;
}
const WHAT: Readonly<Record<Instrument, string>> = {
  scale: 'weighs what you pour and what comes through, in steps of 5 g',
  probe: 'stands in the pot, the bowl or the bath',
  fridge: 'lies in the fridge',
  plug: 'tells when the jug turns',
};
/** Who answers; the server tells, and without it there is nobody. */
async function discover(): Promise<readonly Found[]> {
  const r = await fetch('/bench-api/instruments');
  if (!r.ok) return [];
  const all: unknown = await r.json();
  return Array.isArray(all) ? all.filter((x): x is Found => INSTRUMENTS.includes((x as Found).id)) : [];
}
/** The instruments that ship with Ironpan: found, and paired with this kitchen to practise with. */
export function Instruments() {
  const found = useQuery({ queryKey: ['instruments'], queryFn: discover, retry: false, networkMode: 'always' });
  const paired = useLive(['paired'], readPaired).data;
  const write = useWrite();
  if (!standInsHere()) return null;
  return (
    <section aria-label="Instruments" className="plate p-4">
      <h2 className="mb-1 text-xl">Instruments</h2>
      <p className="quiet mb-2">
        Simulated ones, to practise with: they follow what runs on the bench, with the noise and the gaps of real ones.
        Paired, they show there what they tell; scale and probe write it down.
      </p>
      {(found.data ?? []).map((i) => (
        <label key={i.id} className="flex min-h-14 cursor-pointer items-center gap-3">
          <input
            type="checkbox"
            className="checkbox"
            checked={paired?.includes(i.id) ?? false}
            onChange={(e) => {
              const on = e.target.checked;
              write.run('which are paired', () => keepPaired(i.id, on));
            }}
          />
          <span>
            {i.name}
            <span className="quiet small block">{WHAT[i.id]}</span>
          </span>
        </label>
      ))}
      {(found.isError || found.data?.length === 0) && (
        <p className="alert alert-info" role="status">
          None answers: the server of this address is not there. Everything works by hand.{' '}
          <button type="button" className="link" onClick={() => void found.refetch()}>
            Look again
          </button>
        </p>
      )}
      <NotSaved of={write} />
    </section>
  );
}
