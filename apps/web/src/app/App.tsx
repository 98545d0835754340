import { lazy, Suspense, useState } from 'react';
import { Provider } from 'react-redux';
import { BrowserRouter } from 'react-router';
import { Shell } from './Shell.js';
import { createStore } from './store.js';

/** Nothing is told before something was done: it comes right behind the page. */
const Behind = lazy(() => import('./Behind.js'));

export function App() {
  const [store] = useState(createStore);
  return (
    <Provider store={store}>
      {/* At once: what is typed next builds on the address that the last key made. */}
      <BrowserRouter useTransitions={false}>
        <Shell />
      </BrowserRouter>
      <Suspense fallback={null}>
        <Behind />
      </Suspense>
    </Provider>
  );
}
