/** The one place in the server that asks the machine for the time. */
export const now = (): number => Date.now();
