import { join, celsius, stepNamed } from '@ironpan/core/words';
import { TraceLine } from '../drawings/TraceLine';
import type { Running } from '../live/running';

/** More points than these no line of this width tells apart. */
const POINTS = 240;

/** What a probe told of each step that it was in. */
export function Traces({ r }: { readonly r: Running }) {
  const { readings, given, recipe } = r.progress;
  const told = readings.flatMap((x) => {
    const trace = x.trace === undefined ? undefined : given.traces?.get(x.trace);
    return trace && trace.values.length > 1 ? [{ id: x.id, step: x.step, trace }] : [];
  });
  if (told.length === 0) return null;
  return (
    <section aria-label="Traces" className="plate p-4">
      <h2 className="mb-2 text-xl">What the probe told</h2>
      {told.map(({ id, step, trace: { everyS, values } }) => {
        const each = Math.max(1, Math.ceil(values.length / POINTS));
        const points = values.flatMap((v, i) => (i % each === 0 ? [{ s: i * everyS, v }] : []));
        const name = stepNamed(step, { recipe, kit: r.batch.kit });
        const most = Math.max(...points.map((p) => p.v));
        return (
          <figure key={id} className="mb-3">
            <figcaption className="small quiet">{name}</figcaption>
            <TraceLine points={points} band={null} label={`${name}: up to ${join(celsius(most))}`} />
          </figure>
        );
      })}
    </section>
  );
}
