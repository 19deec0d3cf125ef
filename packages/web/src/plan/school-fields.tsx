/** Where good practitioners disagree: each question a choice, with what it changes; recorded with the job. */
import { type PlanChoices, SCHOOL_QUESTIONS, STROKE_PATTERNS } from '@patient-edge/core';
import { QuietButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { Columns } from '../theme/columns';
import { Stack } from '../theme/layout';
import { options } from '../theme/options';
import { Select } from '../theme/select';
import { WithFeedback } from '../theme/feedback';
import { useKeepHabits } from './use-keep-habits';
import { STRINGS } from './strings';

export interface SchoolFieldsProps {
  readonly choices: PlanChoices;
  readonly onChoices: (part: Partial<PlanChoices>) => void;
}

/** One field a question, and the pattern of the strokes. */
export const SchoolFields = ({ choices, onChoices }: SchoolFieldsProps) => (
  <Stack>
    <Columns $columns={3}>
      {SCHOOL_QUESTIONS.map(({ id, label, schools, of, set }) => (
        <Select
          key={id}
          label={label}
          options={schools.map((school) => ({
            id: school.id,
            label: school.label,
            detail: school.changes,
          }))}
          value={of(choices)}
          onChange={(next) => onChoices(set(choices, next))}
          hint={schools.find((school) => school.id === of(choices))?.changes}
        />
      ))}
      <Select
        label={STRINGS.strokePattern}
        options={[{ id: 'usual', label: STRINGS.byKindAndCount }, ...options(STROKE_PATTERNS)]}
        value={choices.pattern ?? 'usual'}
        onChange={(next) =>
          onChoices({ pattern: STROKE_PATTERNS.find((pattern) => pattern === next) ?? null })
        }
        hint={STRINGS.countsFollowFromTheSteelTo}
      />
    </Columns>
    <Checkbox
      value={choices.practice.mustCutAfterFirst}
      onChange={(mustCutAfterFirst) =>
        onChoices({ practice: { ...choices.practice, mustCutAfterFirst } })
      }
    >
      {STRINGS.afterTheFirstStoneCleanedAnd}
    </Checkbox>
  </Stack>
);

/** Of one plan, and kept for the next ones if wished. */
const SchoolsOfPlan = ({ choices, onChoices }: SchoolFieldsProps) => {
  const { keep, said } = useKeepHabits();
  return (
    <Stack>
      <SchoolFields choices={choices} onChoices={onChoices} />
      <WithFeedback feedback={said}>
        <QuietButton onPress={() => void keep(choices)}>{STRINGS.saveAsShopHabits}</QuietButton>
      </WithFeedback>
    </Stack>
  );
};

export default SchoolsOfPlan;
