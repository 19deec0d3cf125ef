/** What is asked of this kind of blade and of no other. */
import { bladeKind, checkBack, isOneSided, questionsFor, type Answers } from '@patient-edge/core';
import { useWatch, type Control } from 'react-hook-form';
import { FormPick } from '../theme/form-choices';
import { FormNumber } from '../theme/form-number';
import { parseNumber } from '../theme/format';
import { Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { options } from '../theme/options';
import { Columns } from '../theme/columns';
import type { IntakeValues } from './values';
import { STRINGS } from './strings';

interface QuestionsSheetProps {
  readonly control: Control<IntakeValues>;
  readonly values: IntakeValues;
}

const OPEN = { id: '', label: STRINGS.notLookedAt } as const;

/** The answers typed so far, numbers as numbers. */
const typedAnswers = (typed: Readonly<Record<string, string | undefined>>): Answers =>
  Object.fromEntries(
    Object.entries(typed).flatMap(([id, value]) =>
      value === undefined || value === '' ? [] : [[id, parseNumber(value) ?? value]],
    ),
  );

export const QuestionsSheet = ({ control, values }: QuestionsSheetProps) => {
  const kind = bladeKind(values.kindId);
  const answers = useWatch({ control, name: 'answers' });
  const back = isOneSided(kind) ? checkBack(typedAnswers(answers)) : null;
  return (
    <Panel aria-label={STRINGS.whatThisKindAsks} id="questions">
      <Stack $gap={18}>
        {questionsFor(kind).map(({ id, title, questions }) => (
          <Stack key={id} $gap={10}>
            {id === 'kind' ? <h2>{title}</h2> : <h3>{title}</h3>}
            <Columns $columns={4}>
              {questions.map((question) =>
                question.type === 'number' ? (
                  <FormNumber
                    key={question.id}
                    control={control}
                    name={`answers.${question.id}`}
                    label={question.label}
                    {...(question.hint === undefined ? {} : { hint: question.hint })}
                  />
                ) : (
                  <FormPick
                    key={question.id}
                    control={control}
                    name={`answers.${question.id}`}
                    label={question.label}
                    options={[OPEN, ...options(question.choices)]}
                    {...(question.hint === undefined ? {} : { hint: question.hint })}
                  />
                ),
              )}
            </Columns>
            {id === 'kind' && back && (
              <Notice tone={back.state === 'hollow' ? 'good' : 'cut'}>{back.text}</Notice>
            )}
          </Stack>
        ))}
      </Stack>
    </Panel>
  );
};
