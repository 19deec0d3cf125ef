/** The clock ran on while nobody worked: how long it was is asked, and nothing is made up. */
import { LONGEST_RUN_S, MOST_STEP_S } from '@patient-edge/core';
import { useState } from 'react';
import { parseNumber } from '../theme/format';
import { QuietButton } from '../theme/buttons';
import { Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { NumberEntry } from '../theme/number-entry';
import { STRINGS } from './strings';

const MOST_MINUTES = MOST_STEP_S / 60;

export const HowLong = ({ onAnswer }: { onAnswer: (seconds: number) => void }) => {
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string | undefined>(undefined);
  const save = (): void => {
    const minutes = parseNumber(typed);
    if (minutes === null || minutes < 0 || minutes > MOST_MINUTES) {
      setProblem(
        STRINGS.minutesWorkedMustBeFrom0(
          MOST_MINUTES,
          typed.trim() === '' ? STRINGS.nothing : `"${typed}"`,
        ),
      );
      return;
    }
    onAnswer(minutes * 60);
  };
  return (
    <Notice tone="cut" alert>
      <Stack $gap={8}>
        <b>{STRINGS.theClockHasBeenRunningFor(LONGEST_RUN_S / 3600)}</b>
        <Row $align="end">
          <div style={{ width: 170 }}>
            <NumberEntry
              label={STRINGS.minutesWorked}
              value={typed}
              onChange={setTyped}
              {...(problem === undefined ? {} : { error: problem })}
            />
          </div>
          <QuietButton onPress={save}>{STRINGS.saveTime}</QuietButton>
        </Row>
      </Stack>
    </Notice>
  );
};
