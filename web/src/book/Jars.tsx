import { fateOfJar, jarNow, jarTimes } from '@ironpan/core/batch';
import type { FridgeLine } from '@ironpan/core/batch';
import { isPulp } from '@ironpan/core/kitchen';
import { fateText, jarCode, join, milkName, milkOf, millilitres, streamName, upper } from '@ironpan/core/words';
import { useMemo } from 'react';
import { now } from '../clock';
import { foodStyle } from '../drawings/foodStyle';
import { JarShape } from '../drawings/Jar';
import { useLive } from '../live/live';
import type { Running } from '../live/running';
import { fridgeLog, jarsOfBatch } from '../store/jars';
import type { JarLog } from '../store/jars';
import { Looks } from '../ui/Looks';
import { whenOf } from '../ui/times';
import { report } from '../report';

/** The batch's jars: what was seen of each, what became of it, and what had been promised. */
export function Jars({ r }: { readonly r: Running }) {
  const jars = useLive(['jarsOf', r.batch.id], () => jarsOfBatch(r.batch.id)).data;
  const fridge = useLive(['fridge'], fridgeLog).data;
  if (!jars || !fridge || jars.length === 0) return null;
  const milk = jars.filter((j) => !isPulp(j.jar.stream));
  const rest = jars.filter((j) => isPulp(j.jar.stream));
  return (
    <section aria-label="Jars" className="plate p-4">
      <h2 className="mb-2 text-xl">Its jars</h2>
      <ul>
        {[...milk, ...rest].map((j) => (
          <One key={j.jar.id} j={j} r={r} fridge={fridge} />
        ))}
      </ul>
    </section>
  );
}

interface OneProps {
  readonly j: JarLog;
  readonly r: Running;
  readonly fridge: readonly FridgeLine[];
}
function One({ j, r, fridge }: OneProps) {
  const known = useMemo(() => {
    try {
      const fate = fateOfJar(j.jar, j.events, r.batch, fridge);
      const last = j.events.reduce((at, e) => Math.max(at, e.at), j.jar.filledAt);
      const of = [j.jar, j.events, r.batch, fridge, last] as const;
      return { fate, seen: jarNow(...of), times: jarTimes(...of) };
    } catch (e) {
      report(`Working out jar ${jarCode(j.jar.id)}`, e);
      return null;
    }
  }, [j, r.batch, fridge]);
  const pulp = isPulp(j.jar.stream);
  const name =
    pulp || j.jar.product === 'milk'
      ? streamName(j.jar.product, r.batch.recipe)
      : `${milkName(milkOf(r.batch.recipe))}, ${streamName(j.jar.product, r.batch.recipe)}`;
  if (!known) return <li className="rowline py-2">{upper(name)}: this jar cannot be worked out.</li>;
  const { fate, seen, times } = known;
  const layers = seen.looks.findLast((l) => l.look.layers)?.look.layers;
  return (
    <li className="rowline grid grid-cols-[3rem_minmax(0,1fr)] gap-x-3 py-2" style={foodStyle(milkOf(r.batch.recipe))}>
      <svg width={40} height={64} aria-hidden="true">
        <JarShape
          width={38}
          height={62}
          share={Math.min(0.94, j.jar.filledMl / Math.max(1, j.jar.vesselMl))}
          fill={pulp ? 'var(--pulp)' : 'var(--milk)'}
          {...(layers && !pulp ? { layers } : {})}
          seen
        />
      </svg>
      <div className="min-w-0">
        <p>
          <b>{upper(name)}</b> <span className="num">{join(millilitres(j.jar.filledMl))}</span>
        </p>
        <p>{fateText(fate, pulp ? { ...times, useBy: null } : times, now(), (at) => whenOf(at, now()))}</p>
        <Looks looks={seen.looks} jar={j.jar} batch={r.batch} />
      </div>
    </li>
  );
}
