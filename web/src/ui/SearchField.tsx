interface SearchFieldProps {
  /** What it looks for, for those who do not see the hint. */
  readonly label: string;
  readonly hint: string;
  readonly value: string;
  readonly onChange: (v: string) => void;
  readonly className?: string;
}
/** Words to look for in a list. */
export function SearchField({ label, hint, value, onChange, className = 'w-full' }: SearchFieldProps) {
  return (
    <input
      type="search"
      className={`input ${className}`}
      aria-label={label}
      placeholder={hint}
      value={value}
      onChange={(e) => onChange(e.target.value)}
    />
  );
}
