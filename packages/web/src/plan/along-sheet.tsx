/** The edge along the blade, a line until it is opened. */
import { named } from '@patient-edge/core';
import { lazy, memo } from 'react';
import { Fold } from '../theme/fold';
import { mm } from '../theme/format';
import { Panel } from '../theme/layout';
import type { AlongProps } from './along-fields';
import { WORDS } from './words';

/** Loaded when it is opened. */
const AlongFields = lazy(() => import('./along-fields'));

export const AlongSheet = memo((props: AlongProps) => (
  <Panel $slim aria-label={WORDS.alongTheEdgeAlone}>
    <Fold title={WORDS.edgeProfileAndChips} level={2} says={alongSays(props)}>
      <AlongFields {...props} />
    </Fold>
  </Panel>
));
AlongSheet.displayName = 'AlongSheet';

/** What the fold holds, in a few words: the outline, and whether it is thinned. */
const alongSays = ({ plan, job }: Pick<AlongProps, 'plan' | 'job'>): string =>
  [
    job.damage.length === 0
      ? WORDS.noFaults
      : `${job.damage.length} ${job.damage.length === 1 ? WORDS.fault : WORDS.faults}`,
    WORDS.ofHeight(mm(plan.report.figures.heightLost.value, 2)),
    plan.section.thinning.done ? named('thinned') : WORDS.notThinned,
  ].join(' · ');
