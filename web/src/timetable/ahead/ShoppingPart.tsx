import type { Kit } from '@ironpan/core/kitchen';
import { shoppingList } from '@ironpan/core/questions';
import type { ToBuy } from '@ironpan/core/questions';
import { Copy, Printer } from 'lucide-react';
import { useMemo } from 'react';
import { useLive } from '../../live/live';
import { useHere } from '../../live/useHere';
import { ofSize } from '../../offload/clockAsk';
import { buyFood, countFood, readCupboard, sayPack, unbuyFood } from '../../store/cupboard';
import { NotSaved } from '../../ui/NotSaved';
import { NumberField } from '../../ui/NumberField';
import { putBack, tell } from '../../ui/toast';
import { useEdits } from '../../ui/useEdits';
import { costText, gramsText, listText, packsText } from './shopping';
import type { AheadRow } from './rows';

interface ShoppingPartProps {
  readonly rows: readonly AheadRow[];
  readonly kit: Kit;
  readonly now: number;
}
const WEEK_MS = 7 * 24 * 3_600_000;

/** What is to be bought for the milks of the next week: what is in the cupboard subtracted, in whole packs. */
export function ShoppingPart({ rows, kit, now }: ShoppingPartProps) {
  const here = useHere();
  const cupboard = useLive(['cupboard'], readCupboard).data;
  const edits = useEdits();
  const week = rows.filter((r) => r.wish.batch === null && (r.wish.byAt ?? now) <= now + WEEK_MS);
  const key = JSON.stringify(week.map((r) => [r.wish.id, r.wish.ml, r.wish.planNow?.rev]));
  const recipes = useMemo(
    () => (here ? week.map((r) => ofSize(r.wish.recipe, r.wish.ml, here)) : []),
    // oxlint-disable-next-line react/exhaustive-deps
    [key, here],
  );
  const list = useMemo(() => (cupboard ? shoppingList(recipes, cupboard, kit) : []), [recipes, cupboard, kit]);
  const buys = list.filter((l) => l.packs > 0);
  const total = buys.reduce((s, l) => s + l.cost, 0);
  const copy = (): void => {
    navigator.clipboard.writeText(listText(buys, kit.currency)).then(
      () => tell('The list is copied.'),
      () => tell('This browser did not let the list be copied: print it, or write it down.'),
    );
  };
  const bought = (l: ToBuy): void =>
    edits.run(`what was bought of ${l.name}`, async () => {
      await buyFood(l.material, l.buyG, now);
      tell(
        `${l.name}: ${gramsText(l.buyG)} more in the cupboard.`,
        putBack('It', () => unbuyFood(l.material, l.buyG, now), 'Take that back'),
      );
    });
  return (
    <section aria-label="Shopping list" className="plate p-4">
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
        <h2 className="text-xl">To buy for the week</h2>
        {buys.length > 0 && (
          <div className="ml-auto flex flex-wrap gap-2 print:hidden">
            <button type="button" className="btn btn-outline" onClick={copy}>
              <Copy size={17} aria-hidden="true" /> Copy the list
            </button>
            <button type="button" className="btn btn-outline" onClick={() => window.print()}>
              <Printer size={17} aria-hidden="true" /> Print
            </button>
          </div>
        )}
      </div>
      {list.length === 0 && <p className="quiet">Nothing is wanted in the next seven days, so nothing is needed.</p>}
      <ul>
        {list.map((l) => (
          <li
            key={l.material}
            className="rowline flex flex-wrap items-end gap-x-5 gap-y-2 py-2 wide:grid wide:grid-cols-[1fr_6.5rem_11rem_15rem_6rem] print:flex"
            aria-label={l.name}
          >
            <div className="min-w-52 flex-1 self-center">
              <p className="font-semibold">{l.name}</p>
              <p className="small quiet">{gramsText(l.needG)} are needed</p>
            </div>
            <div className="print:hidden">
              <NumberField
                label="at hand"
                unit="g"
                low={0}
                high={100_000}
                value={l.look ? null : Math.round(l.haveG)}
                onChange={(g) => edits.run(`what there is of ${l.name}`, () => countFood(l.material, g, now))}
              />
            </div>
            <div className="print:hidden">
              <NumberField
                label="a pack holds"
                unit="g"
                low={1}
                high={100_000}
                value={l.packG}
                {...(cupboard?.get(l.material)?.packG == null ? { hint: 'usual' } : {})}
                onChange={(g) => edits.run(`a pack of ${l.name}`, () => sayPack(l.material, g, now))}
              />
            </div>
            <p className="min-w-40 self-center" data-buys>
              {l.look ? (
                <span className="quiet">look whether it is there</span>
              ) : l.packs === 0 ? (
                <span className="quiet">enough is there</span>
              ) : (
                <>
                  <b>{packsText(l)}</b>
                  <span className="quiet"> · about {costText(l.cost, kit.currency)}</span>
                </>
              )}
            </p>
            {l.packs > 0 && (
              <button
                type="button"
                className="btn btn-outline print:hidden"
                aria-label={`Bought: ${l.name}`}
                onClick={() => bought(l)}
              >
                Bought
              </button>
            )}
          </li>
        ))}
      </ul>
      {buys.length > 0 && (
        <p className="mt-2">
          Together about <b className="num">{costText(total, kit.currency)}</b>
          <span className="quiet">, at the prices in Kit.</span>
        </p>
      )}
      <NotSaved of={edits} />
    </section>
  );
}
