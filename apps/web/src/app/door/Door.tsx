import { lazy, Suspense } from 'react';
import { useDispatch, useSelector } from 'react-redux';
import { useSessionQuery } from '../../shared/api/heronApi.js';
import { selectSignInAsked, signInLeft } from '../../shared/door/doorSlice.js';

const SignIn = lazy(() => import('./SignIn.js'));
const FirstLead = lazy(() => import('./FirstLead.js'));

/** The door: opened when somebody wants in, and by itself in a shop that has nobody yet. */
export function Door() {
  const dispatch = useDispatch();
  const isAsked = useSelector(selectSignInAsked);
  const { data: session } = useSessionQuery(undefined);
  if (session === undefined) return null;
  const leave = () => dispatch(signInLeft());
  return (
    <Suspense fallback={null}>
      {session.needsFirstLead && <FirstLead />}
      {isAsked && !session.needsFirstLead && <SignIn hasSamplePin={session.hasSamplePin} onLeave={leave} />}
    </Suspense>
  );
}
