/** A page whose data is not here yet, or will not come. */
import { Stack } from './layout';
import { Notice } from './notice';
import { PageHeading } from './page-heading';

export const Waiting = ({ error, text }: { error: Error | undefined; text: string }) =>
  error ? (
    <Stack>
      <PageHeading title="Can’t load this page" />
      <Notice tone="cut" alert>
        {error.message}
      </Notice>
    </Stack>
  ) : (
    <p role="status">{text}</p>
  );

export const NothingHere = () => (
  <Stack>
    <PageHeading title="Nothing here" />
    <Notice>There is nothing at this address.</Notice>
  </Stack>
);
