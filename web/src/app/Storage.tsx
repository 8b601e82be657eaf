import type { ReactNode } from 'react';
import type { Opening } from './open';

/** In place of the kitchen, where its storage is not to be had: why, and what to do. */
export function Storage({ of }: { readonly of: Exclude<Opening, { is: 'open' | 'opening' }> }) {
  switch (of.is) {
    case 'blocked':
      return (
        <Say title="Another window still holds the kitchen">
          <p>
            Ironpan was updated, and an older window of it is still open at this address. Close that window; this one
            goes on by itself as soon as it is closed. Nothing is lost.
          </p>
        </Say>
      );
    case 'newer':
      return (
        <Say title="This kitchen was written by a newer Ironpan" again>
          <p>
            It has not been opened, so that nothing of it is lost. Start the newer Ironpan again, or reload if this
            window is only an old one.
          </p>
        </Say>
      );
    case 'overtaken':
      return (
        <Say title="A newer Ironpan is open in another window" again>
          <p>It has taken the kitchen over; all you had written is kept. Reload this window to go on here.</p>
        </Say>
      );
    case 'deleted':
      return (
        <Say title="The kitchen’s storage was taken away" again>
          <p>
            This browser closed or deleted it while the page was open: site data were cleared, or another window did so.
            Reload to begin anew; a file that you exported before can be imported in Kit.
          </p>
        </Say>
      );
    case 'refused':
      return (
        <Say title="This browser keeps nothing" again>
          <p>
            Ironpan keeps your kitchen in the browser’s own storage, and this browser refuses it. A private window does
            that, and so does a full disk or a setting that blocks site data.
          </p>
          <p>Open this address in an ordinary window, or allow site data for it. Nothing you had has been lost.</p>
          <p className="quiet small">What the browser said: {of.why}</p>
        </Say>
      );
  }
}
function Say({
  title,
  again = false,
  children,
}: {
  readonly title: string;
  readonly again?: boolean;
  readonly children: ReactNode;
}) {
  return (
    <main className="mx-auto flex max-w-xl flex-col gap-3 p-6" role="alert">
      <h1 className="text-3xl">{title}</h1>
      {children}
      {again && (
        <button type="button" className="btn btn-primary mt-2 self-start" onClick={() => location.reload()}>
          Reload
        </button>
      )}
    </main>
  );
}
