import { lazy, Suspense, useState } from 'react';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import { createRouter } from './routes.js';
import { createStore } from './store.js';

/** Nothing is told before something was done: it comes right behind the page. */
const Toasts = lazy(() => import('./Toasts.js'));
const OutboxSender = lazy(() => import('../shared/outbox/OutboxSender.js'));

export function App() {
  const [store] = useState(createStore);
  const [router] = useState(createRouter);
  return (
    <Provider store={store}>
      <RouterProvider router={router} />
      <Suspense fallback={null}>
        <Toasts />
        <OutboxSender />
      </Suspense>
    </Provider>
  );
}
