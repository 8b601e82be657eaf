import { readNote } from '../store/kit';
import { useLive } from '../live/live';
import { openRealm } from '../store/realm';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';
import { now } from '../clock';

const STALE_MS = 12 * 3600_000;

/** Says quietly that this is the demo, and how to leave it. */
export function DemoBanner() {
  const seeded = useLive(['seededAt'], () => readNote<number>('seededAt')).data;
  const write = useWrite();
  const stale = typeof seeded === 'number' && now() - seeded > STALE_MS;
  const again = (): void => write.run('the demo', async () => (await import('../demo/lay')).layDemo(now()));
  return (
    <div
      className="flex flex-wrap items-center gap-x-5 gap-y-1 px-5 py-1.5 print:hidden"
      style={{ background: 'var(--water-soft)' }}
    >
      <p className="small">
        <b>Demo kitchen.</b>{' '}
        <span className="max-wide:hidden">A shared kitchen on a hill, invented to look around in.</span>
        {stale && ' It was laid out some time ago, so its jars are old.'}
      </p>
      {stale && (
        <button type="button" className="link small" onClick={again}>
          Lay it out afresh
        </button>
      )}
      <button type="button" className="link small" onClick={() => void openRealm('kitchen')}>
        Leave it, open my own kitchen
      </button>
      <NotSaved of={write} />
    </div>
  );
}
