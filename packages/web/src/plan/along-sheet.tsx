/** The edge along the blade, a line until it is opened. */
import { named } from '@patient-edge/core';
import { memo } from 'react';
import { lazyPart } from '../theme/lazy-part';
import { Fold } from '../theme/fold';
import { mm } from '../theme/format';
import { Panel } from '../theme/layout';
import type { AlongProps } from './along-fields';
import { STRINGS } from './strings';

/** Loaded when it is opened. */
const AlongFields = lazyPart(() => import('./along-fields'));

export const AlongSheet = memo((props: AlongProps) => (
  <Panel $slim aria-label={STRINGS.alongTheEdgeAlone}>
    <Fold title={STRINGS.edgeProfileAndChips} level={2} says={alongSays(props)}>
      <AlongFields {...props} />
    </Fold>
  </Panel>
));
AlongSheet.displayName = 'AlongSheet';

/** What the fold holds, in a few words: the outline, and whether it is thinned. */
const alongSays = ({ plan, job }: Pick<AlongProps, 'plan' | 'job'>): string =>
  [
    job.damage.length === 0
      ? STRINGS.noFaults
      : `${job.damage.length} ${job.damage.length === 1 ? STRINGS.fault : STRINGS.faults}`,
    STRINGS.ofHeight(mm(plan.report.figures.heightLost.value, 2)),
    plan.section.thinning.done ? named('thinned') : STRINGS.notThinned,
  ].join(' · ');
