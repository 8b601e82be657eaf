import { useId } from 'react';

type Options = readonly (readonly [value: string, text: string])[];
interface SelectFieldProps {
  readonly label: string;
  readonly value: string;
  readonly options?: Options;
  /** The same in groups with a name each, after those that stand alone; an empty group is not shown. */
  readonly groups?: readonly (readonly [name: string, options: Options])[];
  readonly onChange: (v: string) => void;
  readonly hideLabel?: boolean;
  /** Its words are long. */
  readonly wide?: boolean;
}
/** One of a few, from a list. */
export function SelectField({
  label,
  value,
  options = [],
  groups = [],
  onChange,
  hideLabel = false,
  wide = false,
}: SelectFieldProps) {
  const id = useId();
  const lines = (of: Options) =>
    of.map(([v, t]) => (
      <option key={v} value={v}>
        {t}
      </option>
    ));
  return (
    <div className="min-w-0">
      <label htmlFor={id} className={hideLabel ? 'sr-only' : 'small quiet block'}>
        {label}
      </label>
      <span className={`select w-full ${wide ? 'max-w-md' : 'max-w-56'}`}>
        <select id={id} value={value} onChange={(e) => onChange(e.target.value)}>
          {lines(options)}
          {groups.map(([name, of]) =>
            of.length === 0 ? null : (
              <optgroup key={name} label={name}>
                {lines(of)}
              </optgroup>
            ),
          )}
        </select>
      </span>
    </div>
  );
}
