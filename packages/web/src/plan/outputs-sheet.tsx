/** What is taken from a plan, a line until it is opened. */
import { lazy } from 'react';
import { Fold } from '../theme/fold';
import { Panel } from '../theme/layout';
import type { OutputsProps } from './outputs-fields';
import { WORDS } from './words';

/** Loaded when it is opened. */
const OutputsFields = lazy(() => import('./outputs-fields'));

export const OutputsSheet = (props: OutputsProps) => (
  <Panel $slim aria-label={WORDS.cardsGaugesAndFiles}>
    <Fold
      title={WORDS.cardsGaugesAndFiles}
      level={2}
      says={
        props.job.plan ? WORDS.benchCardGaugesDrawingsVersions : WORDS.onceThePlanIsApprovedVersions
      }
    >
      <OutputsFields {...props} />
    </Fold>
  </Panel>
);
