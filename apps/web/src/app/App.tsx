import { useState } from 'react';
import { Provider } from 'react-redux';
import { RouterProvider } from 'react-router/dom';
import { Toaster } from 'sonner';
import { createRouter } from './routes.js';
import { createStore } from './store.js';

export function App() {
  const [store] = useState(createStore);
  const [router] = useState(createRouter);
  return (
    <Provider store={store}>
      <RouterProvider router={router} />
      <Toaster
        position="bottom-center"
        duration={8000}
        closeButton
        toastOptions={{
          style: {
            background: 'var(--color-neutral)',
            color: 'var(--color-neutral-content)',
            borderColor: 'var(--color-base-300)',
            fontFamily: 'var(--font-sans)',
            fontSize: '1rem',
          },
          actionButtonStyle: { minHeight: '40px', padding: '0 16px', fontSize: '1rem' },
        }}
      />
    </Provider>
  );
}
