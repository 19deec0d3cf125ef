/** What this shop measures with: only that is offered at the intake. */
import { INSTRUMENTS, type Instrument } from '@patient-edge/contract';
import { useState } from 'react';
import { mutate } from 'swr';
import { messageOf, request } from '../api/client';
import { useInstruments } from '../api/may';
import { Checkbox } from '../theme/checkbox';
import { MutedText, Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { PageHeading } from '../theme/page-heading';
import { STRINGS } from './strings';

const LABELS: Readonly<Record<Instrument, string>> = {
  caliper: STRINGS.caliper,
  micrometer: STRINGS.micrometer,
  rule: STRINGS.rule,
  gauge: STRINGS.digitalAngleGauge,
  laser: STRINGS.laserProtractor,
};

const InstrumentsSection = () => {
  const owned = useInstruments();
  const [problem, setProblem] = useState<string | null>(null);
  const set = async (id: Instrument, isOwned: boolean): Promise<void> => {
    setProblem(null);
    try {
      await request('PUT', '/instruments', {
        owned: INSTRUMENTS.filter((each) => (each === id ? isOwned : owned.includes(each))),
      });
      await mutate('/session');
    } catch (error) {
      setProblem(messageOf(error));
    }
  };
  return (
    <Panel aria-label={STRINGS.instruments}>
      <Stack>
        <PageHeading title={STRINGS.instruments} />
        <MutedText>{STRINGS.onlyTheseAreOfferedWhenA}</MutedText>
        <div>
          {INSTRUMENTS.map((id) => (
            <Checkbox
              key={id}
              value={owned.includes(id)}
              onChange={(isOwned) => void set(id, isOwned)}
            >
              {LABELS[id]}
            </Checkbox>
          ))}
        </div>
        {problem !== null && (
          <Notice tone="cut" alert>
            {problem}
          </Notice>
        )}
      </Stack>
    </Panel>
  );
};

export default InstrumentsSection;
