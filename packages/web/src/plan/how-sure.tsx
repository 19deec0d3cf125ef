/** How sure a plan is by its measures: weighed when somebody asks, for thirty plans are made to weigh one. */
import { lazy, memo } from 'react';
import { Fold } from '../theme/fold';
import { Panel } from '../theme/layout';
import type { WeighedProps } from './weighed-measures';
import { WORDS } from './words';

const Weighed = lazy(() => import('./weighed-measures'));

export const HowSure = memo((props: WeighedProps) => (
  <Panel $slim aria-label={WORDS.howSure}>
    <Fold title={WORDS.howSureTheMeasuresMakeIt} level={2} says={WORDS.whatSteelHeightAndTimeMay}>
      <Weighed {...props} />
    </Fold>
  </Panel>
));
HowSure.displayName = 'HowSure';
