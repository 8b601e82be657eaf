import type { Fate, JarTimes, Liked, Scale, Sign } from '../batch';
import type { BeanyWord, BodyWord, GritWord, Layer, LayerKind, SlipWord, SweetWord } from '../steps';
import { BODY_WORDS, SLIP_WORDS } from './measures';
import { plain } from '../units';
import { join } from './format';
import { THROWN_WHY } from './reasons';

/** One word of a scale, and how it is told from its neighbours. */
export interface Said {
  readonly word: string;
  readonly means: string;
}
type Said_<W extends string> = Readonly<Record<W, Said>>;
const THICK: Said_<BodyWord> = {
  watery: { word: BODY_WORDS.watery, means: 'Runs like water, and there is little in it.' },
  thin: { word: BODY_WORDS.thin, means: 'Runs like water.' },
  likeMilk: { word: BODY_WORDS.likeMilk, means: 'Pours as cow’s milk does.' },
  creamy: { word: BODY_WORDS.creamy, means: 'Coats a spoon, as pouring cream does.' },
  thick: { word: BODY_WORDS.thick, means: 'Falls from the spoon in ribbons, as a thin custard.' },
  sets: { word: BODY_WORDS.sets, means: 'Does not pour; holds the mark of a spoon.' },
};
const SLIP: Said_<SlipWord> = {
  clean: { word: SLIP_WORDS.clean, means: 'Leaves the tongue as water does.' },
  silky: { word: SLIP_WORDS.silky, means: 'Smooth, a little slick.' },
  slippery: { word: SLIP_WORDS.slippery, means: 'Slides; a drop drawn between two fingers holds for a moment.' },
  slimy: { word: SLIP_WORDS.slimy, means: 'Pulls a thread from the spoon.' },
};
const GRIT: Said_<GritWord> = {
  smooth: { word: 'smooth', means: 'Nothing to feel.' },
  faint: { word: 'a trace', means: 'A little dust in the last sip.' },
  grainy: { word: 'grainy', means: 'Felt in every sip, as fine flour.' },
  sandy: { word: 'sandy', means: 'Between the teeth.' },
};
const BEANY: Said_<BeanyWord> = {
  none: { word: 'none', means: 'Nothing of raw beans.' },
  faint: { word: 'faint', means: 'Only who looks for it finds it.' },
  clear: { word: 'clear', means: 'Everybody tastes it, like raw peas.' },
  strong: { word: 'strong', means: 'Grass and raw peas before anything else.' },
};
const SWEET: Said_<SweetWord> = {
  not: { word: 'not', means: 'Not sweet.' },
  little: { word: 'a little', means: 'As cow’s milk is.' },
  sweet: { word: 'sweet', means: 'A spoon of sugar in a glass.' },
  very: { word: 'very', means: 'As a soft drink.' },
};
const LIKED_: Said_<Liked> = {
  no: { word: 'no', means: 'Would not have it again.' },
  soso: { word: 'so-so', means: 'Would do.' },
  yes: { word: 'yes', means: 'Good.' },
  more: { word: 'more, please', means: 'Make this one again.' },
};
/** Every scale of a look: what it is called, and its words. */
export const SCALES = {
  thick: { name: 'Thickness', words: THICK },
  slip: { name: 'Slip', words: SLIP },
  grit: { name: 'Grit', words: GRIT },
  beany: { name: 'Beany', words: BEANY },
  sweet: { name: 'Sweet', words: SWEET },
  liked: { name: 'Liked', words: LIKED_ },
} as const satisfies Readonly<Record<Scale, { readonly name: string; readonly words: Readonly<Record<string, Said>> }>>;
/** The word said on a scale. */
export const saidOn = (scale: Scale, word: string): Said =>
  (SCALES[scale].words as Readonly<Record<string, Said>>)[word] ?? { word, means: '' };

/** What smell and look tell, and what follows. */
export const SIGN_WORDS: Said_<Sign> = {
  fine: { word: 'fine', means: 'Smells and looks as it did when it was made.' },
  sour: { word: 'sour', means: 'Smells or tastes sour: it has turned. Throw it away.' },
  gas: { word: 'gas', means: 'The lid bulges or hisses, or bubbles rise: something grows in it. Throw it away.' },
  pink: { word: 'pink, spots', means: 'Pink, grey or furry spots: mould or worse. Throw it away, jar rinsed hot.' },
  rope: { word: 'ropy', means: 'Draws long threads that it did not draw when it was made: throw it away.' },
  curdled: {
    word: 'curdled',
    means: 'Flakes or curds by itself in the cold: it has turned. In hot coffee it is only the acid.',
  },
  off: { word: 'off', means: 'Smells wrong in some other way: when in doubt, throw it away.' },
};

/** What a layer is called, and what it is. */
export const LAYER_WORDS: Readonly<Record<LayerKind, Said>> = {
  cream: { word: 'cream', means: 'Fat that has risen.' },
  clear: { word: 'clear', means: 'See-through, or nearly: what was in it has moved away.' },
  thin: { word: 'watery', means: 'Cloudy and as thin as water. The starch has settled.' },
  body: { word: 'milk', means: 'Milk as it was filled.' },
  sediment: { word: 'sediment', means: 'Starch and fines on the bottom.' },
};
/** “cream 12 %, milk 80 %, sediment 8 %”, from the top down; one layer: “all one milk”. */
export function layersText(layers: readonly Layer[]): string {
  if (layers.length === 1 && layers[0]?.kind === 'body') return 'all one milk';
  return layers.map((l) => `${LAYER_WORDS[l.kind].word} ${join({ n: plain(100 * l.share), unit: '%' })}`).join(', ');
}
/** How it came back when it was shaken. */
export const CAME_BACK_WORDS: Readonly<Record<'wholly' | 'partly' | 'not', Said>> = {
  wholly: { word: 'wholly', means: 'One milk again.' },
  partly: { word: 'partly', means: 'Flakes or a ring are left.' },
  not: { word: 'not', means: 'A cap or curds stay apart.' },
};

/** Whether as much has separated as such milk does, with the figures; shares 0..1. */
export function clearText(
  judged: 'normal' | 'more' | 'less',
  seen: number,
  expected: { readonly low: number; readonly high: number },
): string {
  const of = (x: number): string => plain(100 * x);
  const usual = `${of(expected.low)} to ${of(expected.high)} % is usual by now`;
  switch (judged) {
    case 'normal':
      if (seen < 0.02) return 'No watery or clear layer: normal for this milk.';
      return `${of(seen)} % watery or clear: normal for this milk (${usual}). Shake it.`;
    case 'more':
      return `${of(seen)} % watery or clear: more than usual for this milk (${usual}). Separated is not spoilt: smell it, then shake it.`;
    case 'less':
      return `${of(seen)} % watery or clear: less than usual for this milk (${usual}).`;
  }
}

/** Words that are worth a mention in a list: what somebody would tell of a milk unasked. */
const TOLD: Readonly<Partial<Record<Scale, ReadonlySet<string>>>> = {
  thick: new Set<BodyWord>(['watery', 'thick', 'sets']),
  slip: new Set<SlipWord>(['slippery', 'slimy']),
  grit: new Set<GritWord>(['grainy', 'sandy']),
  beany: new Set<BeanyWord>(['clear', 'strong']),
};
/** How a batch was, from what was said of its jars: “more, please, slippery, 1 of 3 turned”; empty: nobody said. */
export function wasText(
  jars: readonly {
    readonly said: Readonly<Partial<Record<Scale, string>>>;
    readonly lasted: { readonly turnedD: number | null } | null;
  }[],
): string {
  const parts: string[] = [];
  for (const scale of ['liked', 'thick', 'slip', 'grit', 'beany'] as const) {
    const word = jars.map((j) => j.said[scale]).findLast((w) => w !== undefined);
    if (word === undefined || (scale !== 'liked' && !TOLD[scale]?.has(word))) continue;
    parts.push(scale === 'liked' ? LIKED_AS[word as Liked] : scale === 'beany' ? 'beany' : saidOn(scale, word).word);
  }
  const turned = jars.filter((j) => j.lasted !== null && j.lasted.turnedD !== null).length;
  if (turned > 0) parts.push(`${turned} of ${jars.length} turned`);
  return parts.join(', ');
}
const LIKED_AS: Readonly<Record<Liked, string>> = { no: 'not liked', soso: 'so-so', yes: 'liked', more: 'liked much' };

/** What became of a jar, in sentences; `when` formats an instant; `nowMs` decides what is over. */
export function fateText(
  f: Pick<Fate, 'end' | 'why' | 'endedAt' | 'pouredOver'>,
  t: JarTimes,
  nowMs: number,
  when: (at: number) => string,
): string {
  const at = f.endedAt === null ? '' : ` ${when(f.endedAt)}`;
  const fine = t.fineAt === null ? '' : ` Last known to be fine ${when(t.fineAt)}.`;
  const off = t.turnedAt === null ? '' : ` Found gone off ${when(t.turnedAt)}.`;
  const over = f.end !== null || (t.useBy !== null && t.useBy <= nowMs);
  const useBy = t.useBy === null ? '' : ` Use by ${over ? 'was ' : ''}${when(t.useBy)}.`;
  return `${endText(f, at)}${fine}${off}${useBy}`;
}
function endText(f: Pick<Fate, 'end' | 'why' | 'pouredOver'>, at: string): string {
  switch (f.end) {
    case 'finished':
      return f.pouredOver ? `Poured into another jar${at}.` : `Finished${at}.`;
    case 'given':
      return `Given away${at}.`;
    case 'thrown':
      return `Thrown away${at}: ${THROWN_WHY[f.why ?? 'other'].toLowerCase()}.`;
    case null:
      return 'On the shelf.';
  }
}

/** How one jar parts, fitted to its looks, with the 80 % ranges: low, middle, high. */
export function partsText(
  looks: number,
  r: Readonly<Record<'final' | 'halfH', readonly [number, number, number]>>,
): string {
  const of = ([low, x, high]: readonly [number, number, number], places = 0): string =>
    `${plain(x, places)} (${plain(low, places)}–${plain(high, places)})`;
  const share = r.final.map((x) => 100 * x) as unknown as readonly [number, number, number];
  const from = looks === 1 ? 'its one look' : `its ${looks} looks`;
  return `Fitted to ${from}: ${of(share)} % watery or clear in the end, half of it after ${of(r.halfH, r.halfH[1] < 10 ? 1 : 0)} h. An estimate.`;
}
