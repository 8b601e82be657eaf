export { ShelfPage } from './ShelfPage';
