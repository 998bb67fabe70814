import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './App';
import { fetchAhead } from './kitchen/firstQueries';
import { keepAnswers } from './kitchen/keptAnswers';
import { keepPages } from './offline/keepPages';
import './styles/tokens.css';

// Live news says when something changed; until then what was fetched is true.
const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Number.POSITIVE_INFINITY, retry: 2 } } });

keepAnswers(queries);
if (location.pathname === '/tray' || location.pathname === '/') fetchAhead(queries);

const root = document.getElementById('root');
if (!root) throw new Error('The page has no root element.');

void keepPages();

createRoot(root).render(
  <StrictMode>
    <QueryClientProvider client={queries}>
      <App />
    </QueryClientProvider>
  </StrictMode>,
);
