import type { ReactNode } from 'react';
import type { Beside } from '../../live/useBeside';
import { shortName } from './names';

interface ColumnsProps {
  readonly all: readonly Beside[];
  readonly caption: string;
  readonly children: ReactNode;
}
/** A column for each of those that stand side by side. */
export function Columns({ all, caption, children }: ColumnsProps) {
  return (
    <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={caption}>
      <table className="table w-full">
        <caption className="sr-only">{caption}</caption>
        <thead>
          <tr>
            <th scope="col">
              <span className="sr-only">line</span>
            </th>
            {all.map((b) => (
              <th key={b.id} scope="col" className="max-w-48 truncate pl-3 text-right!" title={b.name}>
                {shortName(b)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>{children}</tbody>
      </table>
    </div>
  );
}
/** A figure; one that differs from the first is marked by its weight and a dot. */
export function Marked({ differs, children }: { readonly differs: boolean; readonly children: ReactNode }) {
  return (
    <td className={`num py-1.5 pl-3 text-right ${differs ? '' : 'font-normal!'}`}>
      {differs && (
        <span style={{ color: 'var(--flame-text)' }}>
          <span aria-hidden="true">● </span>
          <span className="sr-only">differs: </span>
        </span>
      )}
      {children}
    </td>
  );
}
