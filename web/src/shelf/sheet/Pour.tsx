import { useState } from 'react';
import { NotSaved } from '../../ui/NotSaved';
import { NumberField } from '../../ui/NumberField';
import type { ShelfJar } from '../../live/shelf';
import { useSay } from './useSay';

const POURS = [100, 200, 250] as const;
interface PourProps {
  readonly j: ShelfJar;
  readonly onDone: () => void;
  readonly onEmpty: () => void;
  readonly onLook: () => void;
}
/** A glass out of it; who has poured has also tasted, and is asked how it was. */
export function Pour({ j, onDone, onEmpty, onLook }: PourProps) {
  const [own, setOwn] = useState<number | null>(null);
  const [poured, setPoured] = useState(0);
  const { say, write } = useSay(j);
  const pour = (ml: number): void => {
    if (ml >= j.now.leftMl - 0.5) say({ is: 'finished' }, `${j.name} finished.`, onEmpty);
    else say({ is: 'poured', ml }, `${ml} ml poured.`, (said) => setPoured(Math.round(said.pouredMl ?? ml)));
  };
  if (poured > 0)
    return (
      <>
        <p className="mb-3 text-lg">{poured} ml poured. How was it? A look takes ten seconds.</p>
        <div className="grid grid-cols-2 gap-2">
          <button type="button" className="btn btn-primary btn-lg" onClick={onLook}>
            How was it?
          </button>
          <button type="button" className="btn btn-outline btn-lg" onClick={onDone}>
            Not now
          </button>
        </div>
      </>
    );
  return (
    <>
      <div className="mb-2 grid grid-cols-3 gap-2">
        {POURS.map((ml) => (
          <button
            key={ml}
            type="button"
            data-once
            className="btn btn-outline btn-lg"
            disabled={ml > j.now.leftMl + 0.5}
            onClick={() => pour(ml)}
          >
            {ml} ml
          </button>
        ))}
      </div>
      <div className="mb-4 flex items-end gap-2">
        <NumberField
          label="Another amount"
          value={own}
          unit="ml"
          low={1}
          high={Math.floor(j.now.leftMl)}
          onChange={setOwn}
        />
        <button type="button" className="btn btn-outline" disabled={own === null} onClick={() => pour(own ?? 0)}>
          Pour
        </button>
        <button type="button" className="btn btn-outline ml-auto" onClick={onDone}>
          Back
        </button>
      </div>
      <NotSaved of={write} />
    </>
  );
}
