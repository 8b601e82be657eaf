import { NavLink } from 'react-router';

interface PageTabsProps {
  readonly label: string;
  readonly tabs: readonly (readonly [to: string, text: string])[];
}
/** The pages of one place. */
export function PageTabs({ label, tabs }: PageTabsProps) {
  return (
    <nav aria-label={label} className="flex flex-wrap gap-2 print:hidden">
      {tabs.map(([to, text]) => (
        // A tab with pages of its own below it stays chosen on them; the first page of a place is its own alone.
        <NavLink
          key={to}
          to={to}
          end={tabs.some(([other]) => other.startsWith(`${to}/`))}
          className={({ isActive }) => `btn ${isActive ? 'btn-neutral' : 'btn-outline'}`}
        >
          {text}
        </NavLink>
      ))}
    </nav>
  );
}
