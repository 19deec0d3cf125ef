/** What came of a press, shown where it was pressed: beside the button when it went well, below it when it was refused. */
import type { ReactNode } from 'react';
import { Row, MutedText } from './layout';
import { Notice } from './notice';

export interface Feedback {
  readonly text: string;
  readonly bad: boolean;
}

export const WithFeedback = ({
  feedback,
  children,
}: {
  feedback: Feedback | null;
  children: ReactNode;
}) => (
  <>
    <Row>
      {children}
      {feedback && !feedback.bad && <MutedText role="status">{feedback.text}</MutedText>}
    </Row>
    {feedback?.bad && (
      <Notice tone="cut" alert>
        {feedback.text}
      </Notice>
    )}
  </>
);
