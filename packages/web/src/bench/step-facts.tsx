/** What has to be read at a metre while the hands are wet: the step, its angle and its lift or setting. */
import type { StepRecord } from '@patient-edge/contract';
import { ofSide, type BladeSide, named } from '@patient-edge/core';
import styled from 'styled-components';
import { fixed, mmNumber } from '../theme/format';
import { textOf } from '../theme/text';
import type { StepAtBench } from './use-step-at-work';
import { formats } from '../theme/formats';
import { STRINGS } from './strings';

const Facts = styled.div`
  display: grid;
  gap: 4px;
  & h1 {
    font-size: 32px;
  }
  @media (max-width: 560px) {
    & h1 {
      font-size: 22px;
    }
  }
`;
const Hold = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 2px 22px;
  align-items: baseline;
  & > span > b {
    font: 680 40px/1 var(--figures);
  }
  & > span > b[data-lift] {
    font-size: 28px;
  }
  & small {
    font-size: 17px;
    color: var(--ink-soft);
  }
  @media (max-width: 560px) {
    gap: 0 12px;
    & > span > b {
      font-size: 30px;
    }
    & > span > b[data-lift] {
      font-size: 21px;
    }
    & small {
      font-size: 15px;
    }
  }
`;

/** What the angle is to: both sides alike, one of two, or a face. */
const angleText = ({ operation, sides }: StepRecord['step'], turn: BladeSide): string => {
  if (operation === 'outline') return named('upright');
  const here = sides.find(({ side }) => side === turn) ?? sides[0];
  const opposite = sides.find(({ side }) => side !== here?.side);
  if (!here || here.angleDeg === null) return STRINGS.onTheFace;
  if (!opposite || opposite.angleDeg === null) return ofSide(here.side);
  return opposite.angleDeg === here.angleDeg
    ? STRINGS.perSideInclusive(fixed(2 * here.angleDeg, 1))
    : `${ofSide(here.side)} · ${fixed(opposite.angleDeg, 1)}° ${ofSide(opposite.side)}`;
};

interface StepFactsProps {
  readonly step: StepRecord['step'];
  readonly atWork: StepAtBench;
}

export const StepFacts = ({ step, atWork }: StepFactsProps) => (
  <Facts>
    <h1>{textOf(step.title)}</h1>
    <Hold>
      {atWork.angleDeg !== null && (
        <span>
          <b>{fixed(atWork.angleDeg, 1)}°</b> <small>{angleText(step, atWork.turn)}</small>
        </span>
      )}
      {step.setting?.setDeg !== undefined && step.setting.setDeg !== null && (
        <span>
          <b>{fixed(step.setting.setDeg, 1)}°</b> <small>{STRINGS.setOnTheDial}</small>
        </span>
      )}
      {!step.setting &&
        step.bands.length === 0 &&
        atWork.lifts.flatMap(({ zone, liftMm }) =>
          liftMm === null
            ? []
            : [
                <span key={zone}>
                  <small>{named(zone)}</small> <b data-lift="">{mmNumber(liftMm, 1)}</b>
                </span>,
              ],
        )}
      {!step.setting && step.bands.length === 0 && atWork.lifts.length > 0 && (
        <small>{STRINGS.liftAtTheSpine(formats().length)}</small>
      )}
    </Hold>
  </Facts>
);
