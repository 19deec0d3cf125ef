/**
 * A page that failed says so and offers a way on; the frame around it stays. What was typed is kept on the device by the
 * pages themselves, and is there again after the reload.
 */
import type { ReactNode } from 'react';
import { ErrorBoundary, type FallbackProps } from 'react-error-boundary';
import { useLocation } from 'react-router';
import { ActionButton, QuietButton } from './buttons';
import { Row, Stack } from './layout';
import { Notice } from './notice';
import { STRINGS } from './strings';

/** A part of the application that is not on the server any more: it was replaced while the page was open. */
const isGone = (error: unknown): boolean =>
  error instanceof Error && /dynamically imported module|preload/i.test(error.message);

const PageFailed = ({ error, resetErrorBoundary }: FallbackProps) => (
  <Stack>
    <h1>{isGone(error) ? STRINGS.aNewerVersionIsHere : STRINGS.thisPageStoppedWorking}</h1>
    <Notice tone="cut" alert>
      {STRINGS.whatYouTypedIsSavedOn(
        isGone(error) ? STRINGS.reloadToUseIt : STRINGS.somethingWentWrongReloadToContinue,
      )}
    </Notice>
    <Row>
      <ActionButton onPress={() => window.location.reload()}>{STRINGS.reload}</ActionButton>
      <QuietButton onPress={resetErrorBoundary}>{STRINGS.tryAgain}</QuietButton>
    </Row>
  </Stack>
);

/** Around what a route shows; another address is another try. */
export const PageBoundary = ({ children }: { children: ReactNode }) => {
  const { pathname } = useLocation();
  return (
    <ErrorBoundary FallbackComponent={PageFailed} resetKeys={[pathname]}>
      {children}
    </ErrorBoundary>
  );
};
