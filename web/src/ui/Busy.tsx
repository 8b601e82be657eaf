import { plain } from '@ironpan/core/units';
import type { Asked } from './useAsked';

/** A computation under way: how far it is, and a stop. */
export function Busy({ what, asked }: { readonly what: string; readonly asked: Asked<unknown> }) {
  return (
    <span className="small quiet" role="status">
      {asked.failed !== null && (
        <b style={{ color: 'var(--flame-text)' }}>This could not be worked out ({asked.failed}).</b>
      )}
      {asked.progress !== null && (
        <>
          {what} <progress className="progress mx-1" value={asked.progress} max={1} aria-label={what} />{' '}
          {plain(100 * asked.progress)} %{' '}
          <button type="button" className="link" onClick={asked.stop}>
            Stop
          </button>
        </>
      )}
    </span>
  );
}
