/** A blade that came back from its test: what was seen, lit where it was seen, and what is wanted there. */
import { reworkOfJob, type Job } from '@patient-edge/contract';
import { FAULT_SIGNS, ZONES } from '@patient-edge/core';
import { EdgeStrip } from '../instruments/edge-strip';
import type { ZoneMark } from '../instruments/strip-parts';
import { Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { WORDS } from './words';

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
      text: zones.includes(zone) ? WORDS.here : WORDS.passed,
      tone: zones.includes(zone) ? 'cut' : 'good',
    })),
  );
  return (
    <Notice tone="cut">
      <Stack $gap={6}>
        {faults.map(({ id, sign, zones: at, remedy }) => (
          <p key={id}>
            <b>{WORDS.cameBack(sign.toLowerCase(), at.join(', '))}</b> {remedy}
          </p>
        ))}
        {recurring.map(({ sign, zones: at, root }) => (
          <p key={sign}>
            <b>{WORDS.againMoreStrokesWillNotCure(FAULT_SIGNS[sign].what, at.join(', '))}</b>{' '}
            {root.what} {root.remedy}
          </p>
        ))}
        {isPart && (
          <>
            <EdgeStrip
              low
              measures={job.measures}
              marks={marks}
              label={WORDS.workHerePassed(
                zones.join(', '),
                ZONES.filter((zone) => !zones.includes(zone)).join(', '),
              )}
            />
            <p>{WORDS.strokesThereOnlyWhatPassedStays}</p>
          </>
        )}
      </Stack>
    </Notice>
  );
};
