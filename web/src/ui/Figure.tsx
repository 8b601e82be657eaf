import type { Spoken } from '@ironpan/core/words';

/** A computed figure: plain text, the number large, the unit small beside it. Never a box. */
export function Figure({ of, size = '' }: { readonly of: Spoken; readonly size?: string }) {
  return (
    <span className={`num ${size} whitespace-nowrap`}>
      {of.n}
      {of.unit !== '' && <span className="unit"> {of.unit}</span>}
    </span>
  );
}
