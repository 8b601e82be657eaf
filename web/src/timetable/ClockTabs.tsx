import { NavLink } from 'react-router';

const TABS = [
  ['/clock', 'Timetable'],
  ['/clock/ahead', 'The fortnight ahead'],
] as const;
/** The two pages of the clock. */
export function ClockTabs() {
  return (
    <nav aria-label="Pages of the clock" className="flex gap-2 print:hidden">
      {TABS.map(([to, text]) => (
        <NavLink key={to} to={to} end className={({ isActive }) => `btn ${isActive ? 'btn-neutral' : 'btn-outline'}`}>
          {text}
        </NavLink>
      ))}
    </nav>
  );
}
