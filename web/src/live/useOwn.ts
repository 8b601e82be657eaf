import type { MaterialRecord, MethodRecord } from '@ironpan/core/records';
import { allMaterials, allMethods } from '../store/own';
import { useLive } from './live';

/** The cook's own materials and schools. */
export const useMaterials = (): readonly MaterialRecord[] | undefined => useLive(['materials'], allMaterials).data;
/** The cook’s own schools, followed. */
export const useMethods = (): readonly MethodRecord[] | undefined => useLive(['methods'], allMethods).data;
