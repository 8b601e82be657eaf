import { milkName } from '@ironpan/core/words';
import { useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import { BOOK_ORDERS, BOOK_WHICH, bookFound, bookGroups, bookMilks, countBatches } from '../store/book';
import type { BookAsk, BookOrder, BookWhich } from '../store/book';
import { useLive } from '../live/live';
import { SearchField } from '../ui/SearchField';
import { SelectField } from '../ui/SelectField';
import { Empty, Loading } from '../ui/State';
import { AsCsv } from './AsCsv';
import { BookRows } from './BookRows';
import { BookTabs } from './BookTabs';
import { Chosen } from './Chosen';

const ALL: BookAsk = { find: '', milk: null, which: 'all', of: null, order: 'newest' };

/** What happened: every batch, what it promised and what was measured. Ten years of them scroll like ten. */
export function BookPage() {
  const count = useLive(['made'], countBatches).data;
  const [find, setFind] = useState('');
  const [kept, keep] = useState(ALL);
  const milks = useLive(['bookMilks'], bookMilks).data ?? [];
  const groups = useLive(['bookGroups'], bookGroups).data;
  const asked = useDeferredValue(find.trim());
  const ask: BookAsk = { ...kept, find: asked };
  const [chosen, choose] = useState<readonly string[]>([]);
  const key = JSON.stringify(ask);
  const usual = key === JSON.stringify(ALL);
  const found = useLive(['bookFound', key], () => (usual ? Promise.resolve(null) : bookFound(ask))).data;
  if (count === undefined) return <Loading />;
  if (count === 0)
    return (
      <Empty title="The book is empty">
        <p>Every batch you start is written here, with what it promised and what came out.</p>
        <Link className="btn btn-primary btn-lg" to="/plan">
          Plan a milk
        </Link>
      </Empty>
    );
  return (
    <div className="mx-auto max-w-[84rem] px-4 py-5 wide:px-5">
      <div className="mb-4 flex flex-wrap items-end justify-between gap-x-6 gap-y-2">
        <div className="flex flex-wrap items-end gap-x-6 gap-y-2">
          <h1 className="text-3xl">Book</h1>
          <BookTabs />
          <AsCsv />
        </div>
        <div className="grid w-full grid-cols-2 items-end gap-2 sm:flex sm:w-auto sm:flex-wrap sm:gap-3">
          <SearchField
            label="Find a batch by name, milk or number"
            hint="name, milk or number"
            className="col-span-2 w-full sm:w-60"
            value={find}
            onChange={setFind}
          />
          <SelectField
            label="of which milk"
            hideLabel
            value={kept.milk ?? ''}
            options={[['', 'every milk'], ...milks.map((m) => [m, milkName(m)] as const)]}
            onChange={(m) => keep((k) => ({ ...k, milk: m === '' ? null : m }))}
          />
          <SelectField
            label="of which plan, school or use"
            hideLabel
            value={kept.of ?? ''}
            options={[['', 'every plan']]}
            groups={[
              ['plans', groups?.plans ?? []],
              ['schools', groups?.schools ?? []],
              ['for', groups?.uses ?? []],
            ]}
            onChange={(of) => keep((k) => ({ ...k, of: of === '' ? null : of }))}
          />
          <SelectField
            label="which of them"
            hideLabel
            value={kept.which}
            options={Object.entries(BOOK_WHICH)}
            onChange={(w) => keep((k) => ({ ...k, which: w as BookWhich }))}
          />
          <SelectField
            label="order"
            hideLabel
            value={kept.order}
            options={Object.entries(BOOK_ORDERS)}
            onChange={(o) => keep((k) => ({ ...k, order: o as BookOrder }))}
          />
        </div>
      </div>
      {found?.length === 0 ? (
        <p className="plate p-4">
          {kept.milk === null && kept.of === null && kept.which === 'all'
            ? 'No batch is called so.'
            : 'No batch is all of that.'}
        </p>
      ) : (
        <BookRows
          key={key}
          count={found ? found.length : count}
          found={found ?? null}
          chosen={chosen}
          onChoose={(id, on) => choose((c) => (on ? [...c, id] : c.filter((x) => x !== id)))}
        />
      )}
      {chosen.length > 0 && <Chosen ids={chosen} onNone={() => choose([])} />}
    </div>
  );
}
