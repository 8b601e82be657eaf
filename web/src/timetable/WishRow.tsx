import { duration, join } from '@ironpan/core/words';
import { fold, summarise } from '@ironpan/core/batch';
import { Trash2 } from 'lucide-react';
import { useMemo } from 'react';
import { Link, useNavigate } from 'react-router';
import { dressOf } from '../drawings/foodStyle';
import { useHere } from '../live/useHere';
import { ofSize } from '../offload/clockAsk';
import type { Shown } from '../offload/clockView';
import { beginWish, changeWish, removeWish, restoreWish } from '../store/wishes';
import type { Wish } from '../store/wishes';
import { NotSaved } from '../ui/NotSaved';
import { NumberField } from '../ui/NumberField';
import { putBack, tell } from '../ui/toast';
import { whenOf } from '../ui/times';
import { useEdits } from '../ui/useEdits';
import { useWrite } from '../ui/useWrite';
import { WhenField } from '../ui/WhenField';
import type { ClockItem } from '../offload/clockItems';
import { chanceText } from './words';
import { nextMorning } from './usual';

interface WishRowProps {
  readonly item: ClockItem;
  readonly shown: Shown | null;
  /** How often it is in time, 0..1; undefined: not known, or wanted by no hour. */
  readonly chance: number | undefined;
  readonly now: number;
}
/** One milk of the clock: how much, by when, and when it will be ready. */
export function WishRow({ item, shown, chance, now }: WishRowProps) {
  const { wish, running } = item;
  const write = useWrite();
  const edits = useEdits();
  const ready = shown?.milks.find((m) => m.milk === item.id) ?? null;
  const change = (parts: Parameters<typeof changeWish>[1]): void =>
    edits.run(`${item.name} on the clock`, () => changeWish(item.id, parts, now));
  return (
    <li className="rowline flex flex-wrap items-end gap-x-3 gap-y-2 py-3 wide:gap-x-5" aria-label={item.name}>
      <span
        aria-hidden="true"
        className="mb-1 size-9 rounded"
        style={{ ...dressOf(item.milk), border: '1.5px solid var(--edge)' }}
      />
      <div className="min-w-44 flex-1">
        <p className="text-lg leading-tight font-semibold">
          {running ? (
            <Link className="link" to={`/bench/${running.batch.id}`}>
              {item.name}
            </Link>
          ) : wish?.planNow ? (
            <Link className="link" to={`/plan/${wish.plan}`}>
              {item.name}
            </Link>
          ) : (
            item.name
          )}
        </p>
        <p className="small" data-ready>
          {running && <span className="quiet">being made · </span>}
          {wish && !wish.planNow && (
            <span className="quiet">its plan was deleted; the clock goes by what it kept · </span>
          )}
          {ready ? (
            ready.lateS > 0 ? (
              <b style={{ color: 'var(--flame-text)' }}>
                ready {whenOf(ready.readyAt, now)}, {join(duration(ready.lateS))} late
              </b>
            ) : (
              <>
                ready <b className="num">{whenOf(ready.readyAt, now)}</b>
                {chance !== undefined && <span className="quiet">, {chanceText(chance)}</span>}
              </>
            )
          ) : (
            <span className="quiet">no time for it yet</span>
          )}
        </p>
      </div>
      {wish && !running && (
        <div className="max-wide:order-1">
          <Litres wish={wish} onChange={(ml) => change({ ml })} />
        </div>
      )}
      {wish && (
        <>
          <div className="max-wide:order-1">
            <WhenField label="wanted by" value={wish.byAt} now={now} onChange={(byAt) => change({ byAt })} />
          </div>
          <button
            type="button"
            className={`btn px-3 max-wide:order-1 ${wish.byAt === null ? 'btn-neutral' : 'btn-outline'}`}
            aria-pressed={wish.byAt === null}
            onClick={() => change({ byAt: wish.byAt === null ? nextMorning(now) : null })}
          >
            As soon as possible
          </button>
        </>
      )}
      {wish && !running && (
        <div className="max-wide:order-1">
          <Begin wish={wish} now={now} />
        </div>
      )}
      {wish && (
        <button
          type="button"
          className="btn btn-outline"
          aria-label={`Take ${item.name} off the clock`}
          onClick={() =>
            write.run(`${item.name} off the clock`, async () => {
              await removeWish(wish.id, now);
              tell(
                `${item.name} is off the clock.`,
                putBack('It', () => restoreWish(wish, now)),
              );
            })
          }
        >
          <Trash2 size={18} aria-hidden="true" />
        </button>
      )}
      <NotSaved of={write} />
      <NotSaved of={edits} />
    </li>
  );
}
function Litres({ wish, onChange }: { readonly wish: Wish; readonly onChange: (ml: number) => void }) {
  const here = useHere();
  const own = useMemo(
    () => (here ? summarise(wish.recipe, fold(wish.recipe, here), here.kit, 'main').jarredMl : null),
    [wish.recipe, here],
  );
  return (
    <NumberField
      label="how much"
      unit="L"
      low={0.1}
      high={20}
      value={wish.ml !== null ? wish.ml / 1000 : own === null ? null : Number((own / 1000).toFixed(2))}
      onChange={(l) => onChange(Math.round(l * 1000))}
      width="3.6rem"
    />
  );
}
function Begin({ wish, now }: { readonly wish: Wish; readonly now: number }) {
  const here = useHere();
  const go = useNavigate();
  const write = useWrite();
  if (!here) return null;
  const begin = async (): Promise<void> => {
    const batch = await beginWish(wish, ofSize(wish.recipe, wish.ml, here), now);
    void go(`/bench/${batch}`);
  };
  return (
    <>
      <button type="button" className="btn btn-outline" onClick={() => write.run(`${wish.name} at the bench`, begin)}>
        Begin now
      </button>
      <NotSaved of={write} />
    </>
  );
}
