import type { KitRecord } from '@ironpan/core/records';
import { readKit, readSettings } from '../store/kit';
import type { Settings } from '../store/kit';
import { useLive } from '../store/live';

export const useKit = (): KitRecord | undefined => useLive(['kit'], readKit).data;
export const useSettings = (): Settings | undefined => useLive(['settings'], readSettings).data;
