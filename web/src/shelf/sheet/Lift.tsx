import { plain } from '@ironpan/core/units';
import { grams, join, percent } from '@ironpan/core/words';
import { useState } from 'react';
import { now } from '../../clock';
import { liftCap, takePouringBack } from '../../store/decant';
import type { PouredOver } from '../../store/decant';
import { NumberField } from '../../ui/NumberField';
import { putBack, tell } from '../../ui/toast';
import type { ShelfJar } from '../../live/shelf';
import { Foot } from './Foot';
import { useSay } from './useSay';

/** The set cap of fat lifted off: weighed if there is a scale, else as it is worked out. */
export function Lift({ j, onDone }: { readonly j: ShelfJar; readonly onDone: () => void }) {
  const [weighed, setWeighed] = useState<number | null>(null);
  const { say, write } = useSay(j);
  const [keeps, setKeeps] = useState(true);
  const set = j.now.capSetsBelowC;
  const lifted = (p: PouredOver): void => {
    tell(
      'The cap is lifted.',
      putBack('that', () => takePouringBack(p, now()), 'Take it back'),
    );
    onDone();
  };
  return (
    <>
      <p className="mb-3">
        {set !== null &&
          `Its fat sets below about ${plain(set)} °C: lift the cap off whole, let it drip. Weighed, it says how rich it is.`}
      </p>
      <div className="mb-3">
        <NumberField
          label="the cap weighs, if you weighed it"
          value={weighed}
          unit="g"
          low={1}
          high={Math.floor(j.now.leftG)}
          highWhy="It cannot weigh more than what was in the jar."
          onChange={setWeighed}
        />
      </div>
      <label className="mb-3 flex min-h-11 cursor-pointer items-center gap-2">
        <input type="checkbox" className="checkbox" checked={keeps} onChange={(e) => setKeeps(e.target.checked)} />
        keep the cap: it stands on the shelf as a jar of its own
      </label>
      <Foot
        write={write}
        keep="It is lifted"
        onKeep={() =>
          keeps
            ? write.run('that the cap is lifted', () => liftCap(j.jar.id, weighed, now()), lifted)
            : say({ is: 'lifted', capG: weighed }, 'The cap is lifted.', onDone)
        }
        onBack={onDone}
      />
    </>
  );
}

/** What the cap and the rest weigh and hold. */
export function LiftedText({ j }: { readonly j: ShelfJar }) {
  const l = j.now.lifted;
  if (!l) return null;
  return (
    <p className="mt-3">
      Its cap was lifted: <span className="num">{join(grams(l.capG))}</span> of{' '}
      <span className="num">{join(percent(l.capFat))}</span> fat, with{' '}
      <span className="num">{join(percent(l.ofFat))}</span> of all its fat; the milk left is{' '}
      <span className="num">{join(grams(l.restG))}</span> of <span className="num">{join(percent(l.restFat))}</span>{' '}
      fat. An estimate.
    </p>
  );
}
