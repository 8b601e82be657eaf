import { useState } from 'react';
import { saveSettings } from '../store/kit';
import type { Settings } from '../store/kit';
import { CUP_CHOICES } from '../ui/cups';
import { SelectField } from '../ui/SelectField';
import { useSettings } from '../live/useKitchen';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';

type Theme = 'enamel' | 'iron' | 'system';
const KEY = 'ironpan-theme';
function themeNow(): Theme {
  try {
    const t = localStorage.getItem(KEY);
    return t === 'enamel' || t === 'iron' ? t : 'system';
  } catch {
    return 'system';
  }
}
function setTheme(t: Theme): void {
  try {
    if (t === 'system') localStorage.removeItem(KEY);
    else localStorage.setItem(KEY, t);
  } catch {
    // Only kept until the page is closed.
  }
  const dark = window.matchMedia('(prefers-color-scheme: dark)').matches;
  document.documentElement.dataset.theme = t === 'system' ? (dark ? 'iron' : 'enamel') : t;
}

/** How figures are shown, and whether one-letter keys work. */
export function Preferences() {
  const stored = useSettings();
  const [chosen, setChosen] = useState<Settings | null>(null);
  const settings = chosen ?? stored;
  const write = useWrite();
  const [theme, show] = useState(themeNow);
  if (!settings) return null;
  const choose = (s: Settings): void => {
    setChosen(s);
    write.run('this preference', () => saveSettings(s));
  };
  return (
    <section aria-label="How it shows" className="plate flex flex-col gap-3 p-4">
      <h2 className="text-xl">How it shows</h2>
      <SelectField
        label="Light or dark"
        value={theme}
        options={[
          ['system', 'as the system'],
          ['enamel', 'enamel, light'],
          ['iron', 'iron, dark'],
        ]}
        onChange={(t) => {
          setTheme(t as Theme);
          show(t as Theme);
        }}
      />
      <SelectField
        label="Amounts in"
        value={settings.cups}
        options={CUP_CHOICES}
        onChange={(cups) => choose({ ...settings, cups: cups as Settings['cups'] })}
      />
      <label className="flex min-h-9 cursor-pointer items-center gap-2">
        <input
          type="checkbox"
          className="checkbox"
          checked={settings.us}
          onChange={(e) => choose({ ...settings, us: e.target.checked })}
        />
        Ounces, °F and inches besides
      </label>
      <label className="flex min-h-9 cursor-pointer items-center gap-2">
        <input
          type="checkbox"
          className="checkbox"
          checked={settings.keys}
          onChange={(e) => choose({ ...settings, keys: e.target.checked })}
        />
        One-letter keys for the places (? lists them)
      </label>
      <NotSaved of={write} />
    </section>
  );
}
