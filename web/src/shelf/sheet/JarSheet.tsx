import { duration, grams, iceText, join, milkOf, thawAheadText, upper, usesText } from '@ironpan/core/words';
import { saysTurned } from '@ironpan/core/batch';
import { isPulp } from '@ironpan/core/kitchen';
import { useState } from 'react';
import { Link } from 'react-router';
import { Barred, JarShape, Stamp, TubShape } from '../../drawings/Jar';
import { foodStyle } from '../../drawings/foodStyle';
import { now } from '../../clock';
import { takeBack } from '../../store/jars';
import { Dialog } from '../../ui/Dialog';
import { Looks } from '../../ui/Looks';
import { NotSaved } from '../../ui/NotSaved';
import { tell } from '../../ui/toast';
import { useWrite } from '../../ui/useWrite';
import { printLabels } from '../labels/print';
import { roleInJar } from '../../live/shelf';
import type { ShelfJar } from '../../live/shelf';
import { Ahead } from './Ahead';
import type { Doing } from '../../live/doings';
import { Dry } from './Dry';
import { Facts } from './Facts';
import { Look } from './Look';
import { Heated } from './Heated';
import { Lift, LiftedText } from './Lift';
import { Move } from './Move';
import { Out } from './Out';
import { Pour } from './Pour';
import { PourOver } from './PourOver';
import { Throw } from './Throw';
import { TimeAccount } from './TimeAccount';
import { useSay } from './useSay';
import { Wrong } from './Wrong';
import type { Say } from './useSay';

const TITLES: Readonly<Record<Doing, string>> = {
  look: 'How is it?',
  pour: 'Pour out',
  out: 'It stood out for a while',
  move: 'Put it elsewhere',
  heat: 'Heated or boiled',
  lift: 'The cap lifted off',
  over: 'Pour it over',
  dry: 'Dry it in the oven',
  wrong: 'What is wrong?',
  throw: 'Thrown away',
};

interface JarSheetProps {
  readonly j: ShelfJar;
  /** What the sheet opens with; null: the jar itself. */
  readonly begin: Doing | null;
  readonly onClose: () => void;
}
/** One jar: what it is, how long it has and why, and everything that can happen to it, a press each. */
export function JarSheet({ j, begin, onClose }: JarSheetProps) {
  const [doing, setDoing] = useState<Doing | null>(begin);
  const back = (): void => setDoing(null);
  const raw = !j.now.done;
  const name = `${j.danger ? 'Not boiled enough: ' : raw ? 'Raw ' : ''}${j.name}, batch ${j.batch.number}`;
  return (
    <Dialog
      title={doing === null ? upper(name) : `${TITLES[doing]} · ${j.name}, batch ${j.batch.number}`}
      wide
      onClose={onClose}
    >
      {doing === null && <Whole j={j} onDo={setDoing} onClose={onClose} />}
      {doing === 'look' && <Look j={j} onDone={back} />}
      {doing === 'pour' && <Pour j={j} onDone={back} onEmpty={onClose} onLook={() => setDoing('look')} />}
      {doing === 'out' && <Out j={j} onDone={back} />}
      {doing === 'move' && <Move j={j} onDone={back} onPourOver={() => setDoing('over')} />}
      {doing === 'heat' && <Heated j={j} onDone={back} />}
      {doing === 'lift' && <Lift j={j} onDone={back} />}
      {doing === 'dry' && <Dry j={j} onDone={back} />}
      {doing === 'wrong' && <Wrong j={j} onDone={back} />}
      {doing === 'over' && <PourOver j={j} onDone={back} onEmpty={onClose} />}
      {doing === 'throw' && <Throw j={j} onDone={onClose} onBack={back} />}
    </Dialog>
  );
}

function Whole({
  j,
  onDo,
  onClose,
}: {
  readonly j: ShelfJar;
  readonly onDo: (d: Doing) => void;
  readonly onClose: () => void;
}) {
  const { say, write } = useSay(j);
  const label = useWrite();
  const { boilS } = j.now;
  const raw = !j.now.done;
  const gone = j.now.turned || (j.tone === 'past' && !raw);
  return (
    <>
      <div className="grid gap-x-5 gap-y-2 sm:grid-cols-[9rem_minmax(0,1fr)]" style={foodStyle(milkOf(j.batch.recipe))}>
        <Drawn j={j} />
        <div>
          {j.now.turned ? (
            <div className="alert alert-error mb-3">
              <p>A check found that it has gone off. Throw it away. Heat does not make it good again.</p>
              <button
                type="button"
                data-once
                className="btn btn-outline mt-2"
                onClick={() =>
                  write.run(
                    'that the check was a mistake',
                    () => takeBack(j.jar.id, goneOffChecks(j), now()),
                    () => tell('The check no longer counts.'),
                  )
                }
              >
                I said that by mistake
              </button>
            </div>
          ) : (
            j.tone === 'past' &&
            !raw && (
              <p className="alert alert-error mb-3">
                It is past its time. Smell and looks do not show every germ: throw it away.
              </p>
            )
          )}
          {j.now.ice && (
            <p className="alert alert-info mb-3">
              {upper(iceText(j.now.ice))}. You can pour it once it is liquid.{' '}
              {j.now.ice.liquidInS === null && thawAheadText(j.now.ice)}
            </p>
          )}
          <Facts j={j} />
        </div>
      </div>
      <NotSaved of={write} />
      <NotSaved of={label} />
      {raw && (
        <div className="alert alert-error my-3">
          <p>
            {j.pulp
              ? `This pulp is raw: do not eat it. Boil it ${join(duration(boilS))} from the true boil first; drying is not cooking.`
              : `By what was recorded this has not been boiled enough: do not drink it. It still needs ${join(duration(boilS))} at the true boil, in a pot no more than two thirds full, stirring.`}
          </p>
          <button
            type="button"
            data-once
            className="btn btn-outline mt-2"
            onClick={() => say({ is: 'boiled', forS: boilS }, `Boiled ${join(duration(boilS))}.`)}
          >
            I have boiled it {join(duration(boilS))}
          </button>
        </div>
      )}
      <div className="my-3 grid grid-cols-2 gap-2 wide:grid-cols-3">
        <Act onClick={() => onDo('look')} main={!raw && !gone}>
          How is it?
        </Act>
        {!raw && !j.pulp && !j.now.ice && j.tone !== 'past' && <Act onClick={() => onDo('pour')}>Pour out</Act>}
        {!raw && !j.now.turned && (
          <Act onClick={() => say({ is: 'finished' }, `${j.name} finished.`, onClose)}>Finished, all used</Act>
        )}
        {!raw && !gone && <Act onClick={() => say({ is: 'given' }, `${j.name} given away.`, onClose)}>Given away</Act>}
        <Act onClick={() => onDo('out')}>It stood out</Act>
        <Act onClick={() => onDo('move')}>Put it elsewhere</Act>
        {!j.now.ice && j.tone !== 'past' && <Act onClick={() => onDo('over')}>Pour it over</Act>}
        {!j.now.ice && !j.now.flour && <Act onClick={() => onDo('heat')}>I heated it</Act>}
        <Act onClick={() => label.run('its label', () => printLabels([j], { sheet: false }))}>Its label</Act>
        {!raw && isPulp(j.now.stream) && !j.now.flour && <Act onClick={() => onDo('dry')}>Dry it</Act>}
        {j.now.bricks !== null && (
          <Act
            onClick={() => takeBrick(j, say)}
          >{`Take out ${join(grams(Math.min(j.now.bricks.eachG, j.now.leftG)))}`}</Act>
        )}
        {mendable(j) && <Act onClick={() => onDo('wrong')}>Something is wrong</Act>}
        {capIsSet(j) && <Act onClick={() => onDo('lift')}>Lift the cap</Act>}
        <Act onClick={() => onDo('throw')} main={gone}>
          Thrown away
        </Act>
      </div>
      {j.pulp && <p className="mt-2">{usesText(roleInJar(j.jar), j.now, j.batch.recipe)}</p>}
      <LiftedText j={j} />
      <TimeAccount j={j} />
      {!j.pulp && <Ahead j={j} />}
      {j.now.looks.length > 0 && (
        <section aria-label="Looks" className="mt-4">
          <h3 className="mb-1 text-lg">Looks</h3>
          <Looks looks={j.now.looks} jar={j.jar} batch={j.batch} />
        </section>
      )}
      <p className="quiet small mt-4">
        <Link className="underline" to={`/book/${j.batch.id}`} onClick={onClose}>
          {j.batch.name}, in the book
        </Link>{' '}
        · Times are a guide, never beyond the usual caps; your local food-safety authority decides.
      </p>
    </>
  );
}
/** The checks that found it gone off. */
const goneOffChecks = (j: ShelfJar): readonly string[] =>
  j.now.looks.flatMap((l) => (saysTurned(l.look) ? [l.id] : []));
/** Milk to be drunk: raw, turned, past or frozen it is not for the glass. */
const mendable = (j: ShelfJar): boolean =>
  j.now.done && !j.pulp && !j.now.ice && !j.now.turned && j.tone !== 'past' && j.now.place !== 'freezer';
/** There is a cap, and it is cold enough to be lifted off. */
function capIsSet(j: ShelfJar): boolean {
  const { capSetsBelowC, placeC } = j.now;
  return capSetsBelowC !== null && placeC <= capSetsBelowC && (j.layers ?? []).some((l) => l.kind === 'cream');
}
/** One brick out of the freezer: so much less is in it. */
function takeBrick(j: ShelfJar, say: Say): void {
  const { bricks, leftG, leftMl } = j.now;
  if (!bricks) return;
  if (bricks.n <= 1) say({ is: 'finished' }, 'The last one is out.');
  else say({ is: 'poured', ml: (leftMl * bricks.eachG) / leftG }, 'One is out of the freezer.');
}
interface ActProps {
  readonly onClick: () => void;
  readonly main?: boolean;
  readonly children: string;
}
const Act = ({ onClick, main = false, children }: ActProps) => (
  <button type="button" data-once className={`btn btn-lg ${main ? 'btn-primary' : 'btn-outline'}`} onClick={onClick}>
    {children}
  </button>
);

const W = 120;
const H = 190;
function Drawn({ j }: { readonly j: ShelfJar }) {
  const share = Math.min(1, j.now.leftMl / Math.max(1, j.jar.vesselMl));
  return (
    <svg
      width={W + 16}
      height={j.pulp ? 84 : H + 10}
      viewBox={`-8 -8 ${W + 16} ${j.pulp ? 84 : H + 10}`}
      aria-hidden="true"
      className="mx-auto block"
    >
      {j.pulp ? (
        <TubShape width={W} height={72} share={Math.min(0.92, share)} fill="var(--pulp)" />
      ) : (
        <JarShape
          width={W}
          height={H}
          share={share}
          fill="var(--milk)"
          {...(j.layers ? { layers: j.layers } : {})}
          seen={j.now.seenLayers !== null}
          ajar={j.now.hygiene === 'touched'}
        />
      )}
      {j.danger && <Barred width={W} height={H} />}
      {j.stamp && <Stamp width={W} y={j.pulp ? 40 : H * 0.55} word={j.stamp.word} stop={j.stamp.stop} size={17} />}
    </svg>
  );
}
