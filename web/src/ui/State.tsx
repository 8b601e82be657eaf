import type { ReactNode } from 'react';

/** Not there yet, or not to be had: said plainly, with what to do. */
export function Empty({ title, children }: { readonly title: string; readonly children?: ReactNode }) {
  return (
    <div className="plate mx-auto my-8 max-w-xl p-6 text-center">
      <h2 className="mb-2 text-xl">{title}</h2>
      <div className="quiet flex flex-col items-center gap-3">{children}</div>
    </div>
  );
}
/** Until the kitchen is read. */
export function Loading() {
  return (
    <p className="quiet p-6" role="status">
      Reading your kitchen …
    </p>
  );
}
