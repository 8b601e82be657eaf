import { jarNow, lastSeq, pouredOver } from '@ironpan/core/batch';
import type { JarNow } from '@ironpan/core/batch';
import type { ThingOf } from '@ironpan/core/kitchen';
import { join, millilitres, roughly, TREATMENT_WORDS } from '@ironpan/core/words';
import { useState } from 'react';
import { now, useNow } from '../../clock';
import { useLive } from '../../live/live';
import { useKit } from '../../live/useKitchen';
import { decant, pourTogether, takePouringBack } from '../../store/decant';
import type { PouredOver } from '../../store/decant';
import { fridgeLog } from '../../store/jars';
import { NumberField } from '../../ui/NumberField';
import { SelectField } from '../../ui/SelectField';
import { putBack, tell } from '../../ui/toast';
import { useWrite } from '../../ui/useWrite';
import type { ShelfJar } from '../../live/shelf';
import { useShelf } from '../../live/shelf';
import { Foot } from './Foot';

interface PourOverProps {
  readonly j: ShelfJar;
  readonly onDone: () => void;
  readonly onEmpty: () => void;
}
const OF_KIT = 'kit:';
/** Some of it, or all, into another vessel of the kitchen or into another jar: what that makes of it is said before. */
export function PourOver({ j, onDone, onEmpty }: PourOverProps) {
  const kit = useKit();
  const fridge = useLive(['fridge'], fridgeLog).data;
  const at = useNow();
  const shelf = useShelf(at);
  const write = useWrite();
  const [into, setInto] = useState<string | null>(null);
  const [own, setOwn] = useState<number | null>(null);
  const [scalded, setScalded] = useState(true);
  if (!kit || !fridge || !shelf) return null;
  const vessels = kit.things.filter((x): x is ThingOf<'jar'> => x.is === 'jar');
  const others = shelf.jars.filter((x) => x.jar.id !== j.jar.id && x.pulp === j.pulp);
  const chosen = into ?? `${OF_KIT}${vessels[0]?.id ?? ''}`;
  const vessel = chosen.startsWith(OF_KIT) ? vessels.find((v) => v.id === chosen.slice(OF_KIT.length)) : undefined;
  const other = others.find((x) => x.jar.id === chosen);
  const roomMl = vessel ? vessel.ml : other ? Math.max(0, other.jar.vesselMl - other.now.leftMl) : 0;
  const most = Math.floor(Math.min(j.now.leftMl, roomMl));
  const ml = own ?? most;
  const over = ml > most;
  const done = (p: PouredOver): void => {
    tell(
      `${join(millilitres(p.ml))} poured over.`,
      putBack('that', () => takePouringBack(p, now()), 'Take it back'),
    );
    if (p.ml >= j.now.leftMl - 0.5) onEmpty();
    else onDone();
  };
  const keep = (): void => {
    if (vessel) write.run('that it was poured over', () => decant(j.jar.id, ml, { ...vessel, scalded }, now()), done);
    else if (other)
      write.run(
        'that they were poured together',
        () => pourTogether(j.jar.id, other.jar.id, ml, `${j.name}, batch ${j.batch.number}`, now()),
        done,
      );
  };
  const then = other ? together(other, j, ml, fridge, at) : null;
  return (
    <>
      <div className="mb-3 flex flex-wrap items-end gap-3">
        <SelectField
          label="into"
          value={chosen}
          options={[
            ...vessels.map((v) => [`${OF_KIT}${v.id}`, `${v.name}, empty`] as const),
            ...others.map(
              (x) => [x.jar.id, `${x.name}, batch ${x.batch.number}, ${join(millilitres(x.now.leftMl))}`] as const,
            ),
          ]}
          onChange={(v) => {
            setInto(v);
            setOwn(null);
          }}
        />
        <NumberField
          label="how much"
          value={Math.round(ml)}
          unit="ml"
          low={1}
          high={Math.max(1, Math.floor(j.now.leftMl))}
          onChange={setOwn}
        />
      </div>
      {vessel && (
        <label className="mb-2 flex min-h-11 cursor-pointer items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={scalded}
            onChange={(e) => setScalded(e.target.checked)}
          />
          the vessel was scalded
        </label>
      )}
      <div className="alert alert-info my-3" role="status">
        {over || most < 1
          ? `Only ${join(millilitres(most))} find room there: it holds ${join(millilitres(vessel?.ml ?? other?.jar.vesselMl ?? 0))}.`
          : then
            ? togetherText(then, other?.now.keep?.s ?? 0)
            : scalded
              ? 'It keeps its time: a scalded vessel adds nothing to it.'
              : pouredOver(j.now.stream, ml, false).hygiene === j.now.hygiene
                ? 'It is no worse for it than it is already; scald the next one all the same.'
                : 'A vessel that was not scalded touches it: three days at most from the day it was made.'}
      </div>
      <Foot
        write={write}
        keep={other ? 'Pour them together' : 'Pour it over'}
        disabled={over || most < 1 || ml < 1}
        onKeep={keep}
        onBack={onDone}
      />
    </>
  );
}
function togetherText(then: JarNow, aloneS: number): string {
  const has = then.keep?.s ?? null;
  const left = has === null ? 'no set time' : has <= 0 ? 'no time left' : join(roughly(has));
  const stop = has !== null && has <= 0 ? ' Do not pour them together.' : '';
  return `Together they are ${TREATMENT_WORDS[then.treatment]} and have ${left}: the weaker of the two decides. What stands there has ${join(roughly(aloneS))} as it is.${stop}`;
}
/** The jar as it would be with so much of this one in it. */
function together(x: ShelfJar, j: ShelfJar, ml: number, fridge: Parameters<typeof jarNow>[3], at: number): JarNow {
  const stream = pouredOver(j.now.stream, ml, true);
  const line = {
    ...{ id: 'asked', jar: x.jar.id, seq: lastSeq(x.events) + 1, at, is: 'merged' as const },
    ...{ with: j.jar.id, name: j.name, stream, foods: j.now.foods },
  };
  return jarNow(x.jar, [...x.events, line], x.batch, fridge, at + 1);
}
