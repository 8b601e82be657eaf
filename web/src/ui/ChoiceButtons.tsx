interface ChoiceButtonsProps<T extends string> {
  readonly label: string;
  readonly options: readonly (readonly [T, string])[];
  readonly chosen: T | null;
  readonly onChoose: (v: T) => void;
  /** For wet hands. */
  readonly large?: boolean;
}
/** One of a few, each a button of its own: for thumbs. */
export function ChoiceButtons<T extends string>({
  label,
  options,
  chosen,
  onChoose,
  large = false,
}: ChoiceButtonsProps<T>) {
  return (
    <div className="mb-3 flex flex-wrap gap-2" role="group" aria-label={label}>
      {options.map(([v, text]) => (
        <button
          key={v}
          type="button"
          aria-pressed={v === chosen}
          className={`btn ${large ? 'btn-lg' : ''} ${v === chosen ? 'btn-neutral' : 'btn-outline'}`}
          onClick={() => onChoose(v)}
        >
          {text}
        </button>
      ))}
    </div>
  );
}
