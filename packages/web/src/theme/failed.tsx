/** A calculation that did not come to its end: said where its answer would stand, with another try. */
import { QuietButton } from './buttons';
import { Row } from './layout';
import { Notice } from './notice';
import { STRINGS } from './strings';

interface FailedProps {
  /** Why; null while nothing failed. */
  readonly error: string | null;
  readonly retry: () => void;
}

export const Failed = ({ error, retry }: FailedProps) =>
  error === null ? null : (
    <Notice tone="cut" alert>
      <Row>
        <span>{error}.</span>
        <QuietButton onPress={retry}>{STRINGS.tryAgain}</QuietButton>
      </Row>
    </Notice>
  );
