/** Tag and ticket: looked at, or sent to the label printer. */
import { named } from '@patient-edge/core';
import type { Job, LabelBody } from '@patient-edge/contract';
import { useState } from 'react';
import { messageOf, request } from '../api/client';
import { QuietButton } from '../theme/buttons';
import { QuietLink } from '../theme/links';
import { Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { STRINGS } from './strings';

export const LabelButtons = ({ job }: { job: Job }) => {
  const [told, setTold] = useState<{ readonly text: string; readonly isWrong: boolean } | null>(
    null,
  );
  const print = async (what: LabelBody['what']): Promise<void> => {
    try {
      await request('POST', `/jobs/${job.id}/labels`, { what });
      setTold({ text: STRINGS.theIsInThePrintersTray(named(what)), isWrong: false });
    } catch (error) {
      setTold({ text: messageOf(error), isWrong: true });
    }
  };
  return (
    <Stack $gap={8}>
      <Row $gap={10}>
        <QuietButton onPress={() => void print('tag')}>{STRINGS.printTheTag}</QuietButton>
        <QuietButton onPress={() => void print('ticket')}>{STRINGS.printTheTicket}</QuietButton>
        <QuietLink to="/labels">{STRINGS.openTheTray}</QuietLink>
      </Row>
      {told && (
        <Notice tone={told.isWrong ? 'cut' : 'good'} alert={told.isWrong}>
          {told.text}
        </Notice>
      )}
    </Stack>
  );
};
