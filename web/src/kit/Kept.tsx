import { useEffect, useState } from 'react';

/** What this browser, at this address, cannot do; said only where it matters. */
export function Kept() {
  const [kept, setKept] = useState<boolean | null>(null);
  useEffect(() => {
    // Absent over plain http from another device.
    if (window.isSecureContext) void navigator.storage.persisted().then(setKept, () => setKept(false));
  }, []);
  return (
    <ul className="quiet small list-disc pl-5">
      <li>
        {kept
          ? 'The browser has promised to keep this kitchen.'
          : 'The browser may clear this kitchen when its disk runs full: export now and then.'}
      </li>
      <li>Another address or another port is another kitchen.</li>
      {!window.isSecureContext && (
        <li>Over plain http from another device the screen cannot be kept awake at the bench.</li>
      )}
    </ul>
  );
}
