import { KIT_SCALARS, KIT_SPECS } from '@ironpan/core/kitchen';
import { COOLING_LIMITS } from '@ironpan/core/steps';
import { boilingC } from '../ui/boiling';
import { NumberField } from '../ui/NumberField';
import { Loading } from '../ui/State';
import { TextField } from '../ui/TextField';
import { plain } from '@ironpan/core/units';
import { NotSaved } from '../ui/NotSaved';
import { FunnelPart } from './FunnelPart';
import { Instruments } from './Instruments';
import { NearInstruments } from './NearInstruments';
import { Preferences } from './Preferences';
import { OwnFoods } from './OwnFoods';
import { Prices } from './Prices';
import { Taught } from './Taught';
import { WordsTaught } from './WordsTaught';
import { Things } from './Things';
import { useKitEdit } from './useKitEdit';
import { RecentFaults } from './RecentFaults';
import { YourData } from './YourData';

const UNIT: Readonly<Record<string, string>> = { m: 'm', C: '°C', ml: 'ml' };
const unitOf = (unit: string, currency: string): string => (unit === 'price' ? currency : (UNIT[unit] ?? ''));

/** My kitchen: all that the reckoning uses of it, with usual values to begin from. */
export function KitPage() {
  const { kit, change, unsaved } = useKitEdit();
  if (!kit) return <Loading />;
  return (
    <div className="mx-auto max-w-[84rem] px-4 py-5 wide:px-5">
      <h1 className="mb-1 text-3xl">Kit</h1>
      <p className="quiet mb-4">
        Usual values stand here until you change them. Every plan is worked out with them; a batch keeps those it began
        with.
      </p>
      <NotSaved of={unsaved} />
      <div className="grid grid-cols-[minmax(0,1fr)] items-start gap-4 wide:grid-cols-[20rem_minmax(0,1fr)]">
        <div className="flex flex-col gap-4">
          <section aria-label="The kitchen" className="plate flex flex-col gap-3 p-4">
            <h2 className="text-xl">The kitchen</h2>
            <TextField label="name" value={kit.name} most={80} onChange={(name) => change((k) => ({ ...k, name }))} />
            {KIT_SCALARS.map((key) => {
              const s = KIT_SPECS[key];
              return (
                <NumberField
                  key={key}
                  label={s.label}
                  value={kit[key]}
                  unit={unitOf(s.unit, kit.currency)}
                  low={s.low}
                  high={s.high}
                  {...(key === 'altitudeM' ? { hint: `water boils at ${plain(boilingC(kit), 1)} °C` } : {})}
                  onChange={(v) => change((k) => ({ ...k, [key]: v }))}
                />
              );
            })}
            {kit.fridgeC > COOLING_LIMITS.endC && (
              <p className="alert alert-warning small">
                Above {COOLING_LIMITS.endC} °C milk keeps much shorter. Set the fridge colder, and measure it with a
                thermometer.
              </p>
            )}
          </section>
          <Preferences />
          <Instruments />
          <NearInstruments />
        </div>
        <div className="flex flex-col gap-4">
          <Things kit={kit} onChange={change} />
          <Taught kit={kit} />
          <WordsTaught />
          <OwnFoods />
          <FunnelPart kit={kit} onChange={change} />
          <Prices kit={kit} onChange={change} />
          <YourData />
          <RecentFaults />
          <p className="small quiet">
            <a className="link" href="/licences.md" target="_blank" rel="noreferrer">
              Licences of the libraries and fonts in Ironpan
            </a>
          </p>
        </div>
      </div>
    </div>
  );
}
