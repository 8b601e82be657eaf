import type { BodySummary } from '@ironpan/core/batch';
import type { Beliefs } from '@ironpan/core/kitchen';
import type { Range } from '@ironpan/core/questions';
import { BODY_WORDS, bodyText, layersText, thickness } from '@ironpan/core/words';
import { wordsFrom } from '@ironpan/core/steps';
import { BodyScale } from '../../drawings/BodyScale';

interface BodyResultProps {
  readonly body: BodySummary;
  readonly range: Range | undefined;
  readonly beliefs: Beliefs;
}
const times = (relative: number | null, word: string): string =>
  word === 'sets' || relative === null ? '' : ` (${thickness(relative).n})`;

/** How thick it is from the fridge, and what heating it later does. An estimate, with its range. */
export function BodyResult({ body, range, beliefs }: BodyResultProps) {
  const from = wordsFrom('thick', beliefs);
  const hot = body.later.find((x) => x.c === 80);
  const last = body.later.at(-1)?.relative ?? null;
  const thickens = last === null || body.relative === null || last > body.relative * 1.02;
  return (
    <div className="rowline py-1" data-result="Body">
      <p className="flex items-baseline justify-between gap-2">
        <span>Body, × water</span>
        <span className="num text-[1.06rem] font-bold">
          {thickness(body.relative).n}
          {range && (
            <span className="small quiet num ml-2 font-normal!">
              {thickness(range.low).n}–{thickness(range.high).n}
            </span>
          )}
        </span>
      </p>
      <p className="text-lg leading-tight font-semibold">{bodyText(body)}</p>
      <BodyScale
        cold={body.relative}
        hot={hot?.relative ?? null}
        range={range ? [range.low, range.high] : undefined}
        words
        from={from}
        width={268}
      />
      <p className="small leading-snug">
        {thickens
          ? `Heated to ${body.later.map((x) => `${x.c} °C ${BODY_WORDS[x.word]}${times(x.relative, x.word)}`).join(', ')}.`
          : 'Heating it later does not thicken it.'}
        {body.afterDay.length > 1 ? ` After a day in the jar: ${layersText(body.afterDay)}. Shake it.` : ''}
      </p>
    </div>
  );
}
