import { useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { Dialog } from '../ui/Dialog';
import { useSettings } from '../live/useKitchen';
import { PLACES } from './places';

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
    <Dialog title="Keys" onClose={() => setHelp(false)}>
      <table className="table w-full">
        <tbody>
          {PLACES.map((p) => (
            <tr key={p.key}>
              <td className="num w-16 py-1.5">{p.key}</td>
              <td>{p.name}</td>
            </tr>
          ))}
          <tr>
            <td className="num py-1.5">?</td>
            <td>this list</td>
          </tr>
        </tbody>
      </table>
      <p className="quiet small mt-3">They can be switched off in Kit.</p>
    </Dialog>
  );
}
