import { lazy, type ComponentType, type ReactElement } from 'react';

/** A page of a station, fetched when it is shown for the first time. */
export function page(load: () => Promise<ComponentType>): ReactElement {
  const Page = lazy(async () => ({ default: await load() }));
  return <Page />;
}
