import { methodById } from '@ironpan/core/methods';
import type { PlanRecord } from '@ironpan/core/records';
import { saveSettings } from '../store/kit';
import type { Settings } from '../store/kit';
import { CUP_CHOICES } from '../ui/cups';
import { SelectField } from '../ui/SelectField';
import { useSettings } from '../ui/useKitchen';

/** Why this school does what it does, and what to look for. */
export function School({ plan }: { readonly plan: PlanRecord }) {
  const m = plan.from ? methodById(plan.from.method) : undefined;
  const settings = useSettings();
  return (
    <div className="flex flex-wrap justify-between gap-6 px-4 py-3" style={{ borderTop: '1px solid var(--line)' }}>
      {m && (
        <details className="max-w-2xl flex-1 basis-72">
          <summary className="cursor-pointer font-semibold">Why this school does it so</summary>
          <ul className="mt-2 list-disc pl-5">
            {[m.line, ...m.reasons].map((r) => (
              <li key={r}>{r}</li>
            ))}
          </ul>
          <p className="mt-2 font-semibold">What to look for</p>
          <ul className="list-disc pl-5">
            {m.cues.map((c) => (
              <li key={c}>{c}</li>
            ))}
          </ul>
        </details>
      )}
      {settings && (
        <SelectField
          label="Amounts in"
          value={settings.cups}
          options={CUP_CHOICES}
          onChange={(cups) => void saveSettings({ ...settings, cups: cups as Settings['cups'] })}
        />
      )}
    </div>
  );
}
