import { lazy, Suspense, useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { useSettings } from '../live/useKitchen';
import { PLACES } from './places';

const KeysHelp = lazy(async () => ({ default: (await import('./KeysHelp')).KeysHelp }));

const inField = (t: EventTarget | null): boolean =>
  t instanceof HTMLElement && t.closest('input, select, textarea, dialog') !== null;

/** One-letter keys for the places; off in fields, and off altogether when the kit says so. */
export function Keys() {
  const go = useNavigate();
  const settings = useSettings();
  const [help, setHelp] = useState(false);
  const on = settings?.keys ?? true;
  useEffect(() => {
    if (!on) return;
    const press = (e: KeyboardEvent): void => {
      if (e.ctrlKey || e.metaKey || e.altKey || inField(e.target)) return;
      const place = PLACES.find((p) => p.key === e.key);
      if (place) void go(place.to);
      else if (e.key === '?') setHelp(true);
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [on, go]);
  if (!help) return null;
  return (
    <Suspense>
      <KeysHelp onClose={() => setHelp(false)} />
    </Suspense>
  );
}
