import { ExternalLink } from 'lucide-react';
import { Failure } from '../../shared/form/Failure.js';
import { useBeginProviderMutation } from '../../shared/door/accountsApi.js';
import { keepReturn } from '../../shared/door/returnAddress.js';

/** Leaves for the firm's provider of sign-ins, which sends people back to {@link AnswerPage}. */
export function ProviderButton({ name }: { readonly name: string }) {
  const [begin, { isLoading, error }] = useBeginProviderMutation();
  const leave = async () => {
    const { data } = await begin(undefined);
    if (data === undefined) return;
    keepReturn(`${window.location.pathname}${window.location.search}`);
    window.location.assign(data.url);
  };
  return (
    <>
      <button
        type="button"
        className="btn h-14 w-full text-lg"
        onClick={() => {
          if (!isLoading) void leave();
        }}
      >
        <ExternalLink className="size-5" aria-hidden="true" /> Sign in by {name}
      </button>
      <Failure what="" error={error} />
    </>
  );
}
