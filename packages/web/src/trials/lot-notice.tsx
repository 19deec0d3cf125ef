/** What a trial's lot says of the blade in hand: told where it is planned, and at the bench. */
import type { TrialLot } from '@patient-edge/contract';
import { SCHOOL_QUESTIONS, type PlanChoices } from '@patient-edge/core';
import { dayAndYear } from '../theme/format';
import { ActionButton } from '../theme/buttons';
import { Row } from '../theme/layout';
import { Notice } from '../theme/notice';
import { schoolName } from './schools';
import { STRINGS } from './strings';

interface LotNoticeProps {
  readonly lot: TrialLot;
  readonly choices: PlanChoices;
  /** Null where the plan stands. */
  readonly onChoices: ((part: Partial<PlanChoices>) => void) | null;
}

export const LotNotice = ({ lot, choices, onChoices }: LotNoticeProps) => {
  const question = SCHOOL_QUESTIONS.find(({ id }) => id === lot.question);
  if (!question) return null;
  const done = question.of(choices);
  const isAsDrawn = done === lot.school;
  return (
    <Notice tone={isAsDrawn ? 'plain' : 'cut'}>
      <Row $gap={14}>
        <span>
          {STRINGS.lot(
            question.label.toLowerCase(),
            schoolName(question, lot.school),
            dayAndYear(lot.drawnAt),
          )}{' '}
          {!isAsDrawn && STRINGS.planDiffers(schoolName(question, done))}
        </span>
        {!isAsDrawn && onChoices && (
          <ActionButton onPress={() => onChoices(question.set(choices, lot.school))}>
            {STRINGS.doAsDrawn}
          </ActionButton>
        )}
      </Row>
    </Notice>
  );
};
