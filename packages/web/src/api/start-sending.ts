/** Looks whether something waits, and loads what sends it only then. */
import { outboxNow, readOutbox } from './outbox';

/** Looked at so often while something waits: with the server dead the browser still thinks it is online. */
const EVERY_MS = 1000;

const isWaiting = (): boolean => outboxNow().some(({ refused }) => refused === null);

const send = async (): Promise<void> => {
  if (isWaiting()) await (await import('./send-outbox')).sendOutbox();
};

/** Sends at once, when the browser is online again, and every second while something waits. Gives what ends it. */
export const startSending = (): (() => void) => {
  const look = (): void => void send();
  const timer = setInterval(look, EVERY_MS);
  window.addEventListener('online', look);
  void readOutbox().then(look);
  return () => {
    clearInterval(timer);
    window.removeEventListener('online', look);
  };
};
