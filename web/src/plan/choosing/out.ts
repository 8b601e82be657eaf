/** Why a method cannot be done with what is at hand. */
export const OUT = { time: 'not ready in time', blender: 'needs a blender', order: 'steps out of order' } as const;
