import type { ReactNode } from 'react';

interface AsTableProps {
  /** What each column holds; all but the first are figures. */
  readonly heads: readonly string[];
  /** What is opened, where there are two of them. */
  readonly label?: string;
  readonly rows: readonly (readonly ReactNode[])[];
}
/** What a chart draws, as figures, opened by a press. */
export function AsTable({ heads, rows, label = 'As a table' }: AsTableProps) {
  const side = (i: number): string => `${i > 0 ? 'text-right!' : ''} ${i < heads.length - 1 ? 'pr-4' : ''}`;
  return (
    <details className="mt-1">
      <summary className="small cursor-pointer py-1">{label}</summary>
      <table className="table mt-1">
        <thead>
          <tr>
            {heads.map((h, i) => (
              <th key={h} scope="col" className={side(i)}>
                {h}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {rows.map((row, k) => (
            // Rows follow the drawing and are never moved.
            <tr key={k}>
              {row.map((cell, i) => (
                <td key={heads[i]} className={`num ${side(i)}`}>
                  {cell}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  );
}
