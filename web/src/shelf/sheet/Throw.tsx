import { saysFine, standing, THROWN_REASONS } from '@ironpan/core/batch';
import type { ThrownReason } from '@ironpan/core/batch';
import { THROWN_WHY } from '@ironpan/core/words';
import { useState } from 'react';
import { useNow } from '../../clock';
import { ChoiceButtons } from '../../ui/ChoiceButtons';
import { InstantField } from '../../ui/InstantField';
import { whenOf } from '../../ui/times';
import type { ShelfJar } from '../../live/shelf';
import { Foot } from './Foot';
import { useSay } from './useSay';

/** What is known of when it was fine: it was filled, poured from, or looked at and found fine. The last first. */
function fineTimes(j: ShelfJar): readonly { readonly at: number; readonly why: string }[] {
  const known = standing(j.events).flatMap((e) => {
    if (e.is === 'poured') return [{ at: e.at, why: 'poured from' }];
    return e.is === 'looked' && saysFine(e.look) ? [{ at: e.at, why: 'looked fine' }] : [];
  });
  return [...known.reverse().slice(0, 3), { at: j.jar.filledAt, why: 'filled' }];
}
/** Reasons that say nothing of how it kept. */
const NO_FAULT: ReadonlySet<ThrownReason> = new Set(['spilt', 'broken']);

interface ThrowProps {
  readonly j: ShelfJar;
  readonly onDone: () => void;
  readonly onBack: () => void;
}
/** Why it was thrown away; what turned is asked between which two moments, what did not whether it was still fine. */
export function Throw({ j, onDone, onBack }: ThrowProps) {
  const at = useNow();
  const [why, setWhy] = useState<ThrownReason | null>(j.now.turned ? 'turned' : j.tone === 'past' ? 'past' : null);
  const [text, setText] = useState('');
  const [fine, setFine] = useState<number | null>(null);
  const [found, setFound] = useState<number | null>(null);
  const [still, setStill] = useState<boolean | null>(null);
  const { say, write } = useSay(j);
  const known = fineTimes(j);
  const lastFine = fine ?? known[0]?.at ?? j.jar.filledAt;
  const turned = why === 'turned';
  const keep = (): void => {
    if (why === null) return;
    const lastFineAt = NO_FAULT.has(why) ? null : turned ? lastFine : still === true ? at : lastFine;
    say(
      {
        is: 'thrown',
        why,
        text: why === 'other' ? text : '',
        lastFineAt,
        foundAt: turned ? Math.max(lastFine, found ?? at) : null,
      },
      `${j.name} thrown away: ${THROWN_WHY[why].toLowerCase()}.`,
      onDone,
    );
  };
  return (
    <>
      <ChoiceButtons
        label="Why"
        options={THROWN_REASONS.map((r) => [r, THROWN_WHY[r]] as const)}
        chosen={why}
        onChoose={setWhy}
      />
      {why === 'other' && (
        <label className="mb-3 block">
          <span className="small quiet block">in your own words</span>
          <textarea
            className="textarea w-full"
            rows={1}
            maxLength={400}
            value={text}
            onChange={(e) => setText(e.target.value)}
          />
        </label>
      )}
      {turned && (
        <fieldset className="mb-3">
          <legend className="mb-1 font-semibold">It turned between</legend>
          <ChoiceButtons
            label="When it was last fine"
            options={known.map((k) => [String(k.at), `${whenOf(k.at, at)}, ${k.why}`] as const)}
            chosen={String(lastFine)}
            onChoose={(v) => setFine(Number(v))}
          />
          <div className="flex flex-wrap items-end gap-3">
            <InstantField
              label="or last fine"
              value={lastFine}
              now={at}
              low={{ at: j.jar.filledAt, why: 'It cannot have been tried before it was made: its jar was filled' }}
              onChange={setFine}
            />
            <InstantField
              label="and found"
              value={found ?? at}
              now={at}
              low={{ at: lastFine, why: 'It cannot have turned before it was last fine,' }}
              onChange={setFound}
            />
          </div>
        </fieldset>
      )}
      {why !== null && !turned && !NO_FAULT.has(why) && (
        <ChoiceButtons
          label="Was it still fine?"
          options={[
            ['yes', 'It was still fine'],
            ['no', 'I did not look'],
          ]}
          chosen={still === null ? null : still ? 'yes' : 'no'}
          onChoose={(v) => setStill(v === 'yes')}
        />
      )}
      <Foot
        write={write}
        keep={why === null ? 'Press why' : 'It is thrown away'}
        disabled={why === null}
        onKeep={keep}
        onBack={onBack}
      />
    </>
  );
}
