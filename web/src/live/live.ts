import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { follow } from '../store/follow';

export interface Live<T> {
  readonly data: T | undefined;
  /** When it was last told, ms; 0: not yet. For who only asks whether something changed. */
  readonly dataAt: number;
}
/**
 * The one hook that joins Dexie's live query to TanStack Query: read once, then follow every change of the tables it
 * read, from this tab or another. `key` names the question; `read` must depend on nothing else. A failed read is thrown
 * to the nearest boundary, which says so; nothing is shown as if it were there.
 */
export function useLive<T>(key: readonly unknown[], read: () => Promise<T>): Live<T> {
  const client = useQueryClient();
  const id = JSON.stringify(key);
  const [failed, setFailed] = useState<{ readonly id: string; readonly error: unknown } | null>(null);
  const query = useQuery({
    queryKey: key,
    queryFn: read,
    staleTime: Infinity,
    gcTime: 60_000,
    retry: false,
    networkMode: 'always',
  });
  useEffect(() => {
    return follow(
      read,
      (v) => client.setQueryData(JSON.parse(id) as readonly unknown[], v),
      (error) => setFailed({ id, error }),
    );
    // `read` is a new function at each render; the key says when the question changes.
    // oxlint-disable-next-line react/exhaustive-deps
  }, [client, id]);
  if (query.error) throw query.error;
  if (failed?.id === id) throw failed.error instanceof Error ? failed.error : new Error(String(failed.error));
  return { data: query.data, dataAt: query.dataUpdatedAt };
}
