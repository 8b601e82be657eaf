export { ClockPage } from './ClockPage';
