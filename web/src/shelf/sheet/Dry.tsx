import { dryingOf } from '@ironpan/core/batch';
import { duration, grams, join } from '@ironpan/core/words';
import { useState } from 'react';
import { NumberField } from '../../ui/NumberField';
import type { ShelfJar } from '../../live/shelf';
import { Foot } from './Foot';
import { useSay } from './useSay';

/** Longer than this wet pulp moulds before it is dry, s (common practice). */
const MOULDS_AFTER_S = 12 * 3600;
/** Boiled pulp to flour: how long in this oven, in this layer, and how much there will be; weighed, if there is a scale. */
export function Dry({ j, onDone }: { readonly j: ShelfJar; readonly onDone: () => void }) {
  const { say, write } = useSay(j);
  const [ovenC, setOven] = useState(90);
  const [layerCm, setLayer] = useState(1);
  const [flourG, setFlour] = useState<number | null>(null);
  const dry = dryingOf(j.now.stream, { ovenC, layerCm }, j.batch);
  return (
    <>
      <div className="mb-3 flex flex-wrap items-end gap-3">
        <NumberField label="oven" value={ovenC} unit="°C" low={50} high={120} onChange={setOven} />
        <NumberField label="layer" value={layerCm} unit="cm" low={0.3} high={4} onChange={setLayer} />
      </div>
      <div className={`alert my-3 ${dry.dryS > MOULDS_AFTER_S ? 'alert-warning' : 'alert-info'}`} role="status">
        About {join(duration(dry.dryS))} until it can be rubbed to flour, stirred now and then; about{' '}
        {join(grams(dry.flourG))} of it, on {Math.ceil(dry.trayM2 * 10_000)} cm² of tray. An estimate.
        {dry.dryS > MOULDS_AFTER_S && ' That is too slow: it moulds before it is dry. Thinner, or hotter.'}
      </div>
      <div className="mb-3">
        <NumberField
          label="the flour weighs, if you weighed it"
          value={flourG}
          unit="g"
          low={1}
          high={Math.floor(j.now.leftG)}
          highWhy="It cannot weigh more than the wet pulp did."
          onChange={setFlour}
        />
      </div>
      <Foot
        write={write}
        keep="It is dry"
        disabled={dry.dryS > MOULDS_AFTER_S}
        onKeep={() => say({ is: 'dried', ovenC, layerCm, flourG }, 'It is flour now.', onDone)}
        onBack={onDone}
      />
    </>
  );
}
