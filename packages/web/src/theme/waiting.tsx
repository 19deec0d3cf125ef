/** A page whose data is not here yet, or will not come. */
import { Notice, Stack } from './parts';

export const Waiting = ({ error, words }: { error: Error | undefined; words: string }) =>
  error ? (
    <Stack>
      <h1>Not to be had just now</h1>
      <Notice tone="cut" alert>
        {error.message}
      </Notice>
    </Stack>
  ) : (
    <p role="status">{words}</p>
  );

export const NothingHere = () => (
  <Stack>
    <h1>Nothing here</h1>
    <Notice>There is nothing at this address.</Notice>
  </Stack>
);
