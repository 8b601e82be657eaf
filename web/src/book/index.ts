export { BookPage } from './BookPage';
export { BookBatchPage } from './BookBatchPage';
