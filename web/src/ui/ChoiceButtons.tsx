interface ChoiceButtonsProps<T extends string> {
  readonly label: string;
  readonly options: readonly (readonly [T, string])[];
  readonly chosen: T | null;
  readonly onChoose: (v: T) => void;
}
/** One of a few, each a button of its own: for thumbs. */
export function ChoiceButtons<T extends string>({ label, options, chosen, onChoose }: ChoiceButtonsProps<T>) {
  return (
    <div className="mb-3 flex flex-wrap gap-2" role="group" aria-label={label}>
      {options.map(([v, text]) => (
        <button
          key={v}
          type="button"
          aria-pressed={v === chosen}
          className={`btn ${v === chosen ? 'btn-neutral' : 'btn-outline'}`}
          onClick={() => onChoose(v)}
        >
          {text}
        </button>
      ))}
    </div>
  );
}
