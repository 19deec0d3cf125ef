/** What a judgement or a plan rests on that nobody has measured on this blade. */
import type { Job } from '@patient-edge/contract';
import { isMeasured, MEASURE_FIELDS, type MeasureField } from '@patient-edge/core';
import { memo } from 'react';
import { QuietLink } from '../theme/links';
import { Row } from '../theme/layout';
import { Notice } from '../theme/notice';
import { STRINGS } from './strings';

const NAMES: Readonly<Record<MeasureField, string>> = {
  edgeLengthMm: STRINGS.edgeLength,
  heightHeelMm: STRINGS.heightAtTheHeel,
  heightMiddleMm: STRINGS.heightInTheMiddle,
  heightTipMm: STRINGS.heightNearTheTip,
  spineHeelMm: STRINGS.spineAtTheHeel,
  spineMiddleMm: STRINGS.spineInTheMiddle,
  spineTipMm: STRINGS.spineNearTheTip,
  thicknessBehindEdgeMm: STRINGS.thicknessBehindTheEdge,
};

const named = (fields: readonly MeasureField[]): string[] =>
  // Nobody reads a list of eight.
  fields.length > 5
    ? [STRINGS.fieldsCountMeasures(fields.length)]
    : fields.map((field) => NAMES[field]);

/** Nothing where every figure was measured on this blade. */
export const Unmeasured = memo(({ job }: { job: Job }) => {
  const open = MEASURE_FIELDS.filter((field) => !isMeasured(job.measuredWith[field]));
  const old = MEASURE_FIELDS.filter((field) => job.measuredWith[field] === 'last visit');
  const assumed = [...named(open), ...(job.angleAssumed ? [STRINGS.presentAngle] : [])];
  if (assumed.length === 0 && old.length === 0) return null;
  return (
    <Notice tone="cut">
      <Row>
        <span>
          {assumed.length > 0 && STRINGS.assumedNotMeasured(assumed.join(', '))}
          {old.length > 0 && STRINGS.fromItsLastVisit(named(old).join(', '))}
          {STRINGS.measureBeforeTheFirstStroke}
        </span>
        <QuietLink to={`/jobs/${job.id}/intake#measures`}>{STRINGS.measureNow}</QuietLink>
      </Row>
    </Notice>
  );
});
Unmeasured.displayName = 'Unmeasured';
