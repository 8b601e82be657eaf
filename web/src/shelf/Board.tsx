import { Children } from 'react';
import type { ReactNode } from 'react';

/** From the top of a row to the lower edge of its plank, and under it the room for the tags, px. */
const ROW = { large: 204, small: 138, tub: 118 } as const;
const TAGS = { large: 64, small: 40, tub: 42 } as const;

interface BoardProps {
  readonly name: string;
  readonly empty: string;
  readonly size: keyof typeof ROW;
  readonly children: ReactNode;
}
/** A drawn board, the tags of what stands on it under its edge; what does not fit in one row stands on another board under it. */
export function Board({ name, empty, size, children }: BoardProps) {
  const row = ROW[size];
  const all = row + TAGS[size];
  const none = Children.count(children) === 0;
  const plank = `repeating-linear-gradient(to bottom, transparent 0 ${row - 10}px, var(--iron) ${row - 10}px ${row}px, transparent ${row}px ${all}px)`;
  return (
    <section aria-label={name} className="mb-5">
      <ul
        className="grid px-2"
        style={{
          gridTemplateColumns: `repeat(auto-fill, minmax(${size === 'small' ? 92 : size === 'tub' ? 150 : 108}px, 1fr))`,
          gridAutoRows: `${none ? 84 : all}px`,
          backgroundImage: none ? undefined : plank,
          borderBottom: none ? '10px solid var(--iron)' : undefined,
        }}
      >
        {none ? <li className="quiet self-end pb-3">{empty}</li> : children}
      </ul>
      <h2 className="quiet small mt-1 font-sans font-medium">{name}</h2>
    </section>
  );
}
