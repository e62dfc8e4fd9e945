import '@fontsource-variable/atkinson-hyperlegible-next';
import './ui/theme/tokens.css';
import './ui/bar/shell.css';
import './ui/theme/touch.css';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { Root } from './app/Root';
import { sayWhenSettled } from './app/settled';

const queries = new QueryClient({
  defaultOptions: { queries: { refetchOnWindowFocus: false, retry: 1 } },
});

sayWhenSettled(queries);

const page = document.getElementById('page');
if (page) {
  createRoot(page).render(
    <StrictMode>
      <QueryClientProvider client={queries}>
        <Root />
      </QueryClientProvider>
    </StrictMode>,
  );
}
