/** The edge along the blade, a line until it is opened. */
import { lazy, memo } from 'react';
import { Fold } from '../theme/fold';
import { mm } from '../theme/format';
import { Panel } from '../theme/layout';
import type { AlongProps } from './along-fields';

/** Loaded when it is opened. */
const AlongFields = lazy(() => import('./along-fields'));

export const AlongSheet = memo((props: AlongProps) => (
  <Panel $slim aria-label="Along the edge">
    <Fold title="Edge profile and chips" level={2} says={alongSays(props)}>
      <AlongFields {...props} />
    </Fold>
  </Panel>
));
AlongSheet.displayName = 'AlongSheet';

/** What the fold holds, in a few words: the outline, and whether it is thinned. */
const alongSays = ({ plan, job }: Pick<AlongProps, 'plan' | 'job'>): string =>
  [
    job.damage.length === 0
      ? 'no faults'
      : `${job.damage.length} ${job.damage.length === 1 ? 'fault' : 'faults'}`,
    `${mm(plan.report.figures.heightLost.value, 2)} of height`,
    plan.section.thinning.done ? 'thinned' : 'not thinned',
  ].join(' · ');
