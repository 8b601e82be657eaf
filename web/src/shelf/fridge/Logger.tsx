import { paceMeanC } from '@ironpan/core/batch';
import { loggerFaultText, loggerText } from '@ironpan/core/formats';
import type { LoggerHow, LoggerRead } from '@ironpan/core/formats';
import { median } from '@ironpan/core/numerics';
import { plain } from '@ironpan/core/units';
import { useState } from 'react';
import { now as nowMs } from '../../clock';
import { useKit } from '../../live/useKitchen';
import { askLogger } from '../../offload';
import { saveLogger } from '../../store/fridge';
import { ChoiceButtons } from '../../ui/ChoiceButtons';
import { FileField } from '../../ui/FileField';
import { NotSaved } from '../../ui/NotSaved';
import { causeOf } from '../../ui/notSaved';
import { whenOf } from '../../ui/times';
import { tell } from '../../ui/toast';
import { useWrite } from '../../ui/useWrite';

/** A larger file than a logger of years writes, bytes. */
const MOST_BYTES = 200_000_000;
/** The dial is so far from what the logger says that Kit is asked to follow, K. */
const FAR_K = 0.5;
type Read = Extract<LoggerRead, { ok: true }>;

/** What it is at most times, to a tenth: plans do not count with a warm night, °C. */
function middleOf(r: Read): number {
  return Math.round(median(r.readings.map((x) => x.c)) * 10) / 10;
}
/** A logger's file, judged whole before anything of it is taken; what it does not say is asked. */
export function Logger({ now, onDone }: { readonly now: number; readonly onDone: () => void }) {
  const write = useWrite();
  const kit = useKit();
  const [text, setText] = useState<string | null>(null);
  const [how, setHow] = useState<LoggerHow>({});
  const [read, setRead] = useState<LoggerRead | null>(null);
  const [failed, setFailed] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const look = async (t: string, h: LoggerHow): Promise<void> => {
    setBusy(true);
    setFailed(null);
    try {
      setRead(await askLogger({ text: t, how: h }).done);
    } catch (e) {
      setFailed(`It could not be read. ${causeOf(e)}`);
    } finally {
      setBusy(false);
    }
  };
  const take = async (file: File): Promise<void> => {
    setRead(null);
    setHow({});
    if (file.size > MOST_BYTES) {
      setFailed('This file is too large for a logger’s. Take a part of it.');
      return;
    }
    try {
      const t = await file.text();
      setText(t);
      await look(t, {});
    } catch (e) {
      setFailed(`“${file.name}” could not be read. ${causeOf(e)}`);
    }
  };
  const answer = (part: LoggerHow): void => {
    const then = { ...how, ...part };
    setHow(then);
    if (text !== null) void look(text, then);
  };
  const keep = (r: Read, planC: number | null = null): void =>
    write.run(
      'what the logger told',
      () => saveLogger(r.readings, { fridgeC: planC, at: nowMs() }),
      () => {
        tell('The fridge’s own history is in: jars are reckoned by it.');
        onDone();
      },
    );
  const middleC = read?.ok ? middleOf(read) : null;
  const meanC = read?.ok ? paceMeanC(read.readings.map((r) => r.c)) : null;
  return (
    <>
      <p className="quiet small mb-2">
        CSV or text, as the logger wrote it: any usual separator, day and hour in one column or two, °C or °F.
      </p>
      <FileField label="The logger’s file" accept=".csv,.txt,.tsv,text/*" onFile={(file) => void take(file)} />
      <div aria-live="polite" className="mt-3">
        {busy && <p>Reading it …</p>}
        {failed !== null && <p className="alert alert-error">{failed} Nothing was changed.</p>}
        {read && !read.ok && 'fault' in read && (
          <p className="alert alert-error">{loggerFaultText(read.fault, read.line)} Nothing was changed.</p>
        )}
        {read && !read.ok && 'asks' in read && (
          <>
            <p className="mb-1">
              {read.asks === 'order'
                ? `Is ${read.example} written with the day or the month first?`
                : `Is ${read.example} in °C or in °F? Nothing in the file says it.`}
            </p>
            {read.asks === 'order' ? (
              <ChoiceButtons
                label="Order of the date"
                options={[
                  ['DMY', 'day first'],
                  ['MDY', 'month first'],
                ]}
                chosen={null}
                onChoose={(order) => answer({ order })}
              />
            ) : (
              <ChoiceButtons
                label="Unit"
                options={[
                  ['C', '°C'],
                  ['F', '°F'],
                ]}
                chosen={null}
                onChoose={(unit) => answer({ unit })}
              />
            )}
          </>
        )}
        {read?.ok && (
          <>
            <ul className="mb-2 list-disc pl-5">
              {loggerText(read, (at) => whenOf(at, now)).map((t) => (
                <li key={t}>{t}</li>
              ))}
              {meanC !== null && <li>Milk keeps in it as at {plain(meanC, 1)} °C all along.</li>}
            </ul>
            <NotSaved of={write} />
            <div className="flex flex-wrap gap-2">
              <button type="button" data-once className="btn btn-primary btn-lg" onClick={() => keep(read)}>
                Take it
              </button>
              {kit && middleC !== null && Math.abs(middleC - kit.fridgeC) > FAR_K && middleC > -1 && middleC < 15 && (
                <button type="button" className="btn btn-outline btn-lg" onClick={() => keep(read, middleC)}>
                  Take it, and plan with {plain(middleC, 1)} °C
                </button>
              )}
            </div>
          </>
        )}
      </div>
    </>
  );
}
