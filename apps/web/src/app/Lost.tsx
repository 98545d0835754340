import { Link, useLocation } from 'react-router';

/** An address that leads nowhere. */
export function Lost() {
  const { pathname } = useLocation();
  return (
    <section className="mx-auto flex max-w-xl flex-col items-start gap-4 px-6 py-20">
      <h1 className="text-3xl font-semibold">Nothing here</h1>
      <p className="text-lg">
        There is no page <span className="figure break-all">{pathname}</span>. It may have been typed wrong or
        moved.
      </p>
      <Link to="/dial" className="btn touch-always btn-primary">
        Go to Dial
      </Link>
    </section>
  );
}
