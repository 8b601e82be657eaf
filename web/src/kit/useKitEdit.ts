import type { Kit } from '@ironpan/core/kitchen';
import type { KitRecord } from '@ironpan/core/records';
import { useState } from 'react';
import { now } from '../app/clock';
import { saveKit } from '../store/kit';
import { tell } from '../ui/toast';
import { useKit } from '../ui/useKitchen';

/** The kit as it is being changed: ahead of the storage by the writes still under way. */
export function useKitEdit(): readonly [KitRecord | undefined, (f: (k: Kit) => Kit) => void] {
  const stored = useKit();
  const [ahead, setAhead] = useState<KitRecord | null>(null);
  const kit = ahead && stored && ahead.rev > stored.rev ? ahead : stored;
  const change = (f: (k: Kit) => Kit): void => {
    if (!kit) return;
    setAhead({ ...kit, ...f(kit), rev: kit.rev + 1 });
    saveKit(f, now()).catch((e: unknown) => {
      setAhead(null);
      tell(`The browser could not keep this (${e instanceof Error ? e.message : 'unknown'}).`);
    });
  };
  return [kit, change];
}
