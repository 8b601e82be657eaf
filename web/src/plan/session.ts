import type { PlanRecord, PlanVersion } from '@ironpan/core/records';
import { methodById } from '@ironpan/core/methods';
import { cutName } from '@ironpan/core/units';
import { planNameAfter, planNameOf } from '@ironpan/core/words';
import { applyEdits, mergePlans } from '@ironpan/core/steps';
import type { Edit, Recipe } from '@ironpan/core/steps';
import { now } from '../clock';
import { savePlan, stepPlan } from '../store/plans';
import { notSaved } from '../ui/notSaved';
import { tell } from '../ui/toast';

/** The name of a plan once a food of it is exchanged. */
function nameAfter(plan: PlanRecord, recipe: Recipe): string {
  const method = plan.from ? methodById(plan.from.method) : undefined;
  return cutName(planNameAfter(plan.name, plan.recipe, recipe, method ? planNameOf(method) : null));
}

/** Between two writes of one gesture, ms. */
const BREATH_MS = 60;

interface Write {
  readonly plan: PlanRecord;
  readonly touched: string;
}
const versionOf = (p: PlanRecord): PlanVersion => ({ name: p.name, recipe: p.recipe });

/**
 * One plan being edited. The screen shows it at once; the storage follows as fast as it can, one write at a time, and
 * while one is under way only the newest state of the same field waits: a drag is kept without a queue growing behind it.
 */
export class PlanSession {
  private current: PlanRecord | null | undefined;
  /** The revision the storage holds, as far as this window knows. */
  private storedRev = 0;
  /** The plan as the storage holds it at that revision: what an edit is a change of. */
  private stored: PlanVersion | null = null;
  /** The write that failed, to be tried again; null: all that was changed is kept. */
  private failed: { readonly write: Write; readonly why: string } | null = null;
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
    if (p === undefined || this.writing || this.waiting.length > 0 || this.failed) return;
    if (p && this.current && p.rev <= this.storedRev) return;
    this.take(p);
  }
  private take(p: PlanRecord | null | undefined): void {
    this.storedRev = p?.rev ?? 0;
    this.stored = p ? versionOf(p) : null;
    this.show(p);
  }
  private show(p: PlanRecord | null | undefined): void {
    this.current = p;
    for (const l of this.listeners) l();
  }

  readonly edit = (edits: readonly Edit[], touched: string): void => {
    const plan = this.current;
    if (!plan) return;
    const recipe = applyEdits(plan.recipe, edits);
    // Amounts may pass each other while they are typed: only another food makes it another milk.
    const exchanged = edits.some((e) => e.do === 'food');
    this.change(exchanged ? { name: nameAfter(plan, recipe), recipe } : { recipe }, touched);
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
  private async write(w: Write): Promise<void> {
    const { plan, touched } = w;
    try {
      const id = this.apart?.id ?? plan.id;
      const rev = this.apart?.rev ?? this.storedRev;
      const base = this.stored ?? versionOf(plan);
      const saved = await savePlan({ id, rev, base, ...versionOf(plan), touched }, now());
      this.fail(null);
      if (saved.is === 'keptApart') {
        this.apart = { id: saved.id, rev: 1 };
        tell(`Another window changed the same thing at the same moment. Your version is kept as “${saved.name}”.`);
      } else if (saved.is === 'gone') {
        tell('This plan was deleted in another window; your last change has nowhere to go. Keep it as a new plan.');
      } else if (saved.is === 'merged') {
        tell('Another window changed this plan too. Both changes are in it.');
        this.rebase(versionOf(plan), saved.plan);
        return;
      } else if (this.apart) this.apart.rev = saved.rev;
      else this.storedRev = saved.rev;
      this.stored = versionOf(plan);
    } catch (e) {
      this.fail({ write: w, why: notSaved('this change', e) });
    }
  }
  /** What was changed meanwhile, here, is put upon what both windows made together. */
  private rebase(from: PlanVersion, onto: PlanRecord): void {
    const moved = (p: PlanRecord): PlanRecord => ({ ...onto, ...mergePlans(from, onto, versionOf(p)).plan });
    this.waiting = this.waiting.map((w) => ({ ...w, plan: moved(w.plan) }));
    const now = this.current;
    this.storedRev = onto.rev;
    this.stored = versionOf(onto);
    this.show(now ? moved(now) : onto);
  }
  private fail(f: PlanSession['failed']): void {
    if (this.failed === f) return;
    this.failed = f;
    for (const l of this.listeners) l();
  }
  /** Why the last change is not kept, in a sentence; null: everything is. It stands on the screen as it was made. */
  readonly unsaved = (): string | null => this.failed?.why ?? null;
  readonly again = (): void => {
    const f = this.failed;
    if (!f || !this.current) return;
    // What stands on the screen now is what is to be kept.
    this.waiting.push({ plan: this.current, touched: f.write.touched });
    if (!this.writing) void this.drain();
  };
  /** One step back or forward, after what is under way has been written. */
  readonly step = async (way: 'back' | 'forward'): Promise<void> => {
    if (this.writing) await new Promise<void>((done) => this.idle.push(done));
    if (!this.current) return;
    const to = await stepPlan(this.current.id, way, now());
    if (!to) return;
    // What could not be kept has been stepped away from.
    this.fail(null);
    this.take(to);
  };
}
