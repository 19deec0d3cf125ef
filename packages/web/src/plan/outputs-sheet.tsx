/** What is taken from a plan, a line until it is opened. */
import { lazy } from 'react';
import { Fold } from '../theme/fold';
import { Panel } from '../theme/layout';
import type { OutputsProps } from './outputs-fields';

/** Loaded when it is opened. */
const OutputsFields = lazy(() => import('./outputs-fields'));

export const OutputsSheet = (props: OutputsProps) => (
  <Panel $slim aria-label="Cards, gauges and files">
    <Fold
      title="Cards, gauges and files"
      level={2}
      says={
        props.job.plan
          ? 'bench card, gauges, drawings, versions'
          : 'once the plan is approved; versions and templates'
      }
    >
      <OutputsFields {...props} />
    </Fold>
  </Panel>
);
