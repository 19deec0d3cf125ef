/** Stones the day wants soaked, from the moment they must go in, with the press that starts their clocks. */
import type { DayFacts } from '@patient-edge/contract';
import { useMay } from '../api/may';
import { SoakButton } from '../soaking/soak-button';
import { Row, Stack } from '../theme/layout';
import { whenAfter, type ShownStep } from './day-view';
import { STRINGS } from './strings';
import { useSoaksDue } from './use-soaks-due';

interface SoaksDueProps {
  readonly facts: DayFacts;
  readonly steps: readonly ShownStep[];
}

export const SoaksDue = ({ facts, steps }: SoaksDueProps) => {
  const maySoak = useMay('change stones');
  const due = useSoaksDue(facts, steps);
  if (!due || due.length === 0) return null;
  return (
    <Stack $gap={4}>
      {due.map(({ stone, wantedMinutes }) => (
        <Row key={stone.id} $gap={14}>
          <span>{STRINGS.intoTheWater(stone.name, whenAfter(facts, wantedMinutes))}</span>
          {maySoak && <SoakButton stone={stone} jobId={null} />}
        </Row>
      ))}
    </Stack>
  );
};
