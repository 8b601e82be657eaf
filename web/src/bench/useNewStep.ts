import { useEffect, useRef, useState } from 'react';

/**
 * Takes a cook who cannot see the screen along to the next step: the focus goes to its heading, unless it is still in use
 * elsewhere (a field being typed in); then the returned sentence is announced instead.
 */
export function useNewStep(key: string, name: string): string {
  const before = useRef(key);
  const [announced, announce] = useState('');
  useEffect(() => {
    if (before.current === key) return;
    before.current = key;
    const free = document.activeElement === null || document.activeElement === document.body;
    if (free) document.querySelector<HTMLElement>('[data-step-heading]')?.focus();
    announce(free ? '' : `Next step: ${name}.`);
  }, [key, name]);
  return announced;
}
