/** Glints placed along the edge, for whoever looks to confirm. */
import type { Job } from '@patient-edge/contract';
import type { Damage, Glint } from '@patient-edge/core';
import { useState } from 'react';
import { EdgeStrip } from '../instruments/edge-strip';
import { QuietButton } from '../theme/buttons';
import { fixed, mm } from '../theme/format';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { WORDS } from './words';

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
  const places = glints.map(({ fromMm, toMm }) => WORDS.to(fixed(fromMm, 0), mm(toMm, 0)));
  return (
    <Panel aria-label={WORDS.glints}>
      <Stack $gap={10}>
        <h2>
          {glints.length === 0 ? WORDS.noGlintStandsOut : WORDS.glintsAt(places.join(' and '))}
        </h2>
        <EdgeStrip
          low
          measures={job.measures}
          damage={damage}
          label={WORDS.glintsAlongTheEdge(places.join(', ') || WORDS.none)}
        />
        <MutedText>{WORDS.whatIsBrightAgainstTheEdge}</MutedText>
        {onConfirm && (
          <Row>
            <QuietButton
              isDisabled={confirmed}
              onPress={() => {
                onConfirm();
                setConfirmed(true);
              }}
            >
              {glints.length === 0 ? WORDS.confirmDark : WORDS.confirmGlints}
            </QuietButton>
            {confirmed && (
              <QuietLink to={`/jobs/${job.id}/test`}>{WORDS.inTheReadingsOfTheTest}</QuietLink>
            )}
          </Row>
        )}
      </Stack>
    </Panel>
  );
};
