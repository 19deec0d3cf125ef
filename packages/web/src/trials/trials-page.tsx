/** Trials of the shop: running ones first. */
import { useTrials } from '../api/hooks';
import { useMay } from '../api/may';
import { NumbersNav } from '../money/numbers-nav';
import { Fold } from '../theme/fold';
import { MutedText, Panel, Stack } from '../theme/layout';
import { PageHeading } from '../theme/page-heading';
import { Waiting } from '../theme/waiting';
import { BeginTrial } from './begin-trial';
import { STRINGS } from './strings';
import { TrialCard } from './trial-card';

const TrialsPage = () => {
  const { data: trials, error } = useTrials();
  const mayChange = useMay('change habits');
  return (
    <>
      <NumbersNav />
      <Stack $gap={16}>
        <PageHeading title={STRINGS.trials} />
        <MutedText>{STRINGS.whatTrialsAre}</MutedText>
        {mayChange && (
          <Panel aria-label={STRINGS.begin}>
            <Fold title={STRINGS.begin} level={2} says={STRINGS.beginOne}>
              <BeginTrial />
            </Fold>
          </Panel>
        )}
        {!trials ? (
          <Waiting error={error} text={STRINGS.loading} />
        ) : trials.length === 0 ? (
          <MutedText>{STRINGS.none}</MutedText>
        ) : (
          trials.map((trial) => <TrialCard key={trial.id} trial={trial} />)
        )}
      </Stack>
    </>
  );
};

export default TrialsPage;
