import type { PlanRecord } from '@ironpan/core/records';
import { applyEdits } from '@ironpan/core/steps';
import type { Edit, Recipe } from '@ironpan/core/steps';
import { now } from '../app/clock';
import { savePlan, stepPlan } from '../store/plans';
import { tell } from '../ui/toast';

/** Between two writes of one gesture, ms. */
const BREATH_MS = 60;

interface Write {
  readonly plan: PlanRecord;
  readonly touched: string;
}

/**
 * One plan being edited. The screen shows it at once; the storage follows as fast as it can, one write at a time, and
 * while one is under way only the newest state of the same field waits: a drag is kept without a queue growing behind it.
 */
export class PlanSession {
  private current: PlanRecord | null | undefined;
  /** The revision the storage holds, as far as this window knows. */
  private storedRev = 0;
  private writing = false;
  private waiting: Write[] = [];
  /** After another window was quicker, what is still to be written goes to the plan that was kept apart. */
  private apart: { readonly id: string; rev: number } | null = null;
  private idle: (() => void)[] = [];
  private readonly listeners = new Set<() => void>();

  readonly subscribe = (l: () => void): (() => void) => {
    this.listeners.add(l);
    return () => this.listeners.delete(l);
  };
  readonly snapshot = (): PlanRecord | null | undefined => this.current;

  /** What the storage now holds, from this window or another; our own writes coming back change nothing. */
  receive(p: PlanRecord | null | undefined): void {
    if (p === undefined || this.writing || this.waiting.length > 0) return;
    if (p && this.current && p.rev <= this.storedRev) return;
    this.take(p);
  }
  private take(p: PlanRecord | null | undefined): void {
    this.storedRev = p?.rev ?? 0;
    this.show(p);
  }
  private show(p: PlanRecord | null | undefined): void {
    this.current = p;
    for (const l of this.listeners) l();
  }

  readonly edit = (edits: readonly Edit[], touched: string): void => {
    if (this.current) this.change({ recipe: applyEdits(this.current.recipe, edits) }, touched);
  };
  readonly rename = (name: string): void => this.change({ name }, 'name');

  private change(to: { readonly name?: string; readonly recipe?: Recipe }, touched: string): void {
    if (!this.current) return;
    const plan: PlanRecord = { ...this.current, ...to };
    this.show(plan);
    if (this.waiting.at(-1)?.touched === touched) this.waiting.pop();
    this.waiting.push({ plan, touched });
    if (!this.writing) void this.drain();
  }
  private async drain(): Promise<void> {
    this.writing = true;
    for (let next = this.waiting.shift(); next; next = this.waiting.shift()) {
      await this.write(next);
      // A drag goes on: leave the frames to the drawing, and write where the hand is a moment later.
      if (this.waiting.length > 0) await new Promise((r) => setTimeout(r, BREATH_MS));
    }
    this.writing = false;
    if (this.apart) {
      this.apart = null;
      this.take(undefined);
    }
    for (const done of this.idle.splice(0)) done();
  }
  private async write({ plan, touched }: Write): Promise<void> {
    try {
      const id = this.apart?.id ?? plan.id;
      const rev = this.apart?.rev ?? this.storedRev;
      const saved = await savePlan({ id, rev, name: plan.name, recipe: plan.recipe, touched }, now());
      if (saved.is === 'keptApart') {
        this.apart = { id: saved.id, rev: 1 };
        tell(`Another window changed this plan at the same moment. Your version is kept as “${saved.name}”.`);
      } else if (saved.is === 'gone') {
        tell('This plan was deleted in another window; your last change has nowhere to go. Keep it as a new plan.');
      } else if (this.apart) this.apart.rev = saved.rev;
      else this.storedRev = saved.rev;
    } catch (e) {
      const why = e instanceof Error ? e.message : 'unknown';
      tell(`The browser could not keep this change (${why}). Leave this window open and free some space.`);
    }
  }
  /** One step back or forward, after what is under way has been written. */
  readonly step = async (way: 'back' | 'forward'): Promise<void> => {
    if (this.writing) await new Promise<void>((done) => this.idle.push(done));
    if (!this.current) return;
    const to = await stepPlan(this.current.id, way, now());
    if (to) this.take(to);
  };
}
