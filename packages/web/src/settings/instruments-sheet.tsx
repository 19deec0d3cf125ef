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
import { WORDS } from './words';

const LABELS: Readonly<Record<Instrument, string>> = {
  caliper: WORDS.caliper,
  micrometer: WORDS.micrometer,
  rule: WORDS.rule,
  gauge: WORDS.digitalAngleGauge,
  laser: WORDS.laserProtractor,
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
    <Panel aria-label={WORDS.instruments}>
      <Stack>
        <PageHeading title={WORDS.instruments} />
        <MutedText>{WORDS.onlyTheseAreOfferedWhenA}</MutedText>
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
