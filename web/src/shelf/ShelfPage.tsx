import { plain } from '@ironpan/core/units';
import { useState } from 'react';
import { Link } from 'react-router';
import { useNow } from '../clock';
import { openRealm, realm } from '../store/realm';
import { countBatches } from '../store/batches';
import { useLive } from '../live/live';
import { BrokenBatch } from '../ui/BrokenBatch';
import { useOpen } from '../live/running';
import { Loading } from '../ui/State';
import { useKit } from '../live/useKitchen';
import { Board } from './Board';
import { BrokenJar } from './BrokenJar';
import { Doing } from './Doing';
import { JarSheet } from './JarSheet';
import { Next } from './Next';
import { OnBoard } from './OnBoard';
import { Soaking } from './Soaking';
import { useShelf } from './useShelf';

/** What there is: milk in the fridge, pulp beside it, what stands soaking, and what to do next. */
export function ShelfPage() {
  const kit = useKit();
  const now = useNow();
  const shelf = useShelf(now);
  const bench = useOpen();
  const made = useLive(['made'], countBatches).data;
  const [chosen, setChosen] = useState<string | null>(null);
  if (!kit || !shelf || !bench || made === undefined) return <Loading />;
  const here = shelf.jars;
  const milk = here.filter((j) => !j.pulp);
  const pulp = here.filter((j) => j.pulp);
  const open = bench.running;
  const sheet = here.find((j) => j.jar.id === chosen);
  if (made === 0) return <EmptyKitchen />;
  return (
    <div className="mx-auto grid max-w-[84rem] gap-6 px-4 py-4 wide:grid-cols-[minmax(0,1fr)_20rem] wide:px-5">
      <div className="min-w-0">
        <h1 className="sr-only">Shelf</h1>
        {shelf.broken.map((j) => (
          <BrokenJar key={j.jar.id} j={j} />
        ))}
        {bench.broken.map((b) => (
          <BrokenBatch key={b.batch.id} b={b} />
        ))}
        <Board
          name={`Fridge ${plain(kit.fridgeC, 1)} °C · milk`}
          empty="No milk in the fridge."
          size={milk.length > 12 ? 'small' : 'large'}
        >
          {milk.map((j) => (
            <OnBoard key={j.jar.id} j={j} small={milk.length > 12} onOpen={() => setChosen(j.jar.id)} />
          ))}
        </Board>
        <Board name="Pulp and by-products" empty="No pulp kept." size="tub">
          {pulp.map((j) => (
            <OnBoard key={j.jar.id} j={j} small={false} onOpen={() => setChosen(j.jar.id)} />
          ))}
        </Board>
        <Soaking batches={open} now={now} roomC={kit.roomC} />
      </div>
      <aside className="flex flex-col gap-4">
        <Link to="/plan" className="btn btn-primary btn-lg text-lg!">
          Plan a milk
        </Link>
        <Next jars={here} batches={open} now={now} onOpen={setChosen} />
        <Doing jars={here} now={now} />
      </aside>
      {sheet && <JarSheet j={sheet} onClose={() => setChosen(null)} />}
    </div>
  );
}

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
          <button type="button" className="btn btn-outline btn-lg" onClick={() => openRealm('demo')}>
            Look around the demo
          </button>
        )}
      </div>
    </div>
  );
}
