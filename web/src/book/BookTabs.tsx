import { PageTabs } from '../ui/PageTabs';

const TABS = [
  ['/book', 'Batches'],
  ['/book/beside', 'Side by side'],
  ['/book/trials', 'Trials'],
  ['/book/truth', 'How true it was'],
  ['/book/year', 'The year'],
] as const;
export const BookTabs = () => <PageTabs label="Pages of the book" tabs={TABS} />;
