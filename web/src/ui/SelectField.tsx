import { useId } from 'react';

interface SelectFieldProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly (readonly [value: string, text: string])[];
  readonly onChange: (v: string) => void;
  readonly hideLabel?: boolean;
}
/** One of a few, from a list. */
export function SelectField({ label, value, options, onChange, hideLabel = false }: SelectFieldProps) {
  const id = useId();
  return (
    <div className="min-w-0">
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'small quiet block'}>
        {label}
      </label>
      <span className="select w-full max-w-56">
        <select id={id} value={value} onChange={(e) => onChange(e.target.value)}>
          {options.map(([v, t]) => (
            <option key={v} value={v}>
              {t}
            </option>
          ))}
        </select>
      </span>
    </div>
  );
}
