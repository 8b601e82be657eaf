import { PageTabs } from '../ui/PageTabs';

const TABS = [
  ['/clock', 'Timetable'],
  ['/clock/ahead', 'The fortnight ahead'],
] as const;
/** The two pages of the clock. */
export const ClockTabs = () => <PageTabs label="Pages of the clock" tabs={TABS} />;
