import { Dialog } from '../ui/Dialog';
import { useLive } from '../live/live';
import type { Running } from '../live/running';
import { comeBack, readFaults, wasAway } from '../store/practice';
import { NotSaved } from '../ui/NotSaved';
import { useWrite } from '../ui/useWrite';

/** Long enough that open slurry notices, short enough that it may still be used, min. */
const AWAY_MIN = 50;

/** In a practice that has it so the door bell rings once, when the jug has run and the slurry stands. */
export function DoorBell({ open, speed }: { readonly open: readonly Running[]; readonly speed: number }) {
  const faults = useLive(['faults'], readFaults).data;
  const away = useLive(['away'], wasAway).data;
  const write = useWrite();
  if (away !== false || !faults?.includes('calledAway') || !open.some(slurryStands)) return null;
  const back = (): void => write.run('that you came back', () => comeBack(AWAY_MIN * 60, speed));
  return (
    <Dialog title="The door bell" onClose={back}>
      <p className="mb-3 text-[1.1rem]">
        Somebody needs you for {AWAY_MIN} minutes. The bench stays as it is; the stuff does not. When you are back,
        Rescue says what can be done.
      </p>
      <NotSaved of={write} />
      <button type="button" data-once className="btn btn-primary btn-lg w-full" onClick={back}>
        I am back, {AWAY_MIN} minutes later
      </button>
    </Dialog>
  );
}
/** Everything is ground, and what comes next is not begun. */
function slurryStands({ progress }: Running): boolean {
  const ground = progress.tasks.filter((t) => t.step.kind === 'grind' || t.step.kind === 'knead');
  const last = progress.tasks.findLast((t) => ground.includes(t));
  return last?.status === 'done' && progress.tasks.every((t) => t.status !== 'running') && progress.current !== null;
}
