export { AheadPage } from './ahead/AheadPage';
export { ClockPage } from './ClockPage';
