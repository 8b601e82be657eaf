import { Link } from 'react-router';
import { Empty } from '../ui/State';

/** An address that is none of ours. */
export function NotFound() {
  return (
    <Empty title="There is nothing at this address">
      <p>It may have been deleted, or the address is cut short.</p>
      <Link className="btn btn-primary" to="/">
        To the shelf
      </Link>
    </Empty>
  );
}
