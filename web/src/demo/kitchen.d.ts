import type { KitRecord } from '@ironpan/core/records';
/** The demo's own kitchen, invented: shared, on a hill, 640 m up. */
export declare const hillKitchen: (at: number) => KitRecord;
