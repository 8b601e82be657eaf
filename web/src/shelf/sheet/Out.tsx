import { jarNow, OUT_PLACES } from '@ironpan/core/batch';
import type { OutPlace } from '@ironpan/core/batch';
import { OUT_WORDS, outText } from '@ironpan/core/words';
import { useState } from 'react';
import { useNow } from '../../clock';
import { useLive } from '../../live/live';
import { useKit } from '../../live/useKitchen';
import { fridgeLog } from '../../store/jars';
import { ChoiceButtons } from '../../ui/ChoiceButtons';
import { InstantField } from '../../ui/InstantField';
import { NumberField } from '../../ui/NumberField';
import { whenOf } from '../../ui/times';
import type { ShelfJar } from '../../live/shelf';
import { Foot } from './Foot';
import { useSay } from './useSay';

const HOUR = 3_600_000;
/** A while out of the fridge, told afterwards: where, how warm, from when to when; and what it costs before it is said. */
export function Out({ j, onDone }: { readonly j: ShelfJar; readonly onDone: () => void }) {
  const at = useNow();
  const kit = useKit();
  const fridge = useLive(['fridge'], fridgeLog).data;
  const { say, write } = useSay(j);
  const [where, setWhere] = useState<OutPlace>('table');
  const [warm, setWarm] = useState<number | null>(null);
  const [begin, setBegin] = useState(() => Math.max(j.jar.filledAt, at - 2 * HOUR));
  const [end, setEnd] = useState<number | null>(null);
  if (!kit || !fridge) return null;
  const placeC = warm ?? kit.roomC;
  const to = Math.max(begin, end ?? at);
  const told = { is: 'tempered', where, placeC, from: begin, to } as const;
  const line = { ...told, id: 'asked', jar: j.jar.id, seq: Number.MAX_SAFE_INTEGER, at };
  const then = to > begin ? jarNow(j.jar, [...j.events, line], j.batch, fridge, at) : null;
  const cost = then?.spending.outs.find((o) => o.out.id === 'asked');
  return (
    <>
      <ChoiceButtons
        label="Where it was"
        options={OUT_PLACES.map((p) => [p, OUT_WORDS[p]] as const)}
        chosen={where}
        onChoose={setWhere}
      />
      <div className="flex flex-wrap items-end gap-3">
        <InstantField
          label="from"
          value={begin}
          now={at}
          low={{ at: j.jar.filledAt, why: 'It was not yet in its jar: that was filled' }}
          onChange={setBegin}
        />
        <InstantField
          label="to"
          value={end ?? at}
          now={at}
          low={{ at: begin, why: 'It cannot have gone back before it came out,' }}
          onChange={setEnd}
        />
        <NumberField label="how warm there" value={placeC} unit="°C" low={-30} high={45} onChange={setWarm} />
      </div>
      <div className="alert alert-info my-3" role="status">
        {to <= begin
          ? 'Say when it came out and when it went back.'
          : cost
            ? outText(cost, (x) => whenOf(x, at))
            : 'Another while that you told later counts for these hours.'}
        {then?.keep && then.keep.s <= 0 && ' It is past its time then: throw it away.'}
      </div>
      <Foot
        write={write}
        keep="Keep that it stood out"
        disabled={to <= begin}
        onKeep={() => say(told, 'Its while out is kept.', onDone)}
        onBack={onDone}
      />
    </>
  );
}
