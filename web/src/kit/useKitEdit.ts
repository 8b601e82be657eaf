import type { Kit } from '@ironpan/core/kitchen';
import type { KitRecord } from '@ironpan/core/records';
import { useState } from 'react';
import { now } from '../clock';
import { saveKit } from '../store/kit';
import { notSaved } from '../ui/notSaved';
import { useKit } from '../live/useKitchen';

/** The kit as it is being changed: ahead of the storage by the writes still under way. */
export interface KitEdit {
  readonly kit: KitRecord | undefined;
  readonly change: (f: (k: Kit) => Kit) => void;
  /** What was changed and could not be kept: it stands in the fields, and the press tries again. */
  readonly unsaved: { readonly failed: string | null; readonly again: () => void };
}
/** The kit as it is being changed: shown at once, kept at once, and told where it could not be. */
export function useKitEdit(): KitEdit {
  const stored = useKit();
  const [ahead, setAhead] = useState<KitRecord | null>(null);
  const [lost, setLost] = useState<{ readonly kit: Kit; readonly why: string } | null>(null);
  const kit = ahead && stored && (lost || ahead.rev > stored.rev) ? ahead : stored;
  const save = (f: (k: Kit) => Kit, then: KitRecord): void => {
    setAhead(then);
    saveKit(f, now()).then(
      () => setLost(null),
      (e: unknown) => setLost({ kit: then, why: notSaved('this change of the kit', e) }),
    );
  };
  const change = (f: (k: Kit) => Kit): void => {
    if (kit) save(lost ? (k) => ({ ...k, ...f(lost.kit) }) : f, { ...kit, ...f(kit), rev: kit.rev + 1 });
  };
  const again = (): void => {
    if (kit && lost)
      save((k) => ({ ...lost.kit, rev: k.rev }), { ...kit, ...lost.kit, rev: (stored?.rev ?? kit.rev) + 1 });
  };
  return { kit, change, unsaved: { failed: lost?.why ?? null, again } };
}
