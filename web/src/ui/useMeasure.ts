import type { Readable } from '@ironpan/core/batch';
import { useState } from 'react';
import { useKit, useSettings } from '../live/useKitchen';
import { cupMlOf } from './cups';

export interface Measured {
  /** What it can be told in; one alone: its own unit. */
  readonly units: readonly string[];
  /** The unit chosen; undefined: its own. */
  readonly unit: string | undefined;
  /** How many of its own unit one of the chosen is. */
  readonly per: number;
  readonly choose: (unit: string) => void;
}
/** What is poured can be told in grams, in ml, and in the cook's cups where those are shown. */
export function useMeasure({ gPerMl }: Readable): Measured {
  const [unit, choose] = useState<string | undefined>(undefined);
  const kit = useKit();
  const settings = useSettings();
  const cupMl = kit && settings ? cupMlOf(settings, kit) : null;
  if (gPerMl === null) return { units: [], unit: undefined, per: 1, choose };
  const per = unit === 'ml' ? gPerMl : unit === 'cups' && cupMl !== null ? gPerMl * cupMl : 1;
  return { units: ['g', 'ml', ...(cupMl === null ? [] : ['cups'])], unit, per, choose };
}
