export { backupText, readBackup, BACKUP_FORMAT, BACKUP_MOST_BYTES } from './backup';
export type { ReadBackup } from './backup';
export { readPlanFile, readPlan, writePlan, fileKey, PLAN_FORMAT, PLAN_VERSION } from './planFile';
export type { PlanFile, ReadPlan } from './planFile';
export { writeOutcome, OUTCOME_FORMAT } from './outcomeFile';
export { planFileDocs } from './planFileDocs';
export { checksDocs } from './checksDocs';
export { readPasted, pastedEdits, withForm } from './pasted';
export type { PastedLine, Pasted, Ask, ReadPasted } from './pasted';
