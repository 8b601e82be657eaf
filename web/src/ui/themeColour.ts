/** A colour of the theme, for what cannot follow it by name: the chart library. */
export const themeColour = (name: string): string =>
  getComputedStyle(document.documentElement).getPropertyValue(name).trim();
