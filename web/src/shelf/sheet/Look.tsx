import { CAME_BACK, LOOK_SCALES, saysNothing, SIGNS } from '@ironpan/core/batch';
import { CAP } from '@ironpan/core/steps';
import type { JarHappening, Scale, Sign } from '@ironpan/core/batch';
import { plain } from '@ironpan/core/units';
import { CAME_BACK_WORDS, milkOf, SCALES, SIGN_WORDS } from '@ironpan/core/words';
import { foodStyle } from '../../drawings/foodStyle';
import { useHalfLook } from '../../live/useHalfLook';
import { ChoiceButtons } from '../../ui/ChoiceButtons';
import type { ShelfJar } from '../../live/shelf';
import { LayerLines } from './LayerLines';
import { Measure } from './Measure';
import { Photograph } from './Photograph';
import { ScaleRow } from './ScaleRow';
import { Foot } from './Foot';
import { useSay } from './useSay';

const NOT_MEASURED = {};

/** How a jar is: ten seconds, one hand, nothing to type. What was expected is marked; what is not said stays unsaid. */
export function Look({ j, onDone }: { readonly j: ShelfJar; readonly onDone: () => void }) {
  const half = useHalfLook(j.jar.id);
  const { say, write } = useSay(j);
  if (!half) return null;
  const { look, shaken, say: set } = half;
  const { expected, capSetsBelowC } = j.now;
  const capHeld = capSetsBelowC !== null && j.now.placeC <= capSetsBelowC ? CAP.softensC : null;
  const nothing = saysNothing(look) && shaken === null;
  const keep = (): void => {
    const told: JarHappening[] = [
      ...(saysNothing(look) ? [] : [{ is: 'looked' as const, look }]),
      ...(shaken === null ? [] : [{ is: 'shaken' as const, cameBack: shaken }]),
    ];
    say(told, 'The look is kept.', () => {
      half.forget();
      onDone();
    });
  };
  return (
    <div style={foodStyle(milkOf(j.batch.recipe))}>
      <Signs said={look.signs ?? []} onSay={(signs) => set({ signs })} />
      {expected && (
        <div className="grid gap-x-6 wide:grid-cols-2">
          {scalesOf(j).map((scale) => (
            <ScaleRow
              key={scale}
              scale={scale}
              expected={scale === 'liked' ? null : expected[scale]}
              said={look[scale] ?? null}
              onSay={(word) => set({ [scale]: word ?? undefined })}
            />
          ))}
        </div>
      )}
      {expected && (
        <>
          <h3 className="mt-2 mb-1 text-lg">Layers, before you shake it</h3>
          <Photograph
            jar={j.jar.id}
            said={look.photo}
            layers={look.layers}
            expected={expected.layers}
            onSay={(photo, layers) => set({ photo, ...(layers ? { layers } : {}) })}
          />
          <LayerLines
            layers={look.layers ?? expected.layers}
            said={look.layers !== undefined}
            onSay={(layers) => set({ layers })}
          />
          {look.layers === undefined && (
            <button
              type="button"
              className="btn btn-outline btn-tall mt-1"
              onClick={() => set({ layers: expected.layers })}
            >
              It looks just as drawn
            </button>
          )}
          <p className="mt-3 mb-1">
            <b>Shaken</b>{' '}
            <span className="quiet small">
              {shaken
                ? CAME_BACK_WORDS[shaken].means
                : capHeld
                  ? `how did it come back? Its cap is set: it melts from ${plain(capHeld)} °C on.`
                  : 'how did it come back?'}
            </span>
          </p>
          <ChoiceButtons
            label="How it came back when shaken"
            options={CAME_BACK.map((c) => [c, CAME_BACK_WORDS[c].word] as const)}
            chosen={shaken}
            onChoose={(c) => half.sayShaken(c === shaken ? null : c)}
          />
        </>
      )}
      {expected && <Measure j={j} measured={look.measured ?? NOT_MEASURED} onSay={(measured) => set({ measured })} />}
      <WordsMean scales={scalesOf(j)} />
      <label className="mb-3 block">
        <span className="small quiet block">A note, if you like</span>
        <textarea
          className="textarea w-full"
          rows={1}
          maxLength={2000}
          value={look.note ?? ''}
          onChange={(e) => set({ note: e.target.value })}
        />
      </label>
      <Foot
        write={write}
        keep={nothing ? 'Press what you see' : 'Keep this look'}
        disabled={nothing}
        onKeep={keep}
        onBack={onDone}
      />
    </div>
  );
}

/** Fine goes alone; any other sign takes it back. */
function Signs({ said, onSay }: { readonly said: readonly Sign[]; readonly onSay: (s: readonly Sign[]) => void }) {
  const press = (s: Sign): void => {
    if (said.includes(s)) onSay(said.filter((x) => x !== s));
    else onSay(s === 'fine' ? ['fine'] : [...said.filter((x) => x !== 'fine'), s]);
  };
  const last = said.at(-1);
  return (
    <div role="group" aria-label="Smell and looks" className="mb-3">
      <p className="mb-1 flex flex-wrap items-baseline gap-x-2">
        <b>Smell and looks</b>
        {last && (
          <span className="small" style={{ color: last === 'fine' ? 'var(--ash)' : 'var(--flame-text)' }}>
            {SIGN_WORDS[last].means}
          </span>
        )}
      </p>
      <div className="flex flex-wrap gap-1.5">
        {SIGNS.map((s) => (
          <button
            key={s}
            type="button"
            aria-pressed={said.includes(s)}
            className={`btn btn-lg px-3 ${s === 'fine' ? 'basis-full text-lg wide:basis-40' : 'grow'} ${said.includes(s) ? 'btn-neutral' : 'btn-outline'}`}
            onClick={() => press(s)}
          >
            {SIGN_WORDS[s].word}
          </button>
        ))}
      </div>
    </div>
  );
}

/** Every word of the scales with what it means, for who wants to read before pressing. */
function WordsMean({ scales }: { readonly scales: readonly Scale[] }) {
  return (
    <details className="mb-3">
      <summary className="cursor-pointer">What the words mean</summary>
      <dl className="small mt-1 grid grid-cols-[auto_1fr] gap-x-4">
        {SIGNS.map((s) => (
          <div key={s} className="contents">
            <dt className="font-semibold">{SIGN_WORDS[s].word}</dt>
            <dd>{SIGN_WORDS[s].means}</dd>
          </div>
        ))}
        {scales.flatMap((scale) =>
          Object.entries(SCALES[scale].words).map(([word, w]) => (
            <div key={`${scale} ${word}`} className="contents">
              <dt>
                {SCALES[scale].name}: <b>{w.word}</b>
              </dt>
              <dd>{w.means}</dd>
            </div>
          )),
        )}
      </dl>
    </details>
  );
}
/** Only what this milk can be asked. */
function scalesOf(j: ShelfJar): readonly Scale[] {
  return LOOK_SCALES.filter((s) => s !== 'beany' || j.now.expected?.beany != null);
}
