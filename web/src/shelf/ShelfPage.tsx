import type { JarPlace } from '@ironpan/core/batch';
import { FREEZER_C } from '@ironpan/core/steps';
import { plain } from '@ironpan/core/units';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { useNow } from '../clock';
import { openRealm, realm } from '../store/realm';
import { countBatches } from '../store/book';
import { useLive } from '../live/live';
import { BrokenBatch } from '../ui/BrokenBatch';
import { useOpen } from '../live/running';
import { Loading } from '../ui/State';
import { useKit } from '../live/useKitchen';
import { Board } from './Board';
import { BrokenJar } from './BrokenJar';
import { WhatLasts } from './lasting/WhatLasts';
import { Doing } from './Doing';
import { FridgePart } from './fridge/FridgePart';
import { JarSheet } from './sheet/JarSheet';
import { DOINGS } from '../live/doings';
import type { Doing as SheetDoing } from '../live/doings';
import { GoneJar } from './GoneJar';
import { inJarOrder } from './jarOrder';
import type { JarOrder } from './jarOrder';
import { Next } from './Next';
import { OnBoard } from './OnBoard';
import { Soaking } from './Soaking';
import { Tools } from './Tools';
import { useShelf } from '../live/shelf';
import type { ShelfJar } from '../live/shelf';

/** What there is: milk in the fridge, pulp beside it, what stands soaking, and what to do next. */
export function ShelfPage() {
  const kit = useKit();
  const now = useNow();
  const shelf = useShelf(now);
  const bench = useOpen();
  const made = useLive(['made'], countBatches).data;
  const [order, setOrder] = useState<JarOrder>('left');
  const [asked, ask] = useSearchParams();
  if (!kit || !shelf || !bench || made === undefined) return <Loading />;
  if (made === 0) return <EmptyKitchen />;
  const here = shelf.jars;
  const milk = inJarOrder(
    here.filter((j) => !j.pulp),
    order,
  );
  const pulp = here.filter((j) => j.pulp);
  const open = bench.running;
  // The sheet is part of the address: it can be linked to, and the way back closes it.
  const sheet = here.find((j) => j.jar.id === asked.get('jar'));
  const gone = sheet ? null : asked.get('jar');
  const openJar = (jar: string, begin: SheetDoing | null = null): void =>
    ask(begin === null ? { jar } : { jar, do: begin });
  const size = milk.length > 12 ? 'small' : 'large';
  const at = (place: JarPlace): readonly ShelfJar[] => milk.filter((j) => j.now.place === place);
  return (
    <div className="shelf-page mx-auto grid max-w-[84rem] gap-x-6 gap-y-4 px-4 py-4 wide:px-5">
      <div className="min-w-0 [grid-area:boards]">
        <h1 className="sr-only">Shelf</h1>
        {shelf.broken.map((j) => (
          <BrokenJar key={j.jar.id} j={j} />
        ))}
        {bench.broken.map((b) => (
          <BrokenBatch key={b.batch.id} b={b} />
        ))}
        {gone !== null && <GoneJar key={gone} id={gone} onClose={() => ask({}, { replace: true })} />}
        <Tools jars={here} order={milk.length > 6 ? order : null} onOrder={setOrder} onOpen={openJar} />
        <Board name={`Fridge ${plain(kit.fridgeC, 1)} °C · milk`} empty="No milk in the fridge." size={size}>
          {at('fridge').map((j) => (
            <OnBoard key={j.jar.id} j={j} size={size} onOpen={() => openJar(j.jar.id)} />
          ))}
        </Board>
        {OTHER_BOARDS.map(
          ([place, name]) =>
            at(place).length > 0 && (
              <Board key={place} name={name} empty="" size={size}>
                {at(place).map((j) => (
                  <OnBoard key={j.jar.id} j={j} size={size} onOpen={() => openJar(j.jar.id)} />
                ))}
              </Board>
            ),
        )}
        <p className="quiet small -mt-3 mb-3">
          Hatched: as expected, nobody has looked yet. Press a jar to say how it is.
        </p>
        <Board name="Pulp and by-products" empty="No pulp kept." size="tub">
          {pulp.map((j) => (
            <OnBoard key={j.jar.id} j={j} size="tub" onOpen={() => openJar(j.jar.id)} />
          ))}
        </Board>
        <Soaking batches={open} now={now} roomC={kit.roomC} />
      </div>
      <aside className="flex flex-col gap-4 [grid-area:side]">
        <Link to="/plan" className="btn btn-primary btn-lg order-last text-lg! wide:order-first">
          Plan a milk
        </Link>
        <Next jars={here} batches={open} now={now} onOpen={openJar} />
      </aside>
      <div className="grid items-start gap-4 [grid-area:knows] wide:grid-cols-[minmax(0,1fr)_19rem]">
        <div className="flex min-w-0 flex-col gap-4">
          <WhatLasts />
          <FridgePart jars={here} now={now} />
        </div>
        <Doing jars={here} now={now} />
      </div>
      {sheet && (
        <JarSheet
          key={sheet.jar.id}
          j={sheet}
          begin={doingOf(asked.get('do'))}
          onClose={() => ask({}, { replace: true })}
        />
      )}
    </div>
  );
}
/** Boards that stand only while there is milk on them. */
const OTHER_BOARDS: readonly (readonly [JarPlace, string])[] = [
  ['freezer', `Freezer ${plain(FREEZER_C)} °C, milk`],
  ['room', 'On the counter, milk'],
  ['bag', 'In a bag, milk'],
];
const doingOf = (text: string | null): SheetDoing | null => DOINGS.find((d) => d === text) ?? null;

function EmptyKitchen() {
  return (
    <div className="mx-auto max-w-2xl px-4 py-12 text-center">
      <h1 className="mb-3 text-4xl">Your shelf is empty</h1>
      <p className="mb-6 text-lg">
        Say what the milk is for and choose a way of making it. Ironpan works out what you will get in your kitchen,
        takes you through it at the bench, and keeps the jars here with the time they have left.
      </p>
      <div className="flex flex-wrap justify-center gap-3">
        <Link to="/plan" className="btn btn-primary btn-lg">
          Plan a milk
        </Link>
        <Link to="/kit" className="btn btn-outline btn-lg">
          Describe my kitchen
        </Link>
        {realm() === 'kitchen' && (
          <button type="button" className="btn btn-outline btn-lg" onClick={() => void openRealm('demo')}>
            Look around the demo
          </button>
        )}
      </div>
    </div>
  );
}
