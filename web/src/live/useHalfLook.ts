import type { CAME_BACK, Look } from '@ironpan/core/batch';
import { useRef, useState } from 'react';
import { keepDraft, readDraft } from '../store/drafts';
import { useLive } from './live';
import { report, reportAs } from '../report';

/** A look that is not kept yet: what was pressed, measured or photographed so far. */
interface HalfLook {
  readonly look: Look;
  readonly shaken: (typeof CAME_BACK)[number] | null;
}
/** Parts of a look that are said, or not said any more. */
export type LookParts = { readonly [K in keyof Look]?: Look[K] | undefined };
interface Half extends HalfLook {
  readonly say: (parts: LookParts) => void;
  readonly sayShaken: (shaken: HalfLook['shaken']) => void;
  /** It was kept: nothing is half said any more. */
  readonly forget: () => void;
}
const EMPTY: HalfLook = { look: {}, shaken: null };

/** What is half said of a jar, through a closed tab and from the bench to the shelf; undefined: it is being read. */
export function useHalfLook(jar: string): Half | undefined {
  const key = `look ${jar}`;
  const kept = useLive(['draft', key], () => readDraft(key)).data;
  const [typed, setTyped] = useState<HalfLook | null>(null);
  const latest = useRef<HalfLook | null>(null);
  if (kept === undefined) return undefined;
  const half = typed ?? read(kept);
  // A photograph is looked at while other words are pressed: each change is made to what was said last.
  const change = (to: (h: HalfLook) => HalfLook): void => {
    const h = to(latest.current ?? half);
    latest.current = h;
    setTyped(h);
    // A closed tab loses at most the press; one that cannot be kept is no loss while the sheet is open.
    keepDraft(key, JSON.stringify(h)).catch(reportAs('Saving a half-finished tasting note'));
  };
  return {
    ...half,
    say: (parts) => change((h) => ({ ...h, look: withoutEmpty({ ...h.look, ...parts }) })),
    sayShaken: (shaken) => change((h) => ({ ...h, shaken })),
    forget: () => void keepDraft(key, '').catch(reportAs('Saving a half-finished tasting note')),
  };
}
function withoutEmpty(l: LookParts): Look {
  return Object.fromEntries(
    Object.entries(l).filter(([, v]) => v !== undefined && v !== '' && !(Array.isArray(v) && v.length === 0)),
  );
}
function read(text: string): HalfLook {
  if (text === '') return EMPTY;
  try {
    return JSON.parse(text) as HalfLook;
  } catch (e) {
    report('Reading a half-finished tasting note', e);
    return EMPTY;
  }
}
