import { proposedLayers } from '@ironpan/core/detect';
import type { ProposedLayers, SeenLayers } from '@ironpan/core/detect';
import type { Photo, PhotoFrame, PhotoSeen } from '@ironpan/core/batch';
import type { Layer } from '@ironpan/core/steps';
import { Camera, ImageUp } from 'lucide-react';
import { useEffect, useId, useRef, useState } from 'react';
import { now } from '../../clock';
import { MIDDLE } from '../../drawings/photoLines';
import { useLive } from '../../live/live';
import { PhotoEye } from '../../offload';
import { dropPhoto, keepPhoto, photoOf } from '../../store/photos';
import { NotSaved } from '../../ui/NotSaved';
import { NumberField } from '../../ui/NumberField';
import { causeOf } from '../../ui/notSaved';
import { useWrite } from '../../ui/useWrite';
import { FramedPhoto } from './FramedPhoto';

const ONE: readonly Layer[] = [{ kind: 'body', share: 1 }];

interface PhotographProps {
  readonly jar: string;
  readonly said: PhotoSeen | undefined;
  /** What is drawn over it: the layers that were said, else those expected. */
  readonly layers: readonly Layer[] | undefined;
  readonly expected: readonly Layer[];
  readonly onSay: (photo: PhotoSeen | undefined, layers?: readonly Layer[]) => void;
}
/** A photograph for a look: taken or chosen, kept small; the lines between layers are proposed from it and put right by hand. */
export function Photograph({ jar, said, layers, expected, onSay }: PhotographProps) {
  const eye = useRef<PhotoEye | null>(null);
  const asked = useRef(0);
  const proposed = useRef('');
  const [busy, setBusy] = useState(false);
  const [refused, setRefused] = useState<string | null>(null);
  const [told, setTold] = useState<string | null>(null);
  const [whole, setWhole] = useState(false);
  /** Puts back the one that was taken away last. */
  const [gone, setGone] = useState<(() => void) | null>(null);
  const write = useWrite();
  const photo = useLive(['photo', said?.of ?? null], () => (said ? photoOf(said.of) : Promise.resolve(null))).data;
  useEffect(
    () => () => {
      eye.current?.stop();
    },
    [],
  );
  const propose = (s: SeenLayers): ProposedLayers => {
    const all = proposedLayers(s, expected);
    proposed.current = JSON.stringify(all.layers);
    return all;
  };
  const take = async (file: File): Promise<void> => {
    setBusy(true);
    setRefused(null);
    setTold(null);
    setGone(null);
    eye.current ??= new PhotoEye();
    try {
      const r = await eye.current.take(file);
      if (!r.ok) {
        setRefused(r.say);
        return;
      }
      write.run(
        'the photograph',
        () => keepPhoto(jar, r.taken, now()),
        (of) => {
          const found = r.seen ? propose(r.seen) : null;
          onSay({ of, frame: found?.frame ?? null }, found?.layers);
          setTold(found ? foundText(found) : null);
        },
      );
    } catch (e) {
      setRefused(`The photograph could not be looked at. ${causeOf(e)}`);
    } finally {
      setBusy(false);
    }
  };
  /** The lines as they are seen in a frame that was shown by hand. */
  const lookIn = async (p: Photo, frame: PhotoFrame): Promise<void> => {
    if (!said) return;
    // The frame stands where the hand left it at once; lines that come back for an older one are late.
    onSay({ of: said.of, frame });
    asked.current += 1;
    const mine = asked.current;
    setBusy(true);
    try {
      if (!eye.current) {
        eye.current = new PhotoEye();
        await eye.current.open(p.jpeg);
      }
      const seen = await eye.current.within(frame);
      if (mine !== asked.current) return;
      const found = propose(seen);
      onSay({ of: said.of, frame: found.frame }, found.layers);
      setTold(foundText(found));
    } catch (e) {
      setRefused(`The photograph could not be looked at. ${causeOf(e)}`);
    } finally {
      setBusy(false);
    }
  };
  /** Lines that somebody put where they are stay there when the frame is moved; else they are looked for anew. */
  const moved = (p: Photo, frame: PhotoFrame): void => {
    const byHand = said?.frame != null && layers !== undefined && JSON.stringify(layers) !== proposed.current;
    if (!byHand) {
      void lookIn(p, frame);
      return;
    }
    onSay({ of: p.id, frame });
    setTold('The layers stay as you said them. “Find the lines” looks for them anew.');
  };
  const away = (p: Photo): void =>
    write.run(
      'that',
      () => dropPhoto(p.id),
      (back) => {
        setTold(null);
        setGone(() => () => {
          write.run('the photograph', back, () => {
            setGone(null);
            onSay(said);
          });
        });
        onSay(undefined);
      },
    );
  return (
    <div className="mb-3">
      {photo && said ? (
        <div className="flex flex-wrap items-start gap-x-5 gap-y-2">
          <FramedPhoto
            key={`${photo.id} ${whole}`}
            photo={photo}
            frame={said.frame ?? MIDDLE}
            begun={whole ? null : said.frame}
            layers={said.frame ? (layers ?? expected) : ONE}
            onFrame={(f) => moved(photo, f)}
            onLayers={(l) => onSay(said, l)}
          />
          <div className="min-w-48 flex-1">
            <p role="status">
              {busy
                ? 'Looking for the lines…'
                : (told ??
                  (said.frame
                    ? 'Drag the frame and the lines to where you see them.'
                    : 'No jar was found in it. Drag the frame to the top, the foot and the sides of the milk; the lines are then looked for.'))}
            </p>
            <NumberField
              label="lean to the right"
              value={Math.round((said.frame?.tilt ?? 0) * (180 / Math.PI))}
              unit="°"
              low={-25}
              high={25}
              width="3rem"
              onChange={(v) => moved(photo, { ...(said.frame ?? MIDDLE), tilt: (v * Math.PI) / 180 })}
            />
            <div className="mt-2 flex flex-wrap gap-2">
              <button
                type="button"
                className="btn btn-outline btn-tall"
                onClick={() => void lookIn(photo, said.frame ?? MIDDLE)}
              >
                Find the lines in this frame
              </button>
              <button
                type="button"
                aria-pressed={whole}
                className="btn btn-outline btn-tall"
                onClick={() => setWhole(!whole)}
              >
                The whole picture
              </button>
              <button type="button" className="btn btn-outline btn-tall" onClick={() => away(photo)}>
                Take the photograph away
              </button>
            </div>
          </div>
        </div>
      ) : (
        <>
          <Chooser busy={busy} onFile={(f) => void take(f)} />
          {gone && (
            <p className="mt-1" role="status">
              The photograph is taken away.{' '}
              <button type="button" className="link" onClick={gone}>
                Put it back
              </button>
            </p>
          )}
        </>
      )}
      {refused !== null && (
        <p className="alert alert-warning mt-2" role="alert">
          {refused}
        </p>
      )}
      <NotSaved of={write} />
    </div>
  );
}
function foundText({ layers, air }: ProposedLayers): string {
  const n = layers.length - 1;
  const above = air > 0 ? ' The air above the milk is left out.' : '';
  if (n === 0) return `No line was found. The milk looks all of one kind.${above} Add a line below if you see one.`;
  return `${n === 1 ? 'One line was found' : `${n} lines were found`}.${above} Drag any line that is not where you see it. Each layer is named below.`;
}
/** From the camera where there is one at hand, or a picture there is already. */
function Chooser({ busy, onFile }: { readonly busy: boolean; readonly onFile: (f: File) => void }) {
  const id = useId();
  const input = (key: string, camera: boolean) => (
    <input
      id={`${id}${key}`}
      type="file"
      accept="image/*"
      {...(camera ? { capture: 'environment' as const } : {})}
      disabled={busy}
      className="sr-only"
      onChange={(e) => {
        const file = e.target.files?.[0];
        e.target.value = '';
        if (file) onFile(file);
      }}
    />
  );
  const look = 'btn btn-outline btn-tall focus-within:outline-2';
  return (
    <div className="flex flex-wrap gap-2" aria-busy={busy}>
      <label htmlFor={`${id}camera`} className={`${look} hidden pointer-coarse:inline-flex`}>
        <Camera aria-hidden size={20} /> Photograph it
        {input('camera', true)}
      </label>
      <label htmlFor={`${id}file`} className={look}>
        <ImageUp aria-hidden size={20} /> {busy ? 'Reading the picture…' : 'Choose a photograph'}
        {input('file', false)}
      </label>
    </div>
  );
}
