import { useLive } from '../live/live';
import { keepCalls, readCalls } from '../store/calls';
import type { Calls } from '../store/calls';
import { ring } from '../ui/alarm';
import { NotSaved } from '../ui/NotSaved';
import { mayRemind, mayRemindNow } from '../ui/reminder';
import { tell } from '../ui/toast';
import { useWrite } from '../ui/useWrite';
import { hasVoice, hush } from '../ui/voice';

/** How the bench calls: tried before it is needed. */
export function CallsPart() {
  const calls = useLive(['calls'], readCalls).data;
  const write = useWrite();
  if (!calls) return null;
  const keep = (part: Partial<Calls>): void => write.run('how it calls', () => keepCalls(part));
  const outside = async (on: boolean): Promise<void> => {
    if (on && !(await mayRemindNow())) {
      tell('This browser does not let Ironpan tell you. Allow notifications for this address.');
      return;
    }
    keep({ outside: on });
  };
  return (
    <details className="plate p-4">
      <summary className="min-h-8 cursor-pointer text-lg font-semibold">How it calls you</summary>
      <div className="mt-2 flex flex-col gap-1">
        <button type="button" className="btn btn-outline btn-lg" onClick={ring}>
          Try the sound
        </button>
        {hasVoice() && (
          <Tick
            label="Say each step aloud"
            on={calls.aloud}
            onChange={(aloud) => {
              if (!aloud) hush();
              keep({ aloud });
            }}
          />
        )}
        {mayRemind() && (
          <Tick
            label="Tell me outside this page when a timer ends"
            on={calls.outside}
            onChange={(on) => void outside(on)}
          />
        )}
        <NotSaved of={write} />
      </div>
    </details>
  );
}
function Tick({
  label,
  on,
  onChange,
}: {
  readonly label: string;
  readonly on: boolean;
  readonly onChange: (on: boolean) => void;
}) {
  return (
    <label className="flex min-h-14 cursor-pointer items-center gap-3">
      <input type="checkbox" className="checkbox" checked={on} onChange={(e) => onChange(e.target.checked)} />
      {label}
    </label>
  );
}
