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
        <NavLink key={to} to={to} end className={({ isActive }) => `btn ${isActive ? 'btn-neutral' : 'btn-outline'}`}>
          {text}
        </NavLink>
      ))}
    </nav>
  );
}
