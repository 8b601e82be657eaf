import { readHere } from '../store/here';
import type { HereRecord } from '../store/here';
import { useLive } from './live';

/** The kit and what was learned of it, followed: what plans are folded with. */
export const useHere = (): HereRecord | undefined => useLive(['here'], readHere).data;
