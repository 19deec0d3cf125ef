/** Taking a picture with the microscope that is connected; nothing where none is. */
import type { Job } from '@patient-edge/contract';
import { useState } from 'react';
import { request } from '../api/client';
import { updateJobCache, useDevices, useShots } from '../api/hooks';
import { QuietButton } from '../theme/buttons';
import { Row, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { Select } from '../theme/select';
import { useRun } from '../theme/use-run';
import { STRINGS } from './strings';

export const FromMicroscope = ({ job }: { job: Job }) => {
  const { data: devices } = useDevices();
  const { data: shots } = useShots(devices?.microscope === true);
  const [chosen, setChosen] = useState<string | null>(null);
  const { busy, problem, run } = useRun();
  if (!devices?.microscope || !shots) return null;
  const shot = chosen ?? shots[0]?.name ?? null;
  const take = (): Promise<void> =>
    run(async () => {
      await updateJobCache(
        await request<Job>('POST', `/jobs/${job.id}/photographs/microscope`, { shot }),
      );
    });
  return (
    <Stack $gap={8}>
      <Row $align="end">
        <div style={{ width: 300 }}>
          <Select
            label={STRINGS.underTheMicroscope}
            options={shots.map(({ name, shows }) => ({ id: name, label: shows }))}
            value={shot}
            onChange={setChosen}
          />
        </div>
        <QuietButton isDisabled={busy || shot === null} onPress={() => void take()}>
          {STRINGS.takeItsPicture}
        </QuietButton>
      </Row>
      {problem !== null && (
        <Notice tone="cut" alert>
          {problem}
        </Notice>
      )}
    </Stack>
  );
};
