import { useNow } from '../../clock';
import { useKit } from '../../live/useKitchen';
import { Loading } from '../../ui/State';
import { ClockTabs } from '../ClockTabs';
import { useClock } from '../useClock';
import { FortnightPart } from './FortnightPart';
import { RhythmPart } from './RhythmPart';
import { ShoppingPart } from './ShoppingPart';
import { useAhead } from './useAhead';

/** Ahead: what is made again and again, the next fortnight of it, and what is to be bought for the next week. */
export function AheadPage() {
  const clock = useClock();
  const kit = useKit();
  const now = useNow();
  const ahead = useAhead(clock);
  if (!clock || !kit || !ahead) return <Loading />;
  return (
    <div className="mx-auto flex max-w-[84rem] flex-col gap-4 px-4 py-4 wide:px-5">
      <header className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
        <h1 className="text-3xl">Clock</h1>
        <ClockTabs />
      </header>
      <RhythmPart rhythms={ahead.rhythms} now={now} />
      <FortnightPart ahead={ahead} kit={kit} now={now} />
      <ShoppingPart rows={ahead.rows} kit={kit} now={now} />
    </div>
  );
}
