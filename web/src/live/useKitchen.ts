import type { KitRecord } from '@ironpan/core/records';
import { readHere, readKit, readSettings } from '../store/kit';
import type { HereRecord, Settings } from '../store/kit';
import { useLive } from './live';

/** The kit, followed; undefined until it is read. */
export const useKit = (): KitRecord | undefined => useLive(['kit'], readKit).data;
/** The kit and what was learned of it: what plans are folded with. */
export const useHere = (): HereRecord | undefined => useLive(['here'], readHere).data;
/** How figures are shown, followed. */
export const useSettings = (): Settings | undefined => useLive(['settings'], readSettings).data;
