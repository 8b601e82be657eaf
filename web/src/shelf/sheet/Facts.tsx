import { solidsOf } from '@ironpan/core/steps';
import { grams, iceText, jarCode, join, layersText, percent, PLACE_WORDS, TREATMENT_WORDS } from '@ironpan/core/words';
import { plain } from '@ironpan/core/units';
import { fullDate } from '../../ui/times';
import { amountLeft, timeLeft } from '../../live/say';
import type { ShelfJar } from '../../live/shelf';

/** What it is, where it stands and how long it has. */
export function Facts({ j }: { readonly j: ShelfJar }) {
  return (
    <dl>
      <Line label="Left" text={amountLeft(j)} />
      {j.jar.vessel !== '' && <Line label="In" text={`${j.jar.vessel}${j.jar.glass ? ', glass' : ''}`} />}
      {j.now.mixedWith.length > 0 && <Line label="Poured in" text={j.now.mixedWith.join('; ')} />}
      <Line label="State" text={TREATMENT_WORDS[j.now.treatment]} />
      <Line label="Filled" text={fullDate(j.jar.filledAt)} />
      <Line label="Stands" text={`${PLACE_WORDS[j.now.place]}, ${plain(j.now.placeC, 1)} °C`} />
      {!j.now.flour && <UseBy j={j} />}
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
/** The one instant at which its time ends, and how long that is from now. */
function UseBy({ j }: { readonly j: ShelfJar }) {
  const { keep, useBy, place, done } = j.now;
  if (useBy === null || !keep || keep.s <= 0) return <Line label={done ? 'Use by' : 'Boil by'} text={timeLeft(j)} />;
  const label = !done ? 'Boil by' : place === 'freezer' ? 'Move to the fridge by' : 'Use by';
  return <Line label={label} text={`${fullDate(useBy)} (${timeLeft(j)} left)`} />;
}
/** A fact and its figure. */
export function Line({ label, text }: { readonly label: string; readonly text: string }) {
  return (
    <div className="rowline flex justify-between gap-3 py-1">
      <dt className="max-w-1/2 shrink-0">{label}</dt>
      <dd className="num text-right">{text}</dd>
    </div>
  );
}
