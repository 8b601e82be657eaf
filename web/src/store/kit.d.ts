import type { Kit } from '@ironpan/core/kitchen';
import type { KitRecord, SettingsRecord } from '@ironpan/core/records';
/** This kitchen; until something is changed, the usual one. */
export declare function readKit(): Promise<KitRecord>;
/** Changes the kitchen; a fridge set to another temperature is written into its log, which jars are kept by. */
export declare function saveKit(change: (k: Kit) => Kit, at: number): Promise<void>;
/** The kit as a batch keeps it: what the fold uses, without the bookkeeping of the record. */
export declare function frozenKit({ updatedAt: _, ...kit }: KitRecord): Kit;
export type Settings = Omit<SettingsRecord, 'v' | 'id'>;
/** The row of the settings table that holds how figures are shown. */
export declare const PREFERENCES = 'settings';
export declare const USUAL: Settings;
export declare function readSettings(): Promise<Settings>;
export declare function saveSettings(s: Settings): Promise<void>;
export declare function readNote<T>(key: string): Promise<T | null>;
