import { solidsOf } from '@ironpan/core/steps';
import { grams, iceText, jarCode, join, layersText, percent, PLACE_WORDS, TREATMENT_WORDS } from '@ironpan/core/words';
import { plain } from '@ironpan/core/units';
import { now } from '../../clock';
import { fullDate } from '../../ui/times';
import { amountLeft, timeLeft } from '../../live/say';
import type { ShelfJar } from '../../live/shelf';

/** What it is, where it stands and how long it has. */
export function Facts({ j }: { readonly j: ShelfJar }) {
  const raw = !j.now.done;
  return (
    <dl>
      <Line label="Left" text={amountLeft(j)} />
      {j.jar.vessel !== '' && <Line label="In" text={`${j.jar.vessel}${j.jar.glass ? ', glass' : ''}`} />}
      {j.now.mixedWith.length > 0 && <Line label="Poured in" text={j.now.mixedWith.join('; ')} />}
      <Line label="State" text={TREATMENT_WORDS[j.now.treatment]} />
      <Line label="Filled" text={fullDate(j.jar.filledAt)} />
      <Line label="Stands" text={`${PLACE_WORDS[j.now.place]}, ${plain(j.now.placeC, 1)} °C`} />
      {!j.now.flour && <Line label={raw ? 'To boil within' : 'Time left'} text={timeLeft(j)} />}
      {!raw && j.now.keep && j.now.keep.s > 0 && (
        <Line
          label={j.now.place === 'freezer' ? 'Move to the fridge by' : 'Use by'}
          text={fullDate(now() + j.now.keep.s * 1000)}
        />
      )}
      {j.now.ice && <Line label="Ice" text={iceText(j.now.ice)} />}
      <Line label="Code" text={jarCode(j.jar.id)} />
      {j.pulp && <Line label="Water in it" text={join(percent(1 - solidsOf(j.now.stream)))} />}
      {j.now.bricks && <Line label="In bricks" text={`${j.now.bricks.n} of ${join(grams(j.now.bricks.eachG))}`} />}
      {!j.pulp && <Line label="Still since" text={fullDate(j.now.stillSince)} />}
      {j.layers && (
        <Line label={j.now.seenLayers ? 'Layers, as seen' : 'Layers, expected'} text={layersText(j.layers)} />
      )}
    </dl>
  );
}
/** A fact and its figure. */
export function Line({ label, text }: { readonly label: string; readonly text: string }) {
  return (
    <div className="rowline flex justify-between gap-3 py-1">
      <dt>{label}</dt>
      <dd className="num text-right">{text}</dd>
    </div>
  );
}
