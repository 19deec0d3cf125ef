/** How sure a plan is by its measures: weighed when somebody asks, for thirty plans are made to weigh one. */
import { memo } from 'react';
import { lazyPart } from '../theme/lazy-part';
import { Fold } from '../theme/fold';
import { Panel } from '../theme/layout';
import type { WeighedProps } from './weighed-measures';
import { STRINGS } from './strings';

const Weighed = lazyPart(() => import('./weighed-measures'));

export const HowSure = memo((props: WeighedProps) => (
  <Panel $slim aria-label={STRINGS.howSure}>
    <Fold
      title={STRINGS.howSureTheMeasuresMakeIt}
      level={2}
      says={STRINGS.whatSteelHeightAndTimeMay}
    >
      <Weighed {...props} />
    </Fold>
  </Panel>
));
HowSure.displayName = 'HowSure';
