import { slackText, whyThenText } from '@ironpan/core/words';
import type { Kit } from '@ironpan/core/kitchen';
import { Link } from 'react-router';
import type { Shown, ShownBlock } from '../offload/clockView';
import { fixStep } from '../store/wishes';
import { Dialog } from '../ui/Dialog';
import { NotSaved } from '../ui/NotSaved';
import { whenOf } from '../ui/times';
import { useEdits } from '../ui/useEdits';
import { WhenField } from '../ui/WhenField';
import { nameIn, namesFor } from './words';
import type { Clock } from './useClock';

interface BlockSheetProps {
  readonly clock: Clock;
  readonly shown: Shown;
  readonly block: ShownBlock;
  readonly kit: Kit;
  readonly now: number;
  readonly onClose: () => void;
}
/** One step of a milk: when, why then, how far it may slip; and where the cook wants it instead. */
export function BlockSheet({ clock, shown, block: b, kit, now, onClose }: BlockSheetProps) {
  const edits = useEdits();
  const names = namesFor(shown, clock.items, kit, b.milk, now);
  const item = clock.items.find((i) => i.id === b.milk);
  const fix = (to: number | null): void =>
    edits.run(`where “${b.title}” stands`, () => fixStep(b.milk, b.step, to, now));
  return (
    <Dialog title={`${b.title}, ${nameIn(clock.items, b.milk)}`} onClose={onClose}>
      <p className="num text-2xl">
        {whenOf(b.from, now)} <span className="quiet font-normal">to</span> {whenOf(b.to, now)}
      </p>
      {b.stands === 'begun' ? (
        <p className="mt-2">
          It has been begun.{' '}
          {item?.running && (
            <Link className="link" to={`/bench/${item.running.batch.id}`}>
              See it at the bench
            </Link>
          )}
        </p>
      ) : (
        <>
          <h3 className="mt-3 text-lg">Why then</h3>
          <p>{whyThenText(b.why, names)}</p>
          <h3 className="mt-3 text-lg">If it slips</h3>
          <p>{slackText(b.slack, b.milk, names)}</p>
          {item?.wish && (
            <div className="mt-4 flex flex-wrap items-end gap-3">
              <WhenField label="Put it at" value={b.from} now={now} onChange={fix} />
              {b.stands === 'byHand' && (
                <button type="button" className="btn btn-outline" onClick={() => fix(null)}>
                  Let it go
                </button>
              )}
            </div>
          )}
        </>
      )}
      <NotSaved of={edits} />
    </Dialog>
  );
}
