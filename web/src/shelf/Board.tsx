import { Children } from 'react';
import type { ReactNode } from 'react';
import { AIR, LEAST_WIDE, PLANK, ROW } from './boardSizes';
import type { BoardSize } from './boardSizes';

interface BoardProps {
  readonly name: string;
  readonly empty: string;
  readonly size: BoardSize;
  readonly children: ReactNode;
}
/** A drawn board: what stands on it, and on its edge the time that each has left. What does not fit stands on another under it. */
export function Board({ name, empty, size, children }: BoardProps) {
  const row = ROW[size];
  const plank = PLANK[size];
  const all = row + plank + AIR;
  const none = Children.count(children) === 0;
  const planks = `repeating-linear-gradient(to bottom, transparent 0 ${row}px, var(--bar) ${row}px ${row + plank}px, transparent ${row + plank}px ${all}px)`;
  return (
    <section aria-label={name} className="mb-3">
      <ul
        className="grid px-1"
        style={{
          gridTemplateColumns: `repeat(auto-fill, minmax(${LEAST_WIDE[size]}px, 1fr))`,
          gridAutoRows: `${none ? 64 : all}px`,
          backgroundImage: none ? undefined : planks,
          borderBottom: none ? '10px solid var(--bar)' : undefined,
        }}
      >
        {none ? <li className="quiet self-end pb-3">{empty}</li> : children}
      </ul>
      <h2 className="quiet small font-sans font-medium">{name}</h2>
    </section>
  );
}
