import { expectedParting, LOOK_SCALES } from '@ironpan/core/batch';
import type { FilledJar, FrozenBatch, SeenLook } from '@ironpan/core/batch';
import { isPulp } from '@ironpan/core/kitchen';
import { approachRanges, clearAt, fittedApproach, judgedClear } from '@ironpan/core/learning';
import { coldHours, serumShare } from '@ironpan/core/steps';
import {
  clearText,
  duration,
  join,
  layersText,
  measuredText,
  partsText,
  saidOn,
  SCALES,
  SIGN_WORDS,
} from '@ironpan/core/words';
import { useMemo } from 'react';
import { now } from '../clock';
import { LookPhoto } from './LookPhoto';
import { whenOf } from './times';

interface LooksProps {
  readonly looks: readonly SeenLook[];
  readonly jar: FilledJar;
  readonly batch: FrozenBatch;
}
/** Every look at it, the last first: what was seen, beside what was expected at that moment. */
export function Looks({ looks, jar, batch }: LooksProps) {
  if (looks.length === 0) return null;
  return (
    <>
      <ul>
        {[...looks].reverse().map((l) => (
          <li key={l.id} className="rowline py-1.5">
            <p>
              <span className="num">{whenOf(l.at, now())}</span>
              {!isPulp(jar.stream) && <span className="quiet"> · stood {join(duration(l.stoodS))}</span>}
              {(l.look.signs ?? []).map((s) => (
                <b key={s}> · {SIGN_WORDS[s].word}</b>
              ))}
              {l.look.note !== undefined && <span> · “{l.look.note}”</span>}
            </p>
            <dl className="small grid grid-cols-[auto_auto_1fr] gap-x-4">
              {LOOK_SCALES.flatMap((s) => {
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
              {l.measured &&
                measuredText(l.measured).map(([what, seen, expected]) => (
                  <div key={what} className="contents">
                    <dt>{what}</dt>
                    <dd className="font-semibold">{seen}</dd>
                    <dd className="quiet">{expected}</dd>
                  </div>
                ))}
              {l.look.layers && (
                <div className="contents">
                  <dt>Layers</dt>
                  <dd className="font-semibold">{layersText(l.look.layers)}</dd>
                  <dd className="quiet">{l.expected && `expected: ${layersText(l.expected.layers)}`}</dd>
                </div>
              )}
            </dl>
            {l.look.photo && (
              <LookPhoto seen={l.look.photo} layers={l.look.layers ?? []} of={`this jar, ${whenOf(l.at, now())}`} />
            )}
            {l.look.layers && !isPulp(jar.stream) && <Judged jar={jar} batch={batch} look={l} />}
          </li>
        ))}
      </ul>
      {!isPulp(jar.stream) && <Fitted looks={looks} jar={jar} batch={batch} />}
    </>
  );
}

/** Less than this goes clear in the end: nothing that a fit would say anything of, share. */
const PARTS_FROM = 0.03;
/** How this jar parts, from its own looks and what was expected. */
function Fitted({ looks, jar, batch }: LooksProps) {
  const text = useMemo(() => {
    const seen = looks.flatMap((l) => (l.look.layers ? [clearOf(l)] : []));
    const fit = fittedApproach(seen, expectedParting(jar, batch));
    return seen.length > 0 && fit.finalShare >= PARTS_FROM ? partsText(seen.length, approachRanges(fit)) : null;
  }, [looks, jar, batch]);
  return text === null ? null : <p className="small mt-1">{text}</p>;
}
const clearOf = (l: SeenLook) => ({ hours: coldHours(l.stillS), share: serumShare(l.look.layers ?? []) });
/** Is what went clear what such milk does by then? */
function Judged({ jar, batch, look }: Omit<LooksProps, 'looks'> & { readonly look: SeenLook }) {
  const expected = useMemo(() => expectedParting(jar, batch), [jar, batch]);
  const seen = clearOf(look);
  return (
    <p className="small mt-0.5">{clearText(judgedClear(seen, expected), seen.share, clearAt(expected, seen.hours))}</p>
  );
}
