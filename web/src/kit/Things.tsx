import { OTHER_THINGS, THING_KINDS, THING_SPECS } from '@ironpan/core/kitchen';
import type { Kit, Thing, ThingKind } from '@ironpan/core/kitchen';
import { newId } from '../store/ids';
import { NumberField } from '../ui/NumberField';
import { SelectField } from '../ui/SelectField';
import { TextField } from '../ui/TextField';

interface ThingsProps {
  readonly kit: Kit;
  readonly onChange: (f: (k: Kit) => Kit) => void;
}
const MOST = 60;
const CHOICE: Readonly<Record<string, string>> = {
  true: 'glass',
  false: 'plastic or steel',
  vented: 'vented lid',
  sealed: 'sealed cup',
};
const LABEL: Readonly<Record<string, string>> = { lid: 'lid', made: 'made of', heat: 'kind', glass: 'made of' };
const UNIT: Readonly<Record<string, string>> = { ml: 'ml', W: 'W', um: 'µm', cm: 'cm', g: 'g' };
const ONE: Readonly<Record<ThingKind, string>> = {
  jug: 'jug',
  strainer: 'bag or sieve',
  pot: 'pot',
  bowl: 'bowl',
  hob: 'hob',
  jar: 'jar',
};

/** Each thing that the reckoning uses, and which of its kind a plan means when it names none. */
export function Things({ kit, onChange }: ThingsProps) {
  return (
    <section aria-label="Things" className="plate p-4">
      <h2 className="mb-1 text-xl">Things</h2>
      {THING_KINDS.map((kind) => (
        <Kind key={kind} kind={kind} kit={kit} onChange={onChange} />
      ))}
    </section>
  );
}

function Kind({ kind, kit, onChange }: ThingsProps & { readonly kind: ThingKind }) {
  const mine = kit.things.filter((t) => t.is === kind);
  const add = (as?: Thing): void => {
    // A change is made twice, on the screen at once and in the storage: the new thing must be the same one in both.
    const id = newId(kind);
    onChange((k) => {
      const like = k.things.find((t) => t.is === kind);
      const more = as ?? (like && { ...like, name: `Another ${ONE[kind]}` });
      return more ? { ...k, things: [...k.things, { ...more, id }] } : k;
    });
  };
  return (
    <fieldset className="rowline min-w-0 py-3">
      <legend className="font-display contents font-bold">
        <span className="font-display font-bold">{THING_SPECS[kind].name}</span>
      </legend>
      <ul className="mt-1 flex flex-col gap-3">
        {mine.map((t) => (
          <One key={t.id} thing={t} inUse={kit.use[kind] === t.id} only={mine.length === 1} onChange={onChange} />
        ))}
      </ul>
      <div className="mt-2 flex flex-wrap gap-x-4 gap-y-1">
        <button type="button" className="link small" disabled={kit.things.length >= MOST} onClick={() => add()}>
          Add a {ONE[kind]}
        </button>
        {OTHER_THINGS.filter((t) => t.is === kind && !mine.some((m) => m.name === t.name)).map((t) => (
          <button
            key={t.id}
            type="button"
            className="link small"
            disabled={kit.things.length >= MOST}
            onClick={() => add(t)}
          >
            {`Add: ${t.name.toLowerCase()}`}
          </button>
        ))}
      </div>
    </fieldset>
  );
}

function One({
  thing,
  inUse,
  only,
  onChange,
}: {
  readonly thing: Thing;
  readonly inUse: boolean;
  readonly only: boolean;
  readonly onChange: ThingsProps['onChange'];
}) {
  const specs = THING_SPECS[thing.is];
  const values = thing as unknown as Record<string, number | string | boolean>;
  const set = (key: string, v: number | string | boolean): void =>
    onChange((k) => ({ ...k, things: k.things.map((t) => (t.id === thing.id ? { ...t, [key]: v } : t)) }));
  const remove = (): void =>
    onChange((k) => {
      const things = k.things.filter((t) => t.id !== thing.id);
      const left = things.find((t) => t.is === thing.is);
      return left ? { ...k, things, use: k.use[thing.is] === thing.id ? { ...k.use, [thing.is]: left.id } : k.use } : k;
    });
  return (
    <li className="flex flex-wrap items-end gap-x-4 gap-y-2">
      <label className="flex min-h-9 cursor-pointer items-center gap-2" title="used when a plan names none">
        <input
          type="radio"
          name={`use-${thing.is}`}
          className="size-5"
          style={{ accentColor: 'var(--flame)' }}
          checked={inUse}
          onChange={() => onChange((k) => ({ ...k, use: { ...k.use, [thing.is]: thing.id } }))}
        />
        <span className="sr-only">Use {thing.name}</span>
      </label>
      <div className="w-48">
        <TextField label="name" value={thing.name} most={80} onChange={(v) => set('name', v)} />
      </div>
      {Object.entries(specs.numbers).map(([key, s]) => (
        <NumberField
          key={key}
          label={s.label}
          value={values[key] as number}
          unit={UNIT[s.unit] ?? ''}
          low={s.low}
          high={s.high}
          onChange={(v) => set(key, v)}
        />
      ))}
      {Object.entries(specs.choices).map(([key, choices]) => (
        <SelectField
          key={key}
          label={LABEL[key] ?? key}
          value={String(values[key])}
          options={choices.map((c) => [String(c), CHOICE[String(c)] ?? String(c)] as const)}
          onChange={(v) => set(key, choices.find((c) => String(c) === v) ?? v)}
        />
      ))}
      {!only && (
        <button type="button" className="link small mb-2" onClick={remove}>
          Remove<span className="sr-only"> {thing.name}</span>
        </button>
      )}
    </li>
  );
}
