/** How sure a plan is by its measures: weighed when somebody asks, for thirty plans are made to weigh one. */
import { lazy, memo } from 'react';
import { Fold } from '../theme/fold';
import { Panel } from '../theme/layout';
import type { WeighedProps } from './weighed-measures';

const Weighed = lazy(() => import('./weighed-measures'));

export const HowSure = memo((props: WeighedProps) => (
  <Panel $slim aria-label="How sure">
    <Fold
      title="How sure the measures make it"
      level={2}
      says="what steel, height and time may come to, and which measure to take again"
    >
      <Weighed {...props} />
    </Fold>
  </Panel>
));
HowSure.displayName = 'HowSure';
