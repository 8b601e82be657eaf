import { useId } from 'react';
import type { Ref } from 'react';

interface FileFieldProps {
  readonly label: string;
  readonly accept: string;
  readonly onFile: (file: File) => void;
  readonly ref?: Ref<HTMLInputElement>;
}
/** A file to choose. */
export function FileField({ label, accept, onFile, ref }: FileFieldProps) {
  const id = useId();
  return (
    <>
      <label htmlFor={id} className="mb-1 block font-semibold">
        {label}
      </label>
      <input
        ref={ref}
        id={id}
        type="file"
        accept={accept}
        className="block w-full max-w-full"
        onChange={(e) => {
          const file = e.target.files?.[0];
          if (file) onFile(file);
        }}
      />
    </>
  );
}
