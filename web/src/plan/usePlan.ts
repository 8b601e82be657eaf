import { useEffect, useState, useSyncExternalStore } from 'react';
import type { PlanRecord } from '@ironpan/core/records';
import { useLive } from '../live/live';
import { onePlan, undoState } from '../store/plans';
import type { UndoState } from '../store/plans';
import { PlanSession } from './session';

export interface OpenPlan {
  readonly plan: PlanRecord | null | undefined;
  readonly session: PlanSession;
  readonly undo: UndoState;
  /** Why the last change is not kept; null: everything is. */
  readonly unsaved: string | null;
}
/** A plan, followed and edited: what is typed is shown at once and kept at once. */
export function usePlan(id: string): OpenPlan {
  const [session] = useState(() => new PlanSession());
  const live = useLive(['plan', id], () => onePlan(id));
  const stored = live.data;
  const plan = useSyncExternalStore(session.subscribe, session.snapshot);
  const unsaved = useSyncExternalStore(session.subscribe, session.unsaved);
  useEffect(() => session.receive(stored), [session, stored, plan]);
  const undo = useLive(['undo', id], () => undoState(id)).data ?? { back: false, forward: false };
  return { plan: plan ?? stored, session, undo, unsaved };
}
