import { Bell, BellOff } from 'lucide-react';
import { useLive } from '../live/live';
import { keepReminding, readReminding } from '../store/answers';
import { mayRemind, mayRemindNow, remind } from '../ui/reminder';
import { tell } from '../ui/toast';

/** Reminders by this browser, if it has them and is allowed to; while a window of Ironpan is open somewhere. */
export function Remind() {
  const on = useLive(['reminders'], readReminding).data;
  if (!mayRemind() || on === undefined) return null;
  const turn = async (): Promise<void> => {
    if (on) await keepReminding(false);
    else if (await mayRemindNow()) {
      await keepReminding(true);
      remind('Reminders are on', 'While Ironpan is open in a window, also in the background.');
    } else
      tell('This browser does not let Ironpan remind you. Allow notifications for this address, or use the calendar.');
  };
  const Icon = on ? BellOff : Bell;
  return (
    <button
      type="button"
      className="link small flex min-h-11 items-center gap-1.5"
      onClick={() => void turn().catch(() => tell('That could not be kept. Try again.'))}
    >
      <Icon size={17} aria-hidden="true" />
      {on ? 'No more reminders' : 'Remind me'}
    </button>
  );
}
