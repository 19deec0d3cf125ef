/** What came of a press, told where it was pressed: a good word beside the button, a refusal below it. */
import type { ReactNode } from 'react';
import { Row, MutedText } from './layout';
import { Notice } from './notice';

export interface Told {
  readonly words: string;
  readonly bad: boolean;
}

export const WithWord = ({ told, children }: { told: Told | null; children: ReactNode }) => (
  <>
    <Row>
      {children}
      {told && !told.bad && <MutedText role="status">{told.words}</MutedText>}
    </Row>
    {told?.bad && (
      <Notice tone="cut" alert>
        {told.words}
      </Notice>
    )}
  </>
);
