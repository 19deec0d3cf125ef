/** What a judgement or a plan rests on that nobody has measured on this blade. */
import type { Job } from '@patient-edge/contract';
import { isMeasured, MEASURE_FIELDS, type MeasureField } from '@patient-edge/core';
import { memo } from 'react';
import { QuietLink } from '../theme/links';
import { Row } from '../theme/layout';
import { Notice } from '../theme/notice';

const NAMES: Readonly<Record<MeasureField, string>> = {
  edgeLengthMm: 'edge length',
  heightHeelMm: 'height at the heel',
  heightMiddleMm: 'height in the middle',
  heightTipMm: 'height near the tip',
  spineHeelMm: 'spine at the heel',
  spineMiddleMm: 'spine in the middle',
  spineTipMm: 'spine near the tip',
  thicknessBehindEdgeMm: 'thickness behind the edge',
};

const named = (fields: readonly MeasureField[]): string[] =>
  // Nobody reads a list of eight.
  fields.length > 5 ? [`${fields.length} measures`] : fields.map((field) => NAMES[field]);

/** Nothing where every figure was measured on this blade. */
export const Unmeasured = memo(({ job }: { job: Job }) => {
  const open = MEASURE_FIELDS.filter((field) => !isMeasured(job.measuredWith[field]));
  const old = MEASURE_FIELDS.filter((field) => job.measuredWith[field] === 'last visit');
  const assumed = [...named(open), ...(job.angleAssumed ? ['present angle'] : [])];
  if (assumed.length === 0 && old.length === 0) return null;
  return (
    <Notice tone="cut">
      <Row>
        <span>
          {assumed.length > 0 && `Assumed, not measured: ${assumed.join(', ')}. `}
          {old.length > 0 && `From its last visit: ${named(old).join(', ')}. `}
          Measure before the first stroke.
        </span>
        <QuietLink to={`/jobs/${job.id}/intake#measures`}>Measure now</QuietLink>
      </Row>
    </Notice>
  );
});
Unmeasured.displayName = 'Unmeasured';
