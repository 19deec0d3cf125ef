/** Two pictures of one spot side by side, under one cursor. */
import { named } from '@patient-edge/core';
import type { Job, Photograph } from '@patient-edge/contract';

import { useState } from 'react';
import styled from 'styled-components';
import { fixed } from '../theme/format';
import { textOf } from '../theme/text';
import { MutedText, Panel, Stack } from '../theme/layout';
import { Select } from '../theme/select';
import { STRINGS } from './strings';

const Pair = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 10px;
  & figure {
    margin: 0;
    position: relative;
    cursor: crosshair;
  }
  & img {
    width: 100%;
    display: block;
  }
  & i {
    position: absolute;
    width: 22px;
    height: 22px;
    margin: -11px 0 0 -11px;
    border: 2px solid var(--accent);
    border-radius: 50%;
    pointer-events: none;
  }
`;

interface BesideEachOtherProps {
  readonly job: Job;
  readonly photograph: Photograph;
  readonly spot: string;
}

/** When it was taken, and what was measured on it. */
const captionOf = (job: Job, { closeUp }: Photograph): string => {
  if (!closeUp) return '';
  const step = job.steps.find(({ id }) => id === closeUp.stepId)?.step;
  const taken =
    closeUp.taken === 'before'
      ? STRINGS.asItCame
      : closeUp.taken === 'after'
        ? STRINGS.afterTheWork
        : STRINGS.after(step ? textOf(step.title) : STRINGS.aStep);
  return [
    taken,
    ...closeUp.measured.map(({ what, um }) => STRINGS.whatFigure(named(what), fixed(um, 1))),
  ].join(', ');
};

/** Nothing where no other picture shows the same spot. */
export const BesideEachOther = ({ job, photograph, spot }: BesideEachOtherProps) => {
  const [chosen, setChosen] = useState<string | null>(null);
  const [at, setAt] = useState<{ x: number; y: number } | null>(null);
  const others = job.photographs.filter(
    ({ id, closeUp }) => id !== photograph.id && spot !== '' && closeUp?.spot === spot,
  );
  const other = others.find(({ id }) => String(id) === chosen) ?? others[0];
  if (!other) return null;
  return (
    <Panel aria-label={STRINGS.theSameSpot}>
      <Stack $gap={10}>
        <h2>{STRINGS.theSameSpotSpot(spot)}</h2>
        {others.length > 1 && (
          <div style={{ maxWidth: 420 }}>
            <Select
              label={STRINGS.besideIt}
              options={others.map((each) => ({ id: String(each.id), label: captionOf(job, each) }))}
              value={String(other.id)}
              onChange={setChosen}
            />
          </div>
        )}
        <Pair>
          {[photograph, other].map((each) => (
            <figure
              key={each.id}
              onPointerMove={(event) => {
                const { left, top, width, height } = event.currentTarget
                  .querySelector('img')!
                  .getBoundingClientRect();
                setAt({ x: (event.clientX - left) / width, y: (event.clientY - top) / height });
              }}
              onPointerLeave={() => setAt(null)}
            >
              <img src={`/api/photographs/${each.id}/full.jpg`} alt={captionOf(job, each)} />
              {at && <i style={{ left: `${100 * at.x}%`, top: `${100 * at.y}%` }} />}
              <figcaption>
                <MutedText as="span">{captionOf(job, each)}</MutedText>
              </figcaption>
            </figure>
          ))}
        </Pair>
      </Stack>
    </Panel>
  );
};
