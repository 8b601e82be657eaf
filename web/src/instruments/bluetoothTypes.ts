/** The part of Web Bluetooth (W3C community group) that is used here; the page's own types do not have it. */
export interface Characteristic extends EventTarget {
  readonly value?: DataView;
  readonly properties: { readonly notify: boolean; readonly indicate: boolean };
  startNotifications(): Promise<Characteristic>;
  readValue(): Promise<DataView>;
}
export interface GattServer {
  readonly connected: boolean;
  connect(): Promise<GattServer>;
  disconnect(): void;
  getPrimaryService(service: number): Promise<{ getCharacteristic(characteristic: number): Promise<Characteristic> }>;
}
export interface Device extends EventTarget {
  readonly name?: string;
  readonly gatt?: GattServer;
}
export interface Bluetooth {
  requestDevice(of: { readonly filters: readonly { readonly services: readonly number[] }[] }): Promise<Device>;
}
/** Web Bluetooth, where this browser has it. */
export const bluetoothOf = (): Bluetooth | null => (navigator as { bluetooth?: Bluetooth }).bluetooth ?? null;
