import type { Transaction } from 'dexie';
/** Brings every stored row to the newest version, with the very functions that an import uses. */
export declare function migrateRows(t: Transaction): Promise<void>;
/** Undo steps hold recipes too; they have no version of their own. */
export declare function migrateUndo(t: Transaction): Promise<void>;
/** Version 3: logs by sequence, what stands on the shelf by index, and the fridge's own log begun with what the kit says. */
export declare function upgradeTo3(t: Transaction): Promise<void>;
