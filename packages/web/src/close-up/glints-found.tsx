/** Glints placed along the edge, for whoever looks to confirm. */
import type { Job } from '@patient-edge/contract';
import type { Damage, Glint } from '@patient-edge/core';
import { useState } from 'react';
import { EdgeStrip } from '../instruments/edge-strip';
import { QuietButton } from '../theme/buttons';
import { fixed, mm } from '../theme/format';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { STRINGS } from './strings';

interface GlintsFoundProps {
  readonly job: Job;
  readonly glints: readonly Glint[];
  /** Null where nothing is tested now. */
  readonly onConfirm: (() => void) | null;
}

export const GlintsFound = ({ job, glints, onConfirm }: GlintsFoundProps) => {
  const [confirmed, setConfirmed] = useState(false);
  const damage = glints.map(({ fromMm, toMm }, index): Damage => ({
    id: `glint-${index}`,
    kind: 'glint',
    side: 'both',
    fromMm,
    lengthMm: toMm - fromMm,
    depthMm: 0,
  }));
  const places = glints.map(({ fromMm, toMm }) => STRINGS.to(fixed(fromMm, 0), mm(toMm, 0)));
  return (
    <Panel aria-label={STRINGS.glints}>
      <Stack $gap={10}>
        <h2>
          {glints.length === 0 ? STRINGS.noGlintStandsOut : STRINGS.glintsAt(places.join(' and '))}
        </h2>
        <EdgeStrip
          low
          measures={job.measures}
          damage={damage}
          label={STRINGS.glintsAlongTheEdge(places.join(', ') || STRINGS.none)}
        />
        <MutedText>{STRINGS.whatIsBrightAgainstTheEdge}</MutedText>
        {onConfirm && (
          <Row>
            <QuietButton
              isDisabled={confirmed}
              onPress={() => {
                onConfirm();
                setConfirmed(true);
              }}
            >
              {glints.length === 0 ? STRINGS.confirmDark : STRINGS.confirmGlints}
            </QuietButton>
            {confirmed && (
              <QuietLink to={`/jobs/${job.id}/test`}>{STRINGS.inTheReadingsOfTheTest}</QuietLink>
            )}
          </Row>
        )}
      </Stack>
    </Panel>
  );
};
