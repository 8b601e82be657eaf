import { expectedParting } from '@ironpan/core/batch';
import type { FilledJar, FrozenBatch, Scale, SeenLook } from '@ironpan/core/batch';
import { isPulp } from '@ironpan/core/kitchen';
import { clearAt, judgedClear } from '@ironpan/core/learning';
import { coldHours, serumShare } from '@ironpan/core/steps';
import { clearText, layersText, saidOn, SCALES, SIGN_WORDS } from '@ironpan/core/words';
import { useMemo } from 'react';
import { now } from '../clock';
import { whenOf } from './times';

const SCALE_ORDER: readonly Scale[] = ['thick', 'slip', 'grit', 'beany', 'sweet', 'liked'];

interface LooksProps {
  readonly looks: readonly SeenLook[];
  readonly jar: FilledJar;
  readonly batch: FrozenBatch;
}
/** Every look at it, the last first: what was seen, beside what was expected at that moment. */
export function Looks({ looks, jar, batch }: LooksProps) {
  if (looks.length === 0) return null;
  return (
    <ul>
      {[...looks].reverse().map((l) => (
        <li key={l.id} className="rowline py-1.5">
          <p>
            <span className="num">{whenOf(l.at, now())}</span>
            {(l.look.signs ?? []).map((s) => (
              <b key={s}> · {SIGN_WORDS[s].word}</b>
            ))}
            {l.look.note !== undefined && <span> · “{l.look.note}”</span>}
          </p>
          <dl className="small grid grid-cols-[auto_auto_1fr] gap-x-4">
            {SCALE_ORDER.flatMap((s) => {
              const seen = l.look[s];
              if (seen === undefined) return [];
              const expected = s === 'liked' ? null : (l.expected?.[s] ?? null);
              return [
                <div key={s} className="contents">
                  <dt>{SCALES[s].name}</dt>
                  <dd className="font-semibold">{saidOn(s, seen).word}</dd>
                  <dd className="quiet">
                    {expected === null
                      ? ''
                      : expected === seen
                        ? 'as expected'
                        : `expected: ${saidOn(s, expected).word}`}
                  </dd>
                </div>,
              ];
            })}
            {l.look.layers && (
              <div className="contents">
                <dt>Layers</dt>
                <dd className="font-semibold">{layersText(l.look.layers)}</dd>
                <dd className="quiet">{l.expected && `expected: ${layersText(l.expected.layers)}`}</dd>
              </div>
            )}
          </dl>
          {l.look.layers && !isPulp(jar.stream) && <Judged jar={jar} batch={batch} look={l} />}
        </li>
      ))}
    </ul>
  );
}

/** Is what went clear what such milk does by then? */
function Judged({ jar, batch, look }: Omit<LooksProps, 'looks'> & { readonly look: SeenLook }) {
  const expected = useMemo(() => expectedParting(jar, batch), [jar, batch]);
  const seen = { hours: coldHours(look.stillS), share: serumShare(look.look.layers ?? []) };
  return (
    <p className="small mt-0.5">{clearText(judgedClear(seen, expected), seen.share, clearAt(expected, seen.hours))}</p>
  );
}
