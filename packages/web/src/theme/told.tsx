/** What came of a press, told where it was pressed: a good word beside the button, a refusal below it. */
import type { ReactNode } from 'react';
import { Notice, Row, Soft } from './parts';

export interface Told {
  readonly words: string;
  readonly bad: boolean;
}

export const WithWord = ({ told, children }: { told: Told | null; children: ReactNode }) => (
  <>
    <Row>
      {children}
      {told && !told.bad && <Soft role="status">{told.words}</Soft>}
    </Row>
    {told?.bad && (
      <Notice tone="cut" alert>
        {told.words}
      </Notice>
    )}
  </>
);
