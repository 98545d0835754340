import { LogIn } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { useDispatch } from 'react-redux';
import { useNavigate } from 'react-router';
import { problemOf } from '../../shared/api/problemOf.js';
import { useEndProviderMutation } from '../../shared/door/accountsApi.js';
import { signInAsked } from '../../shared/door/doorSlice.js';
import { takeReturn } from '../../shared/door/returnAddress.js';
import { Loading } from '../../shared/page/Loading.js';
import { toast } from '../../shared/say/toast.js';

/** Where the firm's provider sends people back to: it signs them in, and goes on where they were. */
export function AnswerPage() {
  const [end, { error }] = useEndProviderMutation();
  const navigate = useNavigate();
  const dispatch = useDispatch();
  const isSent = useRef(false);
  useEffect(() => {
    // An answer is good once.
    if (isSent.current) return;
    isSent.current = true;
    const query = window.location.search.slice(1);
    // What only the two of them should know stands in no address that is kept.
    window.history.replaceState(window.history.state, '', window.location.pathname);
    void end({ query }).then(({ data }) => {
      if (data === undefined) return;
      toast(`${data.name} is signed in.`);
      void navigate(takeReturn(), { replace: true });
    });
  }, [end, navigate]);
  if (error === undefined) return <Loading what="who it is" />;
  return (
    <section className="mx-auto flex max-w-xl flex-col items-start gap-4 px-6 py-20">
      <h1 className="text-3xl font-semibold">Not signed in</h1>
      <p role="alert" className="fault p-3 text-lg">
        {problemOf(error).message}
      </p>
      <button type="button" className="btn touch-always btn-primary" onClick={() => dispatch(signInAsked())}>
        <LogIn className="size-5" aria-hidden="true" /> Sign in
      </button>
    </section>
  );
}
