import { AsyncLocalStorage } from 'node:async_hooks';

const asking = new AsyncLocalStorage<string>();

/** Lets something be done for a page, by what that calls itself. */
export const doneFor = (page: string, act: () => void): void => asking.run(page, act);

/** The page that what is being done is done for; empty where there is none. */
export const askingPage = (): string => asking.getStore() ?? '';
