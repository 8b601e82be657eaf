import { foodStyle } from '../../drawings/foodStyle';
import { wordsFrom } from '@ironpan/core/steps';
import { BodyScale } from '../../drawings/BodyScale';
import { JarShape } from '../../drawings/Jar';
import { bodyText, join, layersText, roughly } from '@ironpan/core/words';
import type { Beside } from '../../live/useBeside';

/** Body, layers and keeping, each drawn on one scale for all of them. */
export function OneScale({ all }: { readonly all: readonly Beside[] }) {
  const longest = Math.max(1, ...all.map((b) => b.summary.main?.keep?.s ?? 0));
  return (
    <section aria-label="On one scale" className="plate p-4">
      <h2 className="mb-2 text-xl">On one scale</h2>
      <ul className="grid gap-x-6 gap-y-4 sm:grid-cols-2">
        {all.map((b) => {
          const { main } = b.summary;
          const layers = main?.body?.afterDay ?? [];
          return (
            <li key={b.id} className="flex min-w-0 gap-4">
              <svg width={54} height={96} className="shrink-0" aria-hidden="true" style={foodStyle(b.milk)}>
                <JarShape
                  width={54}
                  height={95}
                  share={0.9}
                  fill="var(--food)"
                  {...(layers.length > 0 && { layers })}
                />
              </svg>
              <div className="min-w-0 flex-1">
                <p className="truncate font-semibold" title={b.name}>
                  {b.name}
                </p>
                {main?.body ? (
                  <>
                    <BodyScale
                      cold={main.body.relative}
                      hot={main.body.later[1]?.relative ?? main.body.relative}
                      from={wordsFrom('thick', b.made.beliefs)}
                      width={200}
                    />
                    <p className="small quiet">{bodyText(main.body)}</p>
                  </>
                ) : (
                  <p className="small quiet">no milk came of it</p>
                )}
                {layers.length > 1 && <p className="small quiet">after a day: {layersText(layers)}</p>}
                {main?.keep && (
                  <>
                    <span
                      aria-hidden="true"
                      className="mt-1 block h-2.5 rounded"
                      style={{ width: `${(100 * main.keep.s) / longest}%`, background: 'var(--leaf-text)' }}
                    />
                    <p className="small quiet">keeps {join(roughly(main.keep.s))}</p>
                  </>
                )}
              </div>
            </li>
          );
        })}
      </ul>
      <p className="small quiet mt-3">
        Dark mark: the body cold; outlined: heated to 80 °C. Layers as expected after a day in the fridge.
      </p>
    </section>
  );
}
