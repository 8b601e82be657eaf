/** Which kitchen this browser has open: the cook's own, or the demo. The cook's is never seeded. */
export type Realm = 'kitchen' | 'demo';
/** The cook's last choice at this address; without one, what the server opens. */
export declare function realm(): Realm;
/** Opens the other kitchen; the page starts anew on it, so nothing of one can leak into the other. */
export declare function openRealm(r: Realm): void;
