/** When in the work a picture was taken, and of which spot. */
import { textOf } from '../theme/text';
import type { CloseUp, Job } from '@patient-edge/contract';

import { Stack } from '../theme/layout';
import { Select } from '../theme/select';
import { TextEntry } from '../theme/text-fields';
import { STRINGS } from './strings';

interface TakenProps {
  readonly job: Job;
  readonly closeUp: CloseUp;
  readonly onChange: (part: Pick<CloseUp, 'taken' | 'stepId'> | Pick<CloseUp, 'spot'>) => void;
}

export const Taken = ({ job, closeUp, onChange }: TakenProps) => {
  const steps = job.steps.filter(({ superseded, step }) => !superseded && step.stoneId !== null);
  const choices = [
    { id: 'before', label: STRINGS.asItCameAlone },
    ...steps.map(({ id, step }) => ({
      id: `step ${id}`,
      label: STRINGS.afterTitle(textOf(step.title)),
    })),
    { id: 'after', label: STRINGS.afterTheWorkAlone },
  ];
  const chosen = closeUp.taken === 'step' ? `step ${closeUp.stepId ?? 0}` : closeUp.taken;
  return (
    <Stack $gap={8}>
      <Select
        label={STRINGS.taken}
        options={choices}
        value={choices.some(({ id }) => id === chosen) ? chosen : null}
        onChange={(id) =>
          onChange(
            id === 'before' || id === 'after'
              ? { taken: id, stepId: null }
              : { taken: 'step', stepId: Number(id.slice('step '.length)) },
          )
        }
      />
      <TextEntry
        label={STRINGS.spot}
        hint={STRINGS.theSameWordsForTheSame}
        value={closeUp.spot}
        onChange={(spot) => onChange({ spot })}
      />
    </Stack>
  );
};
