import { LogIn } from 'lucide-react';
import type { ReactNode } from 'react';
import { useDispatch } from 'react-redux';
import { useLocation } from 'react-router';
import { useSessionQuery } from '../../shared/api/heronApi.js';
import { isOpenPage } from '../../shared/door/openPages.js';
import { signInAsked } from '../../shared/door/doorSlice.js';

/** On the network nothing is shown before somebody has signed in; on the shop's own machine everything is. */
export function ReadingClosed({ children }: { children: ReactNode }) {
  const { data: session } = useSessionQuery(undefined);
  const dispatch = useDispatch();
  const { pathname } = useLocation();
  if (isOpenPage(pathname)) return children;
  if (session?.isReadingClosed !== true || session.person !== null) return children;
  return (
    <section className="mx-auto flex max-w-xl flex-col items-start gap-4 px-6 py-20">
      <h1 className="text-3xl font-semibold">Sign in first</h1>
      <p className="text-lg">This shop is on the network: it shows itself to its own people alone.</p>
      <button type="button" className="btn touch-always btn-primary" onClick={() => dispatch(signInAsked())}>
        <LogIn className="size-5" aria-hidden="true" /> Sign in
      </button>
    </section>
  );
}
