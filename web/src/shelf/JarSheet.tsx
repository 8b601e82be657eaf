import { lastSeq, THROWN_REASONS } from '@ironpan/core/batch';
import type { JarHappening } from '@ironpan/core/batch';
import { duration, HYGIENE, join, THROWN_WHY } from '@ironpan/core/words';
import { useState } from 'react';
import { Link } from 'react-router';
import { now } from '../clock';
import { appendToJar, takeBack } from '../store/jars';
import type { Said } from '../store/jars';
import { Dialog } from '../ui/Dialog';
import { notSaved } from '../ui/notSaved';
import { NumberField } from '../ui/NumberField';
import { fullDate } from '../ui/times';
import { tell } from '../ui/toast';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';
import { amountLeft, timeLeft } from './say';
import type { ShelfJar } from './useShelf';

const POURS = [100, 200, 250] as const;
const THROWN = THROWN_REASONS.filter((r) => r !== 'other');

/** One jar: what it is, how long it has, and what happened to it in one press. */
export function JarSheet({ j, onClose }: { readonly j: ShelfJar; readonly onClose: () => void }) {
  const [own, setOwn] = useState<number | null>(null);
  const write = useWrite();
  const say = (what: JarHappening, text: string, after: () => void = () => undefined): void =>
    write.run(
      text.replace(/\.$/, '').toLowerCase(),
      () => appendToJar(j.jar.id, what, now(), lastSeq(j.events)),
      (said) => {
        after();
        const { id } = said;
        if (id === null) return;
        const back = (): void => void takeBack(j.jar.id, id, now()).catch((e: unknown) => tell(notSaved('that', e)));
        tell(pouredLess(what, said) ?? text, { label: 'Take it back', run: back });
      },
    );
  const end = (what: JarHappening, text: string): void => say(what, text, onClose);
  const pour = (ml: number): void => {
    if (ml >= j.now.leftMl - 0.5) end({ is: 'finished' }, `${j.name} finished.`);
    else say({ is: 'poured', ml }, `${ml} ml poured.`);
  };
  const { boilS } = j.now;
  const raw = !j.now.done;
  return (
    <Dialog
      title={`${j.danger ? 'Not boiled enough: ' : raw ? 'Raw ' : ''}${j.name}, batch ${j.batch.number}`}
      onClose={onClose}
    >
      <dl className="mb-4">
        <Line label="Left" text={amountLeft(j)} />
        <Line label="State" text={j.danger ? 'not boiled enough' : HYGIENE[j.now.hygiene]} />
        <Line label="Filled" text={fullDate(j.jar.filledAt)} />
        <Line label={raw ? 'To boil within' : 'Time left'} text={timeLeft(j)} />
        {!raw && j.now.keep && j.now.keep.s > 0 && <Line label="Use by" text={fullDate(now() + j.now.keep.s * 1000)} />}
      </dl>
      <NotSaved of={write} />
      {j.tone === 'past' && (
        <p className="alert alert-error mb-4">
          It is past its time. Smell and looks do not show every germ: throw it away.
        </p>
      )}
      {raw && (
        <div className="alert alert-error mb-4">
          <p>
            {j.pulp
              ? `This pulp is raw: do not eat it. Boil it ${join(duration(boilS))} from the true boil first; drying is not cooking.`
              : `By what was recorded this has not been boiled enough: do not drink it. It still needs ${join(duration(boilS))} at the true boil, in a pot no more than two thirds full, stirring.`}
          </p>
          <button
            type="button"
            data-once
            className="btn btn-outline mt-2"
            onClick={() => say({ is: 'boiled', forS: boilS }, `Boiled ${join(duration(boilS))}.`)}
          >
            I have boiled it {join(duration(boilS))}
          </button>
        </div>
      )}
      {!raw && !j.pulp && (
        <>
          <h3 className="mb-2 text-lg">Pour out</h3>
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
          </div>
        </>
      )}
      <h3 className="mb-2 text-lg">{raw ? 'Throw away' : 'Finish or throw away'}</h3>
      <div className="grid grid-cols-2 gap-2">
        {!raw && (
          <button
            type="button"
            className="btn btn-primary btn-lg col-span-2"
            onClick={() => end({ is: 'finished' }, `${j.name} finished.`)}
          >
            Finished, all used
          </button>
        )}
        {THROWN.map((why) => (
          <button
            key={why}
            type="button"
            data-once
            className="btn btn-outline btn-lg"
            onClick={() =>
              end(
                { is: 'thrown', why, text: '', lastFineAt: null, foundAt: null },
                `${j.name} thrown away: ${THROWN_WHY[why].toLowerCase()}.`,
              )
            }
          >
            {THROWN_WHY[why]}
          </button>
        ))}
      </div>
      <p className="quiet small mt-4">
        <Link className="underline" to={`/book/${j.batch.id}`} onClick={onClose}>
          {j.batch.name}, in the book
        </Link>{' '}
        · Times are a guide, never beyond the usual caps; your local food-safety authority decides.
      </p>
    </Dialog>
  );
}
/** Another window had poured from it: what was left is less than what was asked for. */
function pouredLess(what: JarHappening, said: Said): string | null {
  if (what.is !== 'poured' || said.pouredMl === null || said.pouredMl >= what.ml - 0.5) return null;
  return `Only ${Math.round(said.pouredMl)} ml were left; the jar is empty.`;
}
function Line({ label, text }: { readonly label: string; readonly text: string }) {
  return (
    <div className="rowline flex justify-between gap-3 py-1">
      <dt>{label}</dt>
      <dd className="num text-right">{text}</dd>
    </div>
  );
}
