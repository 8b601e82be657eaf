import { readCalendar, zonedInstant } from '@ironpan/core/formats';

export interface CalendarAsked {
  readonly text: string;
  readonly from: number;
  readonly to: number;
  readonly most: number;
}
self.onmessage = (e: MessageEvent<CalendarAsked>) => {
  const { text, from, to, most } = e.data;
  self.postMessage({ done: readCalendar(text, { from, to }, most, zonedInstant) });
};
