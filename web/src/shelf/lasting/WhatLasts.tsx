import { plain } from '@ironpan/core/units';
import { HYGIENE, lastsText, milkName, upper } from '@ironpan/core/words';
import { useMemo, useState } from 'react';
import { useLive } from '../../live/live';
import { askLasting } from '../../offload';
import type { Group } from '../../offload/lastingGroups';
import { databaseName } from '../../store/db';
import { countFates } from '../../store/fates';
import { realm } from '../../store/realm';
import { AsTable } from '../../ui/AsTable';
import { SelectField } from '../../ui/SelectField';
import { AFTER_PAGE_MS, useAfter } from '../../ui/useAfter';
import { useAsked } from '../../ui/useAsked';
import { HowItParts } from './HowItParts';
import { LastsChart } from './LastsChart';

const nameOf = (g: Pick<Group, 'milk' | 'hygiene'>): string =>
  g.hygiene === 'touched' ? `${milkName(g.milk)}, ${HYGIENE.touched}` : `${HYGIENE[g.hygiene]} ${milkName(g.milk)}`;

/** How long each milk lasts in this kitchen, from what became of its jars; read and fitted away from the screen. */
export function WhatLasts() {
  const mark = useLive(['fatesMark'], countFates).dataAt;
  const [group, setGroup] = useState<string | null>(null);
  const [method, setMethod] = useState<string | null>(null);
  const [place, setPlace] = useState<'cold' | 'out' | null>(null);
  const settled = useAfter(AFTER_PAGE_MS);
  const start = useMemo(
    () => (mark === 0 || !settled ? null : () => askLasting({ database: databaseName(realm()), group, method, place })),
    [mark, settled, group, method, place],
  );
  const told = useAsked(start).data;
  if (!told) return null;
  const { found } = told;
  const { of } = told.group;
  return (
    <section aria-label="How long it lasts here" className="plate p-4">
      <div className="flex flex-wrap items-baseline justify-between gap-x-4 gap-y-1">
        <h2 className="text-xl">How long {nameOf(told.group)} lasts here</h2>
        <div className="flex flex-wrap gap-2">
          {told.groups.length > 1 && (
            <SelectField
              label="milk"
              hideLabel
              value={told.group.key}
              options={told.groups.map((g) => [g.key, upper(nameOf(g))])}
              onChange={(g) => {
                setGroup(g);
                setMethod(null);
                setPlace(null);
              }}
            />
          )}
          {told.group.methods.length > 1 && (
            <SelectField
              label="method"
              hideLabel
              value={method ?? ''}
              options={[['', 'by every method'], ...told.group.methods.map((m) => [m.id, m.name] as const)]}
              onChange={(m) => setMethod(m === '' ? null : m)}
            />
          )}
          {told.group.places && (
            <SelectField
              label="place"
              hideLabel
              value={place ?? ''}
              options={[
                ['', 'wherever it stood'],
                ['cold', 'always in the fridge'],
                ['out', 'out for a while'],
              ]}
              onChange={(p) => setPlace(p === 'cold' || p === 'out' ? p : null)}
            />
          )}
        </div>
      </div>
      <p className="mt-1">{lastsText(found, of)}</p>
      <LastsChart found={found} usualD={found.usedD} capD={of.capD} />
      <AsTable
        heads={['days at 4 °C', 'still fine', 'between', 'jars that far']}
        rows={found.steps.map((x) => [
          plain(x.d, 1),
          `${plain(100 * x.share)} %`,
          `${plain(100 * x.low)} … ${plain(100 * x.high)} %`,
          x.atRisk,
        ])}
      />
      <HowItParts parts={told.parts} methods={told.group.methods} />
    </section>
  );
}
