import type { PhotoSeen } from '@ironpan/core/batch';
import type { PhotoRecord } from '@ironpan/core/records';
import type { Layer } from '@ironpan/core/steps';
import { useState } from 'react';
import { JarPhoto } from '../drawings/JarPhoto';
import { partAbout } from '../drawings/photoLines';
import { useLive } from '../live/live';
import { dropPhoto, photoOf } from '../store/photos';
import { Dialog } from './Dialog';
import { NotSaved } from './NotSaved';
import { notSaved } from './notSaved';
import { tell } from './toast';
import { useWrite } from './useWrite';

/** How high it is shown beside a look, and opened, pixels. */
const SMALL = 120;
const WIDE = 440;
const HIGH = 560;

interface LookPhotoProps {
  readonly seen: PhotoSeen;
  readonly layers: readonly Layer[];
  /** Of what and when, as a sentence names it. */
  readonly of: string;
}
/** The photograph of a look: small, opened by a press. */
export function LookPhoto({ seen, layers, of }: LookPhotoProps) {
  const photo = useLive(['photo', seen.of], () => photoOf(seen.of)).data;
  const [open, setOpen] = useState(false);
  if (photo === undefined) return null;
  if (photo === null) return <p className="quiet small">Its photograph was taken away.</p>;
  return (
    <>
      <button
        type="button"
        className="my-1 block cursor-pointer rounded"
        aria-label={`Open the photograph of ${of}`}
        onClick={() => setOpen(true)}
      >
        <Drawn photo={photo} seen={seen} layers={[]} of={of} wide={SMALL} high={SMALL} />
      </button>
      {open && (
        <Dialog title="Photograph" onClose={() => setOpen(false)}>
          <Drawn photo={photo} seen={seen} layers={layers} of={of} wide={WIDE} high={HIGH} />
          <TakeAway photo={photo} onDone={() => setOpen(false)} />
        </Dialog>
      )}
    </>
  );
}
interface DrawnProps extends LookPhotoProps {
  readonly photo: PhotoRecord;
  readonly wide: number;
  readonly high: number;
}
function Drawn({ photo, seen, layers, of, wide, high }: DrawnProps) {
  const part = partAbout(photo, seen.frame);
  const scale = Math.max(part.width / wide, part.height / high);
  return (
    <svg
      width={part.width / scale}
      height={part.height / scale}
      viewBox={`${part.x} ${part.y} ${part.width} ${part.height}`}
      className="block max-w-full rounded"
    >
      <JarPhoto
        photo={photo}
        frame={layers.length > 0 ? seen.frame : null}
        layers={layers}
        label={`Photograph of ${of}`}
        scale={scale}
      />
    </svg>
  );
}
function TakeAway({ photo, onDone }: { readonly photo: PhotoRecord; readonly onDone: () => void }) {
  const write = useWrite();
  return (
    <>
      <button
        type="button"
        className="btn btn-outline btn-tall mt-3"
        onClick={() =>
          write.run(
            'that',
            () => dropPhoto(photo.id),
            (back) => {
              onDone();
              const run = (): void => void back().catch((e: unknown) => tell(notSaved('the photograph', e)));
              tell('The photograph is taken away.', { label: 'Take it back', run });
            },
          )
        }
      >
        Take the photograph away
      </button>
      <NotSaved of={write} />
    </>
  );
}
