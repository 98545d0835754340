import { ProblemException } from '../http/problem.js';

/** What is told to somebody whom the provider knows and the shop does not. @param email as the provider says it; null where it does not */
export function notKnown(email: string | null): ProblemException {
  const detail =
    email === null
      ? 'The provider did not say an address that is known to be yours. Ask whoever looks after it.'
      : `Nobody of this shop has an account as ${email}. A lead gives one, in Shop, People.`;
  return new ProblemException({ type: 'about:blank', title: 'Not known here', status: 403, detail });
}
