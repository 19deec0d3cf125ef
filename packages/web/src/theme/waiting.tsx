/** A page whose data is not here yet, or will not come. */
import { Stack } from './layout';
import { Notice } from './notice';
import { PageHeading } from './page-heading';
import { STRINGS } from './strings';

export const Waiting = ({ error, text }: { error: Error | undefined; text: string }) =>
  error ? (
    <Stack>
      <PageHeading title={STRINGS.cantLoadThisPage} />
      <Notice tone="cut" alert>
        {error.message}
      </Notice>
    </Stack>
  ) : (
    <p role="status">{text}</p>
  );

export const NothingHere = () => (
  <Stack>
    <PageHeading title={STRINGS.nothingHere} />
    <Notice>{STRINGS.thereIsNothingAtThisAddress}</Notice>
  </Stack>
);
