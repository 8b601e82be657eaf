import { Children } from 'react';
import type { ReactNode } from 'react';

const ROW = { large: 226, small: 160, tub: 132 } as const;

interface BoardProps {
  readonly name: string;
  readonly empty: string;
  readonly size: keyof typeof ROW;
  readonly children: ReactNode;
}
/** A drawn board; what does not fit in one row stands on another board under it. */
export function Board({ name, empty, size, children }: BoardProps) {
  const row = ROW[size];
  const none = Children.count(children) === 0;
  const plank = `repeating-linear-gradient(to bottom, transparent 0 ${row - 10}px, var(--iron) ${row - 10}px ${row}px)`;
  return (
    <section aria-label={name} className="mb-5">
      <ul
        className="grid px-2"
        style={{
          gridTemplateColumns: `repeat(auto-fill, minmax(${size === 'small' ? 92 : size === 'tub' ? 150 : 108}px, 1fr))`,
          gridAutoRows: `${none ? 84 : row}px`,
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
