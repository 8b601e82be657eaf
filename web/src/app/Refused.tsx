/** Storage is refused: a private window, or a full disk. There is nothing to lose yet, and nothing would be kept. */
export function Refused({ why }: { readonly why: string }) {
  return (
    <main className="mx-auto max-w-xl p-6" role="alert">
      <h1 className="mb-3 text-3xl">This browser keeps nothing</h1>
      <p className="mb-3">
        Ironpan keeps your kitchen in the browser’s own storage, and this browser refuses it. A private window does
        that, and so does a full disk or a setting that blocks site data.
      </p>
      <p className="mb-3">
        Open this address in an ordinary window, or allow site data for it. Nothing you had has been lost.
      </p>
      <p className="quiet small">What the browser said: {why}</p>
      <button type="button" className="btn btn-primary mt-4" onClick={() => location.reload()}>
        Try again
      </button>
    </main>
  );
}
