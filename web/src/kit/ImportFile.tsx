import type { Fault, Kitchen } from '@ironpan/core/records';
import { useId, useRef, useState } from 'react';
import { validateBackup } from '../offload';
import { importAll, importCounts, readAll } from '../store/transfer';
import type { Count, How } from '../store/transfer';
import { tell } from '../ui/toast';

/** As in core/formats; a file this large is not even read. */
const MOST_BYTES = 32_000_000;
const TABLE = {
  kit: 'kit',
  plans: 'plans',
  batches: 'batches',
  events: 'log lines',
  jars: 'jars',
  jarEvents: 'jar log lines',
  materials: 'own materials',
  methods: 'own schools',
} as const;

type State =
  | { readonly is: 'waiting' }
  | { readonly is: 'reading'; readonly stop: () => void }
  | { readonly is: 'bad'; readonly faults: readonly Fault[] }
  | { readonly is: 'ready'; readonly kitchen: Kitchen; readonly ours: Kitchen; readonly name: string };

/** A file is judged whole before anything is written; a faulty one changes nothing and says where it is faulty. */
export function ImportFile() {
  const [state, setState] = useState<State>({ is: 'waiting' });
  const [how, setHow] = useState<How>('merge');
  const input = useRef<HTMLInputElement>(null);
  const id = useId();
  const reset = (): void => {
    if (input.current) input.current.value = '';
    setState({ is: 'waiting' });
  };
  const take = async (file: File): Promise<void> => {
    if (file.size > MOST_BYTES) {
      setState({
        is: 'bad',
        faults: [
          {
            path: '',
            say: `“${file.name}” is ${Math.round(file.size / 1e6)} MB; a kitchen is under ${MOST_BYTES / 1e6} MB. Choose the file that Ironpan exported.`,
          },
        ],
      });
      return;
    }
    try {
      const running = validateBackup(await file.text());
      setState({ is: 'reading', stop: running.stop });
      const read = await running.done;
      setState(
        read.ok
          ? { is: 'ready', kitchen: read.kitchen, ours: await readAll(), name: file.name }
          : { is: 'bad', faults: read.faults },
      );
    } catch (e) {
      setState({
        is: 'bad',
        faults: [{ path: '', say: `“${file.name}” could not be read: ${e instanceof Error ? e.message : 'unknown'}.` }],
      });
    }
  };
  const write = async (kitchen: Kitchen): Promise<void> => {
    try {
      await importAll(kitchen, how);
      tell(how === 'merge' ? 'The file was merged into this kitchen.' : 'This kitchen is now the one in the file.');
      reset();
    } catch (e) {
      setState({
        is: 'bad',
        faults: [
          {
            path: '',
            say: `The browser could not write it (${e instanceof Error ? e.message : 'unknown'}), so nothing of it was written.`,
          },
        ],
      });
    }
  };
  return (
    <div className="mb-4">
      <label htmlFor={id} className="mb-1 block font-semibold">
        Import a kitchen’s file
      </label>
      <input
        ref={input}
        id={id}
        type="file"
        accept="application/json,.json"
        className="block w-full max-w-full"
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) void take(file);
        }}
      />
      <div aria-live="polite">
        {state.is === 'reading' && (
          <p className="mt-2">
            Checking every line of it …{' '}
            <button
              type="button"
              className="linkish"
              onClick={() => {
                state.stop();
                reset();
              }}
            >
              Stop
            </button>
          </p>
        )}
        {state.is === 'bad' && (
          <div className="notice danger mt-3" role="alert">
            <p className="font-bold">Nothing was changed.</p>
            <ul className="list-disc pl-5">
              {state.faults.map((f, i) => (
                <li key={i} className="break-words">
                  {f.say}
                </li>
              ))}
            </ul>
            <button type="button" className="linkish mt-1" onClick={reset}>
              Choose another file
            </button>
          </div>
        )}
        {state.is === 'ready' && (
          <div className="notice know mt-3">
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
            <Counts counts={importCounts(state.ours, state.kitchen, how)} />
            <div className="mt-3 flex flex-wrap gap-3">
              <button type="button" className="btn btn-primary" onClick={() => void write(state.kitchen)}>
                {how === 'merge' ? 'Merge it in' : 'Replace this kitchen'}
              </button>
              <button type="button" className="btn btn-plain" onClick={reset}>
                Leave it
              </button>
            </div>
          </div>
        )}
      </div>
    </div>
  );
}

function Counts({ counts }: { readonly counts: readonly Count[] }) {
  return (
    <table className="w-full max-w-md">
      <thead className="thead">
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
        {counts.map((c) => (
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
