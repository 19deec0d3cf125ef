/** What is told of the connection: whether there is one, and what waits on this device. */
import { STRINGS } from './strings';

/** For `open` things that wait to be sent; null where there is nothing to tell. */
export const connectionTold = (isAway: boolean, open: number): string | null => {
  if (!isAway && open === 0) return null;
  return (
    (isAway ? STRINGS.noConnectionToTheWorkshop : STRINGS.sending) +
    (open > 0 ? STRINGS.onThisDeviceToBeSent(STRINGS.thingsWait(open)) : STRINGS.goOnWorkIsKeptOn)
  );
};
