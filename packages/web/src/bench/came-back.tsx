/** A blade that came back from its test: what was seen, lit where it was seen, and what is wanted there. */
import { reworkOfJob, type Job } from '@patient-edge/contract';
import { FAULT_SIGNS, ZONES } from '@patient-edge/core';
import { EdgeStrip } from '../instruments/edge-strip';
import type { ZoneMark } from '../instruments/strip-parts';
import { Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { STRINGS } from './strings';

/** Nothing in the first round. */
export const CameBack = ({ job }: { job: Job }) => {
  const rework = reworkOfJob(job);
  if (!rework) return null;
  const { zones, faults, recurring } = rework;
  const isPart = zones.length < ZONES.length;
  const marks = ZONES.flatMap((zone): ZoneMark[] =>
    (['right', 'left'] as const).map((side) => ({
      side,
      zone,
      text: zones.includes(zone) ? STRINGS.here : STRINGS.passed,
      tone: zones.includes(zone) ? 'cut' : 'good',
    })),
  );
  return (
    <Notice tone="cut">
      <Stack $gap={6}>
        {faults.map(({ id, sign, zones: at, remedy }) => (
          <p key={id}>
            <b>{STRINGS.cameBack(sign.toLowerCase(), at.join(', '))}</b> {remedy}
          </p>
        ))}
        {recurring.map(({ sign, zones: at, root }) => (
          <p key={sign}>
            <b>{STRINGS.againMoreStrokesWillNotCure(FAULT_SIGNS[sign].what, at.join(', '))}</b>{' '}
            {root.what} {root.remedy}
          </p>
        ))}
        {isPart && (
          <>
            <EdgeStrip
              low
              measures={job.measures}
              marks={marks}
              label={STRINGS.workHerePassed(
                zones.join(', '),
                ZONES.filter((zone) => !zones.includes(zone)).join(', '),
              )}
            />
            <p>{STRINGS.strokesThereOnlyWhatPassedStays}</p>
          </>
        )}
      </Stack>
    </Notice>
  );
};
