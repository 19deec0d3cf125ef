import { StrictMode } from 'react';
import { createRoot } from 'react-dom/client';
import { App } from './app';
import { GlobalStyle } from './theme/global-style';
import { isKnownDevice, warmUp } from './warm-up';

if (isKnownDevice()) warmUp();

createRoot(document.getElementById('root')!).render(
  <StrictMode>
    <GlobalStyle />
    <App />
  </StrictMode>,
);
