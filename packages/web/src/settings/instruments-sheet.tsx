/** What this shop measures with: only that is offered at the intake. */
import { INSTRUMENTS, type Instrument } from '@patient-edge/contract';
import { mutate } from 'swr';
import { request } from '../api/client';
import { useInstruments } from '../api/may';
import { Checkbox } from '../theme/checkbox';
import { MutedText, Panel, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { PageHeading } from '../theme/page-heading';
import { useAhead } from '../theme/use-ahead';
import { useRun } from '../theme/use-run';
import { STRINGS } from './strings';

const LABELS: Readonly<Record<Instrument, string>> = {
  caliper: STRINGS.caliper,
  micrometer: STRINGS.micrometer,
  rule: STRINGS.rule,
  gauge: STRINGS.digitalAngleGauge,
  laser: STRINGS.laserProtractor,
};

const InstrumentsSection = () => {
  const { problem, run } = useRun();
  const [owned, setOwned] = useAhead(useInstruments(), (wanted) =>
    run(async () => {
      await request('PUT', '/instruments', { owned: wanted });
      await mutate('/session');
    }),
  );
  const set = (id: Instrument, isOwned: boolean): void =>
    setOwned(INSTRUMENTS.filter((each) => (each === id ? isOwned : owned.includes(each))));
  return (
    <Panel aria-label={STRINGS.instruments}>
      <Stack>
        <PageHeading title={STRINGS.instruments} />
        <MutedText>{STRINGS.onlyTheseAreOfferedWhenA}</MutedText>
        <div>
          {INSTRUMENTS.map((id) => (
            <Checkbox key={id} value={owned.includes(id)} onChange={(isOwned) => set(id, isOwned)}>
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
