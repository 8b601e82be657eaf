import type { Photo, PhotoFrame } from '@ironpan/core/batch';
import type { Layer } from '@ironpan/core/steps';
import { LAYER_WORDS } from '@ironpan/core/words';
import { pointOn } from './photoLines';

interface JarPhotoProps {
  readonly photo: Pick<Photo, 'width' | 'height' | 'jpeg'>;
  readonly frame: PhotoFrame | null;
  readonly layers: readonly Layer[];
  readonly label: string;
  /** Pixels of the picture to one on the screen. */
  readonly scale: number;
}
/** A photograph with what was seen in it: where the milk stands and, from the top down, its layers. */
export function JarPhoto({ photo, frame, layers, label, scale }: JarPhotoProps) {
  const ends = layers.map((_, i) => layers.slice(0, i).reduce((x, l) => x + l.share, 0));
  return (
    <>
      <image
        href={`data:image/jpeg;base64,${photo.jpeg}`}
        width={photo.width}
        height={photo.height}
        role="img"
        aria-label={label}
      />
      {frame && (
        <g pointerEvents="none">
          <path d={outline(photo, frame)} fill="none" stroke="#fff" strokeOpacity={0.9} strokeWidth={3.5 * scale} />
          <path d={outline(photo, frame)} fill="none" stroke="#1d1b18" strokeWidth={1.5 * scale} />
          {ends.slice(1).map((at) => {
            const d = across(photo, frame, at);
            return (
              <g key={at} fill="none">
                <path d={d} stroke="#fff" strokeWidth={4 * scale} />
                <path d={d} stroke="#1d1b18" strokeWidth={1.5 * scale} strokeDasharray={`${6 * scale} ${4 * scale}`} />
              </g>
            );
          })}
          {layers.length > 1 &&
            layers.map((l, i) => {
              const [x, y] = pointOn(photo, frame, (ends[i] ?? 0) + l.share / 2, -0.45);
              return (
                <text
                  key={`${l.kind} ${i}`}
                  x={x}
                  y={y}
                  dy="0.35em"
                  textAnchor="middle"
                  fontSize={13 * scale}
                  fontWeight={600}
                  fill="#1d1b18"
                  stroke="#fff"
                  strokeWidth={4 * scale}
                  paintOrder="stroke"
                >
                  {LAYER_WORDS[l.kind].word}
                </text>
              );
            })}
        </g>
      )}
    </>
  );
}
type Size = Pick<Photo, 'width' | 'height'>;
const across = (p: Size, f: PhotoFrame, share: number): string =>
  `M${pointOn(p, f, share, -1).join(' ')} L${pointOn(p, f, share, 1).join(' ')}`;
const outline = (p: Size, f: PhotoFrame): string =>
  `M${pointOn(p, f, 0, -1).join(' ')} L${pointOn(p, f, 0, 1).join(' ')} L${pointOn(p, f, 1, 1).join(' ')} L${pointOn(p, f, 1, -1).join(' ')} Z`;
