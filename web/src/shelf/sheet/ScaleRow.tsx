import { saidOn, SCALES } from '@ironpan/core/words';
import type { Scale } from '@ironpan/core/batch';
import { useId } from 'react';

interface ScaleRowProps {
  readonly scale: Scale;
  /** What was expected; null: nothing is. */
  readonly expected: string | null;
  readonly said: string | null;
  readonly onSay: (word: string | null) => void;
}
/** One scale of a look: its words in their order, what was expected marked, what the chosen one means beside it. */
export function ScaleRow({ scale, expected, said, onSay }: ScaleRowProps) {
  const id = useId();
  const { name, words } = SCALES[scale];
  const about = said ?? expected;
  return (
    <div role="group" aria-labelledby={id} className="mb-2">
      <p className="mb-1 flex flex-wrap items-baseline gap-x-2">
        <b id={id}>{name}</b>
        {about !== null && (
          <span className="quiet small">
            {said === null ? `expected: ${saidOn(scale, about).word}` : saidOn(scale, about).means}
          </span>
        )}
      </p>
      <div className={`grid gap-1.5 ${Object.keys(words).length > 4 ? 'grid-cols-3' : 'grid-cols-4'}`}>
        {Object.entries(words).map(([word, w]) => (
          <button
            key={word}
            type="button"
            aria-pressed={said === word}
            className={`btn btn-tall px-1 ${said === word ? 'btn-neutral' : 'btn-outline'}`}
            onClick={() => onSay(said === word ? null : word)}
          >
            <span
              className={word === expected ? 'border-b-[3px] border-dotted' : ''}
              style={{ borderColor: 'currentColor' }}
            >
              {w.word}
            </span>
            {word === expected && <span className="sr-only">, expected</span>}
          </button>
        ))}
      </div>
    </div>
  );
}
