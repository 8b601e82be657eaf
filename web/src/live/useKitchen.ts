import type { KitRecord } from '@ironpan/core/records';
import { readKit, readSettings } from '../store/kit';
import type { Settings } from '../store/kit';
import { useLive } from './live';

/** The kit, followed; undefined until it is read. */
export const useKit = (): KitRecord | undefined => useLive(['kit'], readKit).data;
/** How figures are shown, followed. */
export const useSettings = (): Settings | undefined => useLive(['settings'], readSettings).data;
