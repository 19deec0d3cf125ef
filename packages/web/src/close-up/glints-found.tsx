/** Glints placed along the edge, for whoever looks to confirm. */
import type { Job } from '@patient-edge/contract';
import type { Damage, Glint } from '@patient-edge/core';
import { useState } from 'react';
import { EdgeStrip } from '../instruments/edge-strip';
import { QuietButton } from '../theme/buttons';
import { fixed, mm } from '../theme/format';
import { MutedText, Panel, Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';

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
  const places = glints.map(({ fromMm, toMm }) => `${fixed(fromMm, 0)} to ${mm(toMm, 0)}`);
  return (
    <Panel aria-label="Glints">
      <Stack $gap={10}>
        <h2>{glints.length === 0 ? 'No glint stands out' : `Glints at ${places.join(' and ')}`}</h2>
        <EdgeStrip
          low
          measures={job.measures}
          damage={damage}
          label={`Glints along the edge: ${places.join(', ') || 'none'}`}
        />
        <MutedText>
          What is bright against the edge as a whole. Check with your own eyes before you confirm.
        </MutedText>
        {onConfirm && (
          <Row>
            <QuietButton
              isDisabled={confirmed}
              onPress={() => {
                onConfirm();
                setConfirmed(true);
              }}
            >
              {glints.length === 0 ? 'Confirm: dark' : 'Confirm glints'}
            </QuietButton>
            {confirmed && (
              <QuietLink to={`/jobs/${job.id}/test`}>In the readings of the test</QuietLink>
            )}
          </Row>
        )}
      </Stack>
    </Panel>
  );
};
