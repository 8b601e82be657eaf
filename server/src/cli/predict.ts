import { unlearned } from '@ironpan/core/kitchen';
import { look } from '@ironpan/core/questions';
import { readPlanFile, writeOutcome, writePlan } from '@ironpan/core/formats';
import { METHODS, methodById, recipeOf } from '@ironpan/core/methods';

export interface Ran {
  readonly code: 0 | 2;
  readonly out: string;
  readonly err: string;
}
export interface Io {
  readonly readFile: (path: string) => string;
  readonly readInput: () => string;
}
const USAGE = 'Use: predict plan.json | predict - | predict --methods | predict --method ID';
const ok = (out: string): Ran => ({ code: 0, out, err: '' });
const bad = (err: string): Ran => ({ code: 2, out: '', err });

/** The door by which anyone checks the computation: a plan file in, the predicted outcome out. */
export function predict(args: readonly string[], io: Io): Ran {
  const [first, second, ...more] = args;
  if (first === undefined) return bad(`No plan was named. ${USAGE}`);
  if (first === '--methods') return ok(METHODS.map((m) => `${m.id}\t${m.milk}\t${m.name}\t${m.line}\n`).join(''));
  if (first === '--method') {
    const m = second === undefined ? undefined : methodById(second);
    if (!m) return bad(`There is no method "${second ?? ''}". Known are ${METHODS.map((x) => x.id).join(', ')}.`);
    return ok(`${JSON.stringify(writePlan({ name: m.name, method: m.id, recipe: recipeOf(m) }), null, 2)}\n`);
  }
  if (first.startsWith('--')) return bad(`"${first}" is not known. ${USAGE}`);
  if (second !== undefined || more.length > 0) return bad(`One plan at a time. ${USAGE}`);
  let text: string;
  try {
    text = first === '-' ? io.readInput() : io.readFile(first);
  } catch {
    return bad(
      first === '-'
        ? 'Standard input could not be read.'
        : `The file "${first}" could not be read. Check its name and where it lies.`,
    );
  }
  const read = readPlanFile(text);
  if (!read.ok) return bad(read.faults.map((f) => f.say).join('\n'));
  const seen = look(read.plan.recipe, unlearned(read.plan.kit));
  if (!seen) return bad('The steps of this plan are out of order.');
  return ok(`${JSON.stringify(writeOutcome(read.plan, seen), null, 2)}\n`);
}
