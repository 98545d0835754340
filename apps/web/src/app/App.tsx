import { lazy, Suspense, useEffect, useState } from 'react';
import { Provider } from 'react-redux';
import { BrowserRouter } from 'react-router';
import { Shell } from './Shell.js';
import { createStore } from './store.js';

/** Nothing is told before something was done: it comes right behind the page. */
const Toasts = lazy(() => import('./Toasts.js'));
const OutboxSender = lazy(() => import('../shared/outbox/OutboxSender.js'));

export function App() {
  const [store] = useState(createStore);
  useOpenOffline();
  return (
    <Provider store={store}>
      {/* At once: what is typed next builds on the address that the last key made. */}
      <BrowserRouter useTransitions={false}>
        <Shell />
      </BrowserRouter>
      <Suspense fallback={null}>
        <Toasts />
        <OutboxSender />
      </Suspense>
    </Provider>
  );
}

/** Once the page is there: what it takes to open without the server is fetched behind everything else. */
function useOpenOffline(): void {
  useEffect(() => {
    const start = () => void import('./openOffline.js').then(({ openOffline }) => openOffline());
    const waiting = setTimeout(start, settledAfter);
    return () => clearTimeout(waiting);
  }, []);
}

/** The first page and what it asks have come by then, ms. */
const settledAfter = 3000;
