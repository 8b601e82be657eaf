import type { TaskState } from '@ironpan/core/batch';
import { useEffect } from 'react';
import { useSettings } from '../live/useKitchen';
import type { AtStep } from './useStep';

/** Nothing is chosen: the page itself has the focus, the place that was just opened, or the heading of the new step. */
const nothingFocused = (): boolean => {
  const a = document.activeElement;
  return a === null || a === document.body || a.id === 'place' || a.matches('[data-step-heading]');
};

/** Space starts, holds and goes on; enter says done. Only where nothing has the focus, and where the kit has keys on. */
export function useBenchKeys(at: AtStep, t: TaskState): void {
  const on = useSettings()?.keys ?? true;
  useEffect(() => {
    if (!on || at.asking !== null) return undefined;
    const press = (e: KeyboardEvent): void => {
      if (e.repeat || e.ctrlKey || e.metaKey || e.altKey || !nothingFocused()) return;
      if (document.querySelector('dialog[open]')) return;
      const waits = t.task.timed && t.status === 'waiting';
      if (e.key === ' ') {
        e.preventDefault();
        if (waits) at.start();
        else at.hold?.();
      } else if (e.key === 'Enter' && !waits) {
        e.preventDefault();
        at.done();
      }
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [on, at, t]);
}
