/** Keeps the application on the device, sends what waits, and shows a banner where there is something to tell. */
import { useEffect, useState } from 'react';
import { useConnectionAway } from '../api/connection';
import { keepApplication } from '../api/device-copy';
import { useOutbox } from '../api/outbox';
import { startSending } from '../api/start-sending';
import type { ConnectionBanner } from './connection-banner';

/** After a page was opened. */
const KEEP_MS = 3000;

/** What is wanted without a connection, loaded while there is one; null where there is none yet. */
const loadForLater = async (): Promise<typeof ConnectionBanner | null> => {
  try {
    const [banner] = await Promise.all([
      import('./connection-banner'),
      import('../api/send-outbox'),
      import('idb'),
    ]);
    return banner.ConnectionBanner;
  } catch {
    // Asked for again when the page is opened the next time: until then nothing is shown, and nothing is lost.
    return null;
  }
};

export const Connection = () => {
  const isAway = useConnectionAway();
  const waiting = useOutbox();
  const [newer, setNewer] = useState<(() => void) | null>(null);
  const [Banner, setBanner] = useState<typeof ConnectionBanner | null>(null);
  useEffect(() => startSending(), []);
  useEffect(() => {
    // Once the page stands: the copy for later must not hold up the work of now.
    const timer = setTimeout(() => {
      void loadForLater().then((loaded) => setBanner(() => loaded));
      // The same: the copy is made the next time.
      keepApplication((take) => setNewer(() => take)).catch(() => undefined);
    }, KEEP_MS);
    return () => clearTimeout(timer);
  }, []);
  const isQuiet = !isAway && waiting.length === 0 && newer === null;
  return Banner === null || isQuiet ? null : (
    <Banner isAway={isAway} waiting={waiting} newer={newer} />
  );
};
