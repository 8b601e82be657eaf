import { jarNow } from '@ironpan/core/batch';
import type { JarHappening } from '@ironpan/core/batch';
import { boilsAtC, splitsAtBoil } from '@ironpan/core/steps';
import { celsius, duration, heatedText, join } from '@ironpan/core/words';
import { MINUTE_S } from '@ironpan/core/units';
import { useState } from 'react';
import { now } from '../../clock';
import { useLive } from '../../live/live';
import { fridgeLog } from '../../store/jars';
import type { ShelfJar } from '../../live/shelf';
import { ChoiceButtons } from '../../ui/ChoiceButtons';
import { NumberField } from '../../ui/NumberField';
import { Foot } from './Foot';
import { useSay } from './useSay';

interface HeatedProps {
  readonly j: ShelfJar;
  readonly onDone: () => void;
}
/** Cooler than this is not heating, °C. */
const COOLEST_C = 30;
const USUAL_C = 75;
const HOURS_4_MIN = 240;

/** The cook has heated or boiled what is in a jar: how hot, how long, and what that does to its time. */
export function Heated({ j, onDone }: HeatedProps) {
  const boilC = boilsAtC(j.batch.kit);
  const [how, setHow] = useState<'heated' | 'boiled'>('heated');
  const [toC, setToC] = useState(Math.min(USUAL_C, Math.floor(boilC)));
  const [min, setMin] = useState<number | null>(null);
  const fridge = useLive(['fridge'], fridgeLog).data;
  const { say, write } = useSay(j);
  if (!fridge) return null;
  const forS = (min ?? 0) * MINUTE_S;
  const what: JarHappening = how === 'boiled' ? { is: 'boiled', forS } : { is: 'heated', toC, holdS: forS };
  const at = now();
  const line = { ...what, id: 'asked', jar: j.jar.id, seq: 1e15, at };
  const after = min === null ? null : jarNow(j.jar, [...j.events, line], j.batch, fridge, at + 1000);
  const told = how === 'boiled' ? `Boiled for ${join(duration(forS))}.` : `Heated to ${join(celsius(toC))}.`;
  return (
    <>
      <ChoiceButtons
        large
        label="How you heated it"
        options={[
          ['heated', 'I heated it'],
          ['boiled', 'I boiled it'],
        ]}
        chosen={how}
        onChoose={setHow}
      />
      {how === 'boiled' && splitsAtBoil(j.now.stream, j.now.foods) && (
        <p className="alert alert-warning mb-3" role="note">
          This milk is so rich that it splits at the boil. Heat it gently instead.
        </p>
      )}
      <div className="mb-3 flex flex-wrap gap-4">
        {how === 'heated' && (
          <NumberField
            big
            label="How hot it was"
            value={toC}
            unit="°C"
            low={COOLEST_C}
            high={Math.floor(boilC)}
            highWhy="Water boils at that here."
            onChange={setToC}
          />
        )}
        <NumberField
          big
          label={how === 'heated' ? 'How long it stayed so hot' : 'How long it boiled'}
          value={min}
          unit="min"
          low={0}
          high={HOURS_4_MIN}
          onChange={setMin}
        />
      </div>
      <p className="alert alert-info mb-3" role="status">
        {after ? heatedText(j.now, after) : 'Type the minutes, counted from when it was so hot.'}
      </p>
      <Foot
        write={write}
        keep={how === 'boiled' ? 'Record the boil' : 'Record the heating'}
        disabled={min === null}
        onKeep={() => say(what, told, onDone)}
        onBack={onDone}
      />
    </>
  );
}
