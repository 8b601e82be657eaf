import { wordBeliefs } from '@ironpan/core/learning';
import { NOTHING_AT, WORDS_FROM, wordsFrom } from '@ironpan/core/steps';
import { plain } from '@ironpan/core/units';
import { saidOn, SCALES, scaleFigure, scaleName, SCALE_OF, wordingText } from '@ironpan/core/words';
import { now } from '../clock';
import { WordLanes } from '../drawings/WordLanes';
import type { WordLane } from '../drawings/WordLanes';
import { useLive } from '../live/live';
import { allWording, countWordsFrom } from '../store/wording';
import type { WordingNow } from '../store/wording';
import { AsTable } from '../ui/AsTable';
import { NotSaved } from '../ui/NotSaved';
import { dayIn } from '../ui/times';
import { useWidth } from '../ui/useWidth';
import { useWrite } from '../ui/useWrite';

/** What the words of taste mean in this kitchen, from what was said of its jars. */
export function WordsTaught() {
  const rows = useLive(['wording'], allWording).data;
  if (!rows) return null;
  return (
    <section aria-label="What your words mean" className="plate p-4">
      <h2 className="text-xl">What your words mean</h2>
      <p className="quiet mb-3">
        One kitchen’s creamy is another’s thick. Each word said in a look at a jar is held beside the figure that was
        worked out for it, and plans then speak as you do. A figure is an estimate, and so is where a word begins.
      </p>
      {rows.length === 0 && (
        <p>Nothing yet. Look at a jar on the shelf and say how thick, slippery, gritty, beany or sweet it is.</p>
      )}
      <ul className="flex flex-col gap-4">
        {rows.map((r) => (
          <li key={r.scale} className="rowline pb-3">
            <One r={r} />
          </li>
        ))}
      </ul>
    </section>
  );
}

function One({ r }: { readonly r: WordingNow }) {
  const write = useWrite();
  const [box, width] = useWidth(560);
  const { scale, wording, beforeAt } = r;
  const name = scaleName(scale);
  const beliefs = wordBeliefs(wording ? [wording] : []);
  const told = wording ? wordingText(wording, beliefs) : [];
  const from = (at: number | null): void => write.run('from when words count', () => countWordsFrom(scale, at, now()));
  return (
    <>
      <h3 className="text-lg">{name}</h3>
      <p>
        {wording === null ? 'As shipped: no word counts.' : `From ${countText(wording.n, wording.people)}. `}
        {wording !== null && (told.length === 0 ? 'Your words begin where the shipped ones do.' : told.join(' '))}
      </p>
      <div ref={box} className="my-1">
        <WordLanes lanes={lanesOf(r, beliefs)} none={NOTHING_AT[scale]} width={width} />
      </div>
      <p className="small quiet">
        To the right there is more of {SCALE_OF[scale]}. Filled: where a word holds here; dashed: as shipped; each dot a
        time it was said.
      </p>
      <AsTable
        heads={['said', 'of', 'by', 'when']}
        rows={r.said
          .toReversed()
          .map((w) => [
            saidOn(scale, w.word).word,
            scaleFigure(scale, w.x),
            w.by === '' ? 'you' : w.by,
            `${dayIn(w.at, now())}${beforeAt !== null && w.at < beforeAt ? ', does not count' : ''}`,
          ])}
      />
      <div className="mt-2 flex flex-wrap gap-3">
        <button
          type="button"
          className="btn btn-outline"
          aria-label={`Begin anew from today: ${name}`}
          onClick={() => from(now())}
        >
          Begin anew from today
        </button>
        {beforeAt !== null && (
          <button
            type="button"
            className="btn btn-outline"
            aria-label={`Count all of it again: ${name}`}
            onClick={() => from(null)}
          >
            Count all of it again
          </button>
        )}
      </div>
      <NotSaved of={write} />
    </>
  );
}
const countText = (n: number, people: number): string =>
  `${n === 1 ? 'one word' : `${plain(n)} words`} of ${people === 1 ? 'one person' : `${plain(people)} people`}`;

/** More is drawn beyond every word. */
const FAR = 1e9;
function lanesOf(r: WordingNow, beliefs: Parameters<typeof wordsFrom>[1]): readonly WordLane[] {
  const [here, usual] = [
    Object.values<number>(wordsFrom(r.scale, beliefs)),
    Object.values<number>(WORDS_FROM[r.scale]),
  ];
  const bounds = Object.keys(WORDS_FROM[r.scale]);
  const none = NOTHING_AT[r.scale];
  const words = Object.keys(SCALES[r.scale].words);
  // Below the first bound there is one word, or two that differ in what is in it.
  const below = words.filter((w) => !bounds.includes(w));
  const place = (w: string): number => (below.includes(w) ? 0 : bounds.indexOf(w) + 1);
  return words.map((w): WordLane => {
    const i = place(w);
    return {
      word: saidOn(r.scale, w).word,
      from: here[i - 1] ?? none,
      to: here[i] ?? FAR,
      usualFrom: usual[i - 1] ?? none,
      usualTo: usual[i] ?? FAR,
      said: r.said
        .filter((s) => s.word === w)
        .map((s) => ({ x: s.x, counts: r.beforeAt === null || s.at >= r.beforeAt })),
    };
  });
}
