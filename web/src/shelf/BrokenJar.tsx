import { now } from '../clock';
import { appendToJar } from '../store/jars';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';
import type { BrokenJar as Broken } from '../live/shelf';

/** A jar whose log cannot be folded: it is named, and can be cleared away; no other is touched by it. */
export function BrokenJar({ j }: { readonly j: Broken }) {
  const write = useWrite();
  return (
    <div className="alert alert-error mb-4" role="alert">
      <p>
        A jar of batch {j.batch.number}, {j.batch.name}, cannot be worked out ({j.why}). Do not drink what is in it by
        what this page says of others.
      </p>
      <button
        type="button"
        className="btn btn-outline mt-1"
        onClick={() =>
          write.run('that it was thrown away', () =>
            appendToJar(j.jar.id, { is: 'thrown', why: 'safe', text: '', lastFineAt: null, foundAt: null }, now()),
          )
        }
      >
        I have thrown it away
      </button>
      <NotSaved of={write} />
    </div>
  );
}
