export { KitPage } from './KitPage';
