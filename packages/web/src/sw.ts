/// <reference lib="webworker" />
/**
 * Opens the application without the workshop: scripts from the device, the page with a fresh nonce, and what was last read
 * of the records, marked as the device's own. What is written never passes here: it waits in the page's outbox.
 */
import { cleanupOutdatedCaches, precacheAndRoute } from 'workbox-precaching';

declare const self: ServiceWorkerGlobalScope & {
  readonly __WB_MANIFEST: readonly { readonly url: string; readonly revision: string | null }[];
};

const SHELL = 'shell';
const RECORDS = 'records';
/** A workshop that takes longer is not waited for. */
const PATIENCE_MS = 3000;
/** What is read of the records and kept; streams, pictures and prints are not. */
const KEPT =
  /^\/api\/(session|shop|jobs\/\d+|stones|machines|steels|habits|templates|tests-in-use|own-faults|confirmed-causes|devices|prices|shop-details)$/;

precacheAndRoute([...self.__WB_MANIFEST], { directoryIndex: '', cleanURLs: false });
cleanupOutdatedCaches();

/** The page and its policy carry one nonce: both get a fresh one. */
const withFreshNonce = async (kept: Response): Promise<Response> => {
  const policy = kept.headers.get('Content-Security-Policy') ?? '';
  const old = /'nonce-([^']+)'/.exec(policy)?.[1];
  const fresh = crypto.randomUUID().replaceAll('-', '');
  const renewed = (text: string): string =>
    old === undefined ? text : text.replaceAll(old, fresh);
  const headers = new Headers(kept.headers);
  headers.set('Content-Security-Policy', renewed(policy));
  // The body is no longer as it was sent.
  headers.delete('Content-Length');
  headers.delete('Content-Encoding');
  return new Response(renewed(await kept.text()), { headers });
};

const keepShell = async (): Promise<void> => {
  const page = await fetch('/', { cache: 'no-store' });
  if (page.ok) await (await caches.open(SHELL)).put('/', page);
};

const withinPatience = (asked: Promise<Response>): Promise<Response> =>
  Promise.race([
    asked,
    new Promise<Response>((_, reject) =>
      setTimeout(() => reject(new Error('the workshop does not answer')), PATIENCE_MS),
    ),
  ]);

const openPage = async (request: Request): Promise<Response> => {
  try {
    return await withinPatience(fetch(request));
  } catch (error) {
    const kept = await (await caches.open(SHELL)).match('/');
    if (!kept) throw error;
    return withFreshNonce(kept);
  }
};

/** Marked, so that the page knows the workshop did not answer. */
const asDevices = (kept: Response): Response => {
  const headers = new Headers(kept.headers);
  headers.set('From-Device', '1');
  return new Response(kept.body, { status: kept.status, headers });
};

const readRecords = async (request: Request): Promise<Response> => {
  const records = await caches.open(RECORDS);
  try {
    const answer = await withinPatience(fetch(request.clone()));
    // A server that is being started again answers, and knows nothing yet.
    if (answer.status < 500) {
      if (answer.ok) await records.put(request, answer.clone());
      return answer;
    }
    const kept = await records.match(request);
    return kept ? asDevices(kept) : answer;
  } catch (error) {
    const kept = await records.match(request);
    if (!kept) throw error;
    return asDevices(kept);
  }
};

self.addEventListener('install', (event) => {
  event.waitUntil(keepShell());
});
self.addEventListener('activate', (event) => {
  event.waitUntil(self.clients.claim());
});
self.addEventListener('message', (event: ExtendableMessageEvent) => {
  const { type } = event.data as { readonly type: string };
  if (type === 'SKIP_WAITING') void self.skipWaiting();
});
self.addEventListener('fetch', (event) => {
  const { request } = event;
  const { origin, pathname, search } = new URL(request.url);
  if (origin !== self.location.origin || request.method !== 'GET') return;
  // A customer's page is nobody's who works here.
  if (request.mode === 'navigate' && !pathname.startsWith('/v/') && !pathname.startsWith('/api/')) {
    event.respondWith(openPage(request));
  } else if (KEPT.test(pathname) && search === '') event.respondWith(readRecords(request));
});
