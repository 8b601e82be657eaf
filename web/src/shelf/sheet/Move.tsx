import { freezesUpToMl, JAR_PLACES, jarNow } from '@ironpan/core/batch';
import type { JarPlace } from '@ironpan/core/batch';
import { FREEZER_C } from '@ironpan/core/steps';
import { duration, join, millilitres, PLACE_WORDS, roughly, uncooledText, upper } from '@ironpan/core/words';
import { useState } from 'react';
import { useNow } from '../../clock';
import { useLive } from '../../live/live';
import { useKit } from '../../live/useKitchen';
import { fridgeLog } from '../../store/jars';
import { NumberField } from '../../ui/NumberField';
import type { ShelfJar } from '../../live/shelf';
import { Foot } from './Foot';
import { useSay } from './useSay';

interface MoveProps {
  readonly j: ShelfJar;
  readonly onDone: () => void;
  readonly onPourOver: () => void;
}
/** Where it is put, and how long it would have there: told before it is pressed. */
export function Move({ j, onDone, onPourOver }: MoveProps) {
  const at = useNow();
  const kit = useKit();
  const fridge = useLive(['fridge'], fridgeLog).data;
  const { say, write } = useSay(j);
  const [eachG, setEach] = useState<number | null>(null);
  const [roomC, setRoomC] = useState<number | null>(null);
  if (!kit || !fridge) return null;
  const warm = roomC ?? kit.roomC;
  const placeC: Readonly<Record<JarPlace, number | null>> = { fridge: null, freezer: FREEZER_C, room: warm, bag: warm };
  const there = (place: JarPlace) => {
    const line = { is: 'moved', place, placeC: placeC[place], id: 'asked', jar: j.jar.id, seq: 1e15, at } as const;
    // A moment later, so that the place counts.
    return jarNow(j.jar, [...j.events, line], j.batch, fridge, at + 1000).keep?.s ?? null;
  };
  return (
    <>
      <div className="mb-3 max-w-60">
        <NumberField label="room or bag" value={warm} unit="°C" low={0} high={45} onChange={setRoomC} />
      </div>
      <ul className="flex flex-col gap-2">
        {JAR_PLACES.map((place) => {
          const left = there(place);
          const here = place === j.now.place;
          return (
            <li key={place} className="rowline pb-2">
              <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
                <span className="min-w-0">
                  <b>{upper(PLACE_WORDS[place])}</b>
                  <span className="quiet">
                    {' '}
                    · {left === null ? '' : left <= 0 ? 'no time left' : `${join(roughly(left))} left there`}
                  </span>
                </span>
                <button
                  type="button"
                  data-once
                  className="btn btn-outline btn-lg min-w-40"
                  disabled={here}
                  onClick={() =>
                    say(
                      {
                        is: 'moved',
                        place,
                        placeC: placeC[place],
                        ...(place === 'freezer' && eachG !== null && { eachG }),
                      },
                      `${upper(PLACE_WORDS[place])} now.`,
                      onDone,
                    )
                  }
                >
                  {here ? 'It is there' : 'Put it there'}
                </button>
              </div>
              {place === 'room' && left !== null && <p className="small mt-1">{uncooledText(left, j.now.treatment)}</p>}
              {place === 'freezer' && (
                <>
                  {toFreeze(j) !== null && (
                    <p className="alert alert-warning mt-1">
                      {toFreeze(j)}{' '}
                      <button type="button" className="link" onClick={onPourOver}>
                        Pour it over
                      </button>
                    </p>
                  )}
                  <div className="small mt-1">
                    {j.pulp && (
                      <NumberField
                        label="in bricks of, if you like"
                        value={eachG}
                        unit="g"
                        low={10}
                        high={Math.max(10, Math.floor(j.now.leftG))}
                        onChange={setEach}
                      />
                    )}
                    Two months at most; thaw it in the fridge, about {join(duration(24 * 3600))}, and shake it.
                  </div>
                </>
              )}
            </li>
          );
        })}
      </ul>
      <Foot write={write} keep={null} onBack={onDone} />
    </>
  );
}

/** What stands against freezing it as it is: glass, or too little room for the ice, which is a twelfth more; null: nothing. */
function toFreeze(j: ShelfJar): string | null {
  if (j.jar.glass) return 'This is glass: it cracks in the freezer.';
  const most = freezesUpToMl({ vesselMl: j.jar.vesselMl, stream: j.now.stream });
  return j.now.leftMl > most + 0.5
    ? `Ice needs room: ${join(millilitres(Math.floor(most)))} at most in this one, ${join(millilitres(j.now.leftMl - most))} must come out.`
    : null;
}
