import type { PlanRecord } from '@ironpan/core/records';
import { applyEdits } from '@ironpan/core/steps';
import type { Edit, Recipe } from '@ironpan/core/steps';
import { now } from '../app/clock';
import { savePlan, stepPlan } from '../store/plans';
import { tell } from '../ui/toast';

/**
 * One plan being edited: what the screen shows is ahead of the storage by the writes still under way, which go out one
 * after another, each on the revision the one before it made.
 */
export class PlanSession {
  private current: PlanRecord | null | undefined;
  private pending = 0;
  private queue: Promise<void> = Promise.resolve();
  /** After another window was quicker, what is still under way goes to the plan that was kept apart. */
  private apart: { readonly id: string; rev: number } | null = null;
  private readonly listeners = new Set<() => void>();

  readonly subscribe = (l: () => void): (() => void) => {
    this.listeners.add(l);
    return () => this.listeners.delete(l);
  };
  readonly snapshot = (): PlanRecord | null | undefined => this.current;

  /** What the storage now holds, from this window or another. */
  receive(p: PlanRecord | null | undefined): void {
    if (p === undefined || this.pending > 0) return;
    if (p && this.current && p.rev < this.current.rev) return;
    this.set(p);
  }
  private set(p: PlanRecord | null | undefined): void {
    this.current = p;
    for (const l of this.listeners) l();
  }

  edit(edits: readonly Edit[], touched: string): void {
    if (this.current) this.change({ recipe: applyEdits(this.current.recipe, edits) }, touched);
  }
  rename(name: string): void {
    this.change({ name }, 'name');
  }
  private change(to: { readonly name?: string; readonly recipe?: Recipe }, touched: string): void {
    const base = this.current;
    if (!base) return;
    const next: PlanRecord = { ...base, ...to, rev: base.rev + 1 };
    this.set(next);
    this.pending += 1;
    this.queue = this.queue.then(() => this.write(base, next, touched));
  }
  private async write(base: PlanRecord, next: PlanRecord, touched: string): Promise<void> {
    try {
      const id = this.apart?.id ?? next.id;
      const rev = this.apart?.rev ?? base.rev;
      const saved = await savePlan({ id, rev, name: next.name, recipe: next.recipe, touched }, now());
      if (saved.is === 'keptApart') {
        this.apart = { id: saved.id, rev: 1 };
        tell(`Another window changed this plan at the same moment. Your version is kept as “${saved.name}”.`);
      } else if (saved.is === 'saved') {
        if (this.apart) this.apart.rev = saved.rev;
      } else
        tell('This plan was deleted in another window; your last change has nowhere to go. Keep it as a new plan.');
    } catch (e) {
      tell(
        `The browser could not keep this change (${e instanceof Error ? e.message : 'unknown'}). Leave this window open and free some space.`,
      );
    } finally {
      this.pending -= 1;
      if (this.pending === 0 && this.apart) {
        this.apart = null;
        this.set(undefined);
      }
    }
  }
  /** One step back or forward, after what is under way has been written. */
  async step(way: 'back' | 'forward'): Promise<void> {
    await this.queue;
    const p = this.current;
    if (!p) return;
    const to = await stepPlan(p.id, way, now());
    if (to) this.set(to);
  }
}
