import type { Fault } from '@ironpan/core/records';
import { useEffect, useRef, useState } from 'react';
import { Incoming } from '../offload';
import { databaseName } from '../store/db';
import { fatesMissing } from '../store/fates';
import { realm } from '../store/realm';
import type { Count, How } from '../store/transfer';
import { FileField } from '../ui/FileField';
import { causeOf } from '../ui/notSaved';
import { tell } from '../ui/toast';
import { reportAs } from '../report';

const TABLE = {
  kit: 'kit',
  plans: 'plans',
  batches: 'batches',
  events: 'log lines',
  jars: 'jars',
  jarEvents: 'jar log lines',
  materials: 'own materials',
  methods: 'own methods',
  fridge: 'fridge settings',
  settings: 'preferences',
  undo: 'steps back',
  traces: 'parts of courses',
  photos: 'photographs',
  wishes: 'milks on the clock',
  hours: 'hours of the cook',
  rhythms: 'rhythms of milks',
  cupboard: 'foods in the cupboard',
  leftOut: 'things of which something is left out',
  trials: 'trials',
  tastings: 'tastings',
} as const;

type State =
  | { readonly is: 'waiting' }
  | { readonly is: 'working'; readonly what: string; readonly share: number }
  | { readonly is: 'bad'; readonly faults: readonly Fault[] }
  | { readonly is: 'ready'; readonly counts: Readonly<Record<How, readonly Count[]>>; readonly name: string };
const bad = (say: string): State => ({ is: 'bad', faults: [{ path: '', say }] });

/** A file is judged whole before anything is written; a faulty one changes nothing and says where it is faulty. */
export function ImportFile() {
  const [state, setState] = useState<State>({ is: 'waiting' });
  const [how, setHow] = useState<How>('merge');
  const input = useRef<HTMLInputElement>(null);
  const incoming = useRef<Incoming | null>(null);
  const stop = (): void => {
    incoming.current?.stop();
    incoming.current = null;
  };
  useEffect(() => stop, []);
  const reset = (): void => {
    stop();
    if (input.current) input.current.value = '';
    setState({ is: 'waiting' });
  };
  const work = (what: string) => (share: number) =>
    setState((s) => (s.is === 'working' && s.what === what ? { is: 'working', what, share } : s));
  const READ = 'Checking every line of it';
  const WRITE = 'Writing it';
  const take = async (file: File): Promise<void> => {
    stop();
    setState({ is: 'working', what: READ, share: 0 });
    try {
      const coming = new Incoming(databaseName(realm()), (share) => {
        work(READ)(share);
        work(WRITE)(share);
      });
      incoming.current = coming;
      const read = await coming.read(file);
      setState(read.ok ? { is: 'ready', counts: read.counts, name: file.name } : { is: 'bad', faults: read.faults });
    } catch (e) {
      setState(bad(`“${file.name}” could not be read. ${causeOf(e)}`));
    }
  };
  const write = async (): Promise<void> => {
    setState({ is: 'working', what: WRITE, share: 0 });
    try {
      await incoming.current?.write(how);
      // What became of the jars follows, a few at a time, while the cook goes on.
      void fatesMissing(() => new Promise((r) => setTimeout(r, 50))).catch(
        reportAs('Working out the jars of the imported file'),
      );
      tell(how === 'merge' ? 'The file was merged into this kitchen.' : 'This kitchen is now the one in the file.');
      reset();
    } catch (e) {
      setState(bad(`It could not be written, so nothing of it was. ${causeOf(e)}`));
    }
  };
  return (
    <div className="mb-4">
      <FileField
        ref={input}
        label="Import a kitchen’s file"
        accept=".zip,.json,application/zip,application/json"
        onFile={(file) => void take(file)}
      />
      <div aria-live="polite">
        {state.is === 'working' && (
          <p className="mt-2">
            {state.what} … <span className="num">{Math.round(100 * state.share)} %</span>{' '}
            <button type="button" className="link" onClick={reset}>
              Stop
            </button>
          </p>
        )}
        {state.is === 'bad' && (
          <div className="alert alert-error mt-3" role="alert">
            <p className="font-bold">Nothing was changed.</p>
            <ul className="list-disc pl-5">
              {state.faults.map((f, i) => (
                <li key={i} className="break-words">
                  {f.say}
                </li>
              ))}
            </ul>
            <button type="button" className="link mt-1" onClick={reset}>
              Choose another file
            </button>
          </div>
        )}
        {state.is === 'ready' && (
          <div className="alert alert-info mt-3">
            <p className="font-bold">“{state.name}” is a whole kitchen.</p>
            <fieldset className="my-2">
              <legend className="sr-only">Merge or replace</legend>
              {(
                [
                  ['merge', 'Merge: keep what is here, add what is new, take the later of two'],
                  ['replace', 'Replace: only what is in the file'],
                ] as const
              ).map(([value, text]) => (
                <label key={value} className="flex min-h-9 cursor-pointer items-center gap-2">
                  <input
                    type="radio"
                    name="how"
                    className="size-5"
                    checked={how === value}
                    onChange={() => setHow(value)}
                  />
                  {text}
                </label>
              ))}
            </fieldset>
            <Counts counts={state.counts[how]} />
            <div className="mt-3 flex flex-wrap gap-3">
              <button type="button" className="btn btn-primary" onClick={() => void write()}>
                {how === 'merge' ? 'Merge it in' : 'Replace this kitchen'}
              </button>
              <button type="button" className="btn btn-outline" onClick={reset}>
                Leave it
              </button>
            </div>
          </div>
        )}
      </div>
    </div>
  );
}

/** What neither the file nor this kitchen has is not worth a line. */
const isSome = (c: Count): boolean => c.added + c.changed + c.same + c.removed > 0;
function Counts({ counts }: { readonly counts: readonly Count[] }) {
  return (
    <table className="table w-full max-w-md">
      <thead>
        <tr>
          <th scope="col">what</th>
          <th scope="col" className="text-right!">
            new
          </th>
          <th scope="col" className="text-right!">
            changed
          </th>
          <th scope="col" className="text-right!">
            as here
          </th>
          <th scope="col" className="text-right!">
            removed
          </th>
        </tr>
      </thead>
      <tbody>
        {counts.filter(isSome).map((c) => (
          <tr key={c.table}>
            <th scope="row" className="text-left font-normal">
              {TABLE[c.table]}
            </th>
            <td className="num text-right">{c.added}</td>
            <td className="num text-right">{c.changed}</td>
            <td className="num text-right">{c.same}</td>
            <td className="num text-right">{c.removed}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
