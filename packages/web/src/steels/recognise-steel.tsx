/** Which class an unknown steel is of: answer what can be seen, and the likeliest comes first. */
import {
  RECOGNITION,
  recogniseSteel,
  type RecognitionAnswers,
  type RecognitionTest,
} from '@patient-edge/core';
import { useState } from 'react';
import styled from 'styled-components';
import { Columns } from '../theme/columns';
import { QuietButton } from '../theme/buttons';
import { MutedText, Stack } from '../theme/layout';
import { Select } from '../theme/select';
import { STRINGS } from './strings';

const Likely = styled.ol`
  display: grid;
  & > li {
    display: grid;
    grid-template-columns: minmax(0, 1fr) 150px auto;
    gap: 6px 16px;
    align-items: center;
    border-top: 1px solid var(--line-soft);
    padding: 8px 0;
  }
  & svg {
    display: block;
  }
`;

const TESTS = Object.keys(RECOGNITION) as RecognitionTest[];

export const RecogniseSteel = ({ onChoose }: { onChoose: (designation: string) => void }) => {
  const [answers, setAnswers] = useState<RecognitionAnswers>({});
  const likely = recogniseSteel(answers);
  const asked = Object.keys(answers).length > 0;
  return (
    <Stack>
      <h2>{STRINGS.unknownSteel}</h2>
      <Columns $columns={3}>
        {TESTS.map((test) => (
          <Select
            key={test}
            label={RECOGNITION[test].label}
            options={[
              { id: '', label: STRINGS.notTried },
              ...RECOGNITION[test].answers.map((answer) => ({
                id: answer,
                label: answer,
              })),
            ]}
            value={answers[test] ?? ''}
            onChange={(answer) => {
              const others = Object.entries(answers).filter(([asked]) => asked !== test);
              setAnswers(Object.fromEntries(answer === '' ? others : [...others, [test, answer]]));
            }}
          />
        ))}
      </Columns>
      <MutedText>{STRINGS.aSparkTestWantsEyeProtection}</MutedText>
      <Likely>
        {likely.map(({ designation, text, share, against }) => (
          <li key={designation}>
            <div>
              <b>{designation}</b>
              <br />
              <MutedText as="span">
                {text}
                {against.length > 0 && STRINGS.spokenAgainstBy(against.join(', '))}
              </MutedText>
            </div>
            {asked ? (
              <svg
                viewBox="0 0 150 14"
                width="150"
                height="14"
                role="img"
                aria-label={STRINGS.likeness(Math.round(share * 100))}
              >
                <rect x="0.5" y="0.5" width="149" height="13" fill="none" stroke="var(--line)" />
                <rect x="0" y="0" width={150 * share} height="14" fill="var(--accent)" />
              </svg>
            ) : (
              <span />
            )}
            <QuietButton
              aria-label={STRINGS.lookAt(designation)}
              onPress={() => onChoose(designation)}
            >
              {STRINGS.look}
            </QuietButton>
          </li>
        ))}
      </Likely>
    </Stack>
  );
};
