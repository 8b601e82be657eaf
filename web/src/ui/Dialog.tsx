import { useEffect, useId, useRef } from 'react';
import type { ReactNode } from 'react';

interface DialogProps {
  readonly title: string;
  /** Room for two columns. */
  readonly wide?: boolean;
  readonly onClose: () => void;
  readonly children: ReactNode;
}
/** A sheet over the page, closed by Escape, by its button or by pressing beside it. */
export function Dialog({ title, wide = false, onClose, children }: DialogProps) {
  const ref = useRef<HTMLDialogElement>(null);
  const id = useId();
  useEffect(() => {
    const d = ref.current;
    if (d && !d.open) d.showModal();
  }, []);
  return (
    <dialog
      ref={ref}
      aria-labelledby={id}
      className="modal"
      onClose={onClose}
      onClick={(e) => {
        if (e.target === ref.current) ref.current.close();
      }}
    >
      <div className={`modal-box max-h-[94vh] max-w-none ${wide ? 'w-[min(48rem,96vw)]' : 'w-[min(34rem,94vw)]'}`}>
        <div className="mb-3 flex items-start justify-between gap-4">
          <h2 id={id} className="text-2xl">
            {title}
          </h2>
          <button type="button" className="btn btn-outline" onClick={() => ref.current?.close()}>
            Close
          </button>
        </div>
        {children}
      </div>
    </dialog>
  );
}
