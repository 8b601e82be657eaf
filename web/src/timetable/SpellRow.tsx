import type { Spell } from '@ironpan/core/schedule';
import { Trash2 } from 'lucide-react';
import { useId } from 'react';
import { SelectField } from '../ui/SelectField';
import { DayButtons } from './DayButtons';

interface SpellRowProps {
  readonly spell: Spell;
  /** What was changed of it, and nothing else: a field that is quick takes back no other. null: take it away. */
  readonly onChange: (part: Partial<Spell> | null) => void;
}
/** A while of every week: what, on which days, from when to when. */
export function SpellRow({ spell: s, onChange }: SpellRowProps) {
  return (
    <li className="rowline flex flex-wrap items-end gap-3 py-2">
      <SelectField
        label="every week"
        value={s.what}
        options={[
          ['asleep', 'asleep'],
          ['away', 'away'],
        ]}
        onChange={(what) => onChange({ what: what as Spell['what'] })}
      />
      <Time label="from" min={s.fromMin} onChange={(fromMin) => onChange({ fromMin })} />
      <Time label="to" min={s.toMin} onChange={(toMin) => onChange({ toMin })} />
      <DayButtons label="on which days it begins" days={s.days} onChange={(days) => onChange({ days })} />
      <button
        type="button"
        className="btn btn-outline"
        aria-label={`Take away: ${s.what} every week`}
        onClick={() => onChange(null)}
      >
        <Trash2 size={18} aria-hidden="true" />
      </button>
    </li>
  );
}
const two = (x: number): string => String(x).padStart(2, '0');
function Time({
  label,
  min,
  onChange,
}: {
  readonly label: string;
  readonly min: number;
  readonly onChange: (m: number) => void;
}) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="small quiet block">
        {label}
      </label>
      <span className="input">
        <input
          id={id}
          type="time"
          style={{ width: '7rem' }}
          value={`${two(Math.floor(min / 60))}:${two(min % 60)}`}
          onChange={(e) => {
            const [h, m] = e.target.value.split(':').map(Number);
            if (h !== undefined && m !== undefined && Number.isFinite(60 * h + m)) onChange(60 * h + m);
          }}
        />
      </span>
    </div>
  );
}
