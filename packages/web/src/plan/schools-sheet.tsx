/** Where good practitioners disagree: each question a choice, with what it changes; recorded with the job. */
import type { Habits } from '@patient-edge/contract';
import { habitsOf, SCHOOL_QUESTIONS, STROKE_PATTERNS, type PlanChoices } from '@patient-edge/core';
import { memo, useState } from 'react';
import { mutate } from 'swr';
import { messageOf, request } from '../api/client';
import { useHabits } from '../api/hooks';
import { Columns } from '../theme/columns';
import { QuietButton } from '../theme/buttons';
import { Checkbox } from '../theme/checkbox';
import { Panel, Stack } from '../theme/layout';
import { options } from '../theme/options';
import { Select } from '../theme/select';
import { WithWord, type Told } from '../theme/told';

interface SchoolFieldsProps {
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
        label="Stroke pattern"
        options={[{ id: 'usual', label: 'by kind and count' }, ...options(STROKE_PATTERNS)]}
        value={choices.pattern ?? 'usual'}
        onChange={(next) =>
          onChoices({ pattern: STROKE_PATTERNS.find((pattern) => pattern === next) ?? null })
        }
        hint="Counts follow from the steel to be taken; equal work on both sides"
      />
    </Columns>
    <Checkbox
      value={choices.practice.mustCutAfterFirst}
      onChange={(mustCutAfterFirst) =>
        onChoices({ practice: { ...choices.practice, mustCutAfterFirst } })
      }
    >
      After the first stone, cleaned and stropped, it must already cut
    </Checkbox>
  </Stack>
);

/** Keeps choices as the habits of the shop; told beside the button. */
export const useKeepHabits = () => {
  const { data } = useHabits();
  const [said, setSaid] = useState<Told | null>(null);
  /** Whether they were kept. */
  const keep = async (choices: PlanChoices): Promise<boolean> => {
    if (!data) return false;
    try {
      const kept = await request<Habits>('PUT', '/habits', {
        version: data.version,
        choices: habitsOf(choices),
      });
      await mutate('/habits', kept, { revalidate: false });
      setSaid({ words: 'Kept: the next plan begins so.', bad: false });
      return true;
    } catch (error) {
      setSaid({ words: messageOf(error), bad: true });
      return false;
    }
  };
  return { keep, said };
};

export const SchoolsSheet = memo(({ choices, onChoices }: SchoolFieldsProps) => {
  const { keep, said } = useKeepHabits();
  return (
    <Panel aria-label="Schools">
      <Stack>
        <h2>Where good practitioners disagree</h2>
        <SchoolFields choices={choices} onChoices={onChoices} />
        <WithWord told={said}>
          <QuietButton onPress={() => void keep(choices)}>Make these the shop’s habits</QuietButton>
        </WithWord>
      </Stack>
    </Panel>
  );
});
SchoolsSheet.displayName = 'SchoolsSheet';
