/** What is taken from a plan, a line until it is opened. */
import { lazyPart } from '../theme/lazy-part';
import { Fold } from '../theme/fold';
import { Panel } from '../theme/layout';
import type { OutputsProps } from './outputs-fields';
import { STRINGS } from './strings';

/** Loaded when it is opened. */
const OutputsFields = lazyPart(() => import('./outputs-fields'));

export const OutputsSheet = (props: OutputsProps) => (
  <Panel $slim aria-label={STRINGS.cardsGaugesAndFiles}>
    <Fold
      title={STRINGS.cardsGaugesAndFiles}
      level={2}
      says={
        props.job.plan
          ? STRINGS.benchCardGaugesDrawingsVersions
          : STRINGS.onceThePlanIsApprovedVersions
      }
    >
      <OutputsFields {...props} />
    </Fold>
  </Panel>
);
