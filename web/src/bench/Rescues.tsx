import { everyStep, lastSeq } from '@ironpan/core/batch';
import type { Rescue } from '@ironpan/core/batch';
import { rescueDone, TROUBLE_NAMES } from '@ironpan/core/words';
import { now } from '../clock';
import type { Running } from '../live/running';
import { append } from '../store/batches';
import { NotSaved } from '../ui/NotSaved';
import { tell } from '../ui/toast';
import { useWrite } from '../ui/useWrite';
import { untouched } from './untouched';

/** What was changed against what went wrong; until it is begun it can be taken back. */
export function Rescues({ r }: { readonly r: Running }) {
  const write = useWrite();
  if (r.progress.rescues.length === 0) return null;
  const back = (x: Rescue): void =>
    write.run(
      'that it is taken back',
      () => append(r.batch.id, [{ is: 'undone', of: x.line }], now(), lastSeq(r.events)),
      () => tell('Taken back. The batch goes on as it would have.'),
    );
  return (
    <section aria-label="Rescues" className="border-t px-4 py-2" style={{ borderColor: 'var(--line)' }}>
      <NotSaved of={write} />
      <ul>
        {r.progress.rescues.map((x) => (
          <li key={x.line} className="small py-1">
            Against {TROUBLE_NAMES[x.against]}:{' '}
            {rescueDone(x.edits, r.progress.recipe, everyStep(r.batch.recipe, r.events))}
            {untouched(r, x) && (
              <button
                type="button"
                className="btn btn-outline mt-1 block w-full"
                aria-label={`Take back: against ${TROUBLE_NAMES[x.against]}`}
                onClick={() => back(x)}
              >
                Take it back
              </button>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
