/**
 * What the shop needs, asked for at once: over a thin line each thing that waits for the one before costs a second. On a
 * device where somebody was signed in before anything is known; else as soon as somebody is.
 */
import { preload } from 'swr';
import { request } from './api/client';
import { readStored, writeStored } from './api/stored';
import { shopPage } from './shop/load-shop';
import { readyOrLazy } from './theme/ready-or-lazy';

const KNOWN = 'was signed in';

const pages = readyOrLazy(async () => (await import('./pages')).default);
export const Pages = pages.Part;

const fetched = (path: string): void => {
  // A failure is told by the page that asks for it.
  Promise.resolve(preload(path, (key: string) => request('GET', key))).catch(() => undefined);
};

export const isKnownDevice = (): boolean => readStored<boolean>(KNOWN) === true;
export const noteKnownDevice = (isKnown: boolean): void => {
  if (isKnown !== isKnownDevice()) writeStored(KNOWN, isKnown);
};

let isWarm = false;
export const warmUp = (): void => {
  if (isWarm) return;
  isWarm = true;
  fetched('/session');
  pages.load().catch(() => undefined);
  if (window.location.pathname !== '/') return;
  shopPage.load().catch(() => undefined);
  fetched('/shop');
  fetched('/first-day');
};
