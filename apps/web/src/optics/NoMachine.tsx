import { Link } from 'react-router';

/** Said where a page is about machines and the shop has none. */
export function NoMachine() {
  return (
    <p className="sheet flex flex-wrap items-center gap-3 p-6 text-lg">
      There is no machine yet: add one in Shop first.
      <Link className="btn touch-always btn-primary" to="/shop">
        To Shop
      </Link>
    </p>
  );
}
