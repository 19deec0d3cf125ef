/** How far the blade may lie from its plan by what the measures leave open, and which to take again. */
import { named } from '@patient-edge/core';
import type { Job } from '@patient-edge/contract';
import type {
  Doubt,
  DoubtfulMatter,
  PlanInput,
  PlanSpread,
  Spread,
  Turn,
} from '@patient-edge/core';
import { useId, useMemo } from 'react';
import styled from 'styled-components';
import { howKnown } from '../judge/how-known';
import { Failed } from '../theme/failed';
import { fixed, inUnits, mm, roughly } from '../theme/format';
import { MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { useSpread } from '../workers/use-compare';
import { STRINGS } from './strings';

const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.2fr);
  gap: 14px 40px;
  @media (max-width: 900px) {
    grid-template-columns: 1fr;
  }
`;
const Ranges = styled.dl`
  margin: 0;
  & div {
    display: flex;
    justify-content: space-between;
    gap: 16px;
    border-top: 1px solid var(--line-soft);
    padding: 5px 0;
  }
  & dt {
    color: var(--ink-soft);
  }
  & dd {
    margin: 0;
    font: 600 16px/1.4 var(--figures);
  }
`;
const Doubts = styled.ul`
  list-style: none;
  margin: 0;
  padding: 0;
  & li {
    position: relative;
    display: flex;
    justify-content: space-between;
    gap: 16px;
    border-top: 1px solid var(--line-soft);
    padding: 4px 0 6px;
  }
  & i {
    position: absolute;
    inset-block-end: 0;
    inset-inline-start: 0;
    block-size: 4px;
    background: var(--accent);
  }
  & small {
    color: var(--ink-soft);
    font-size: 14px;
  }
  & b {
    font: 600 16px/1.4 var(--figures);
  }
`;

/** The heaviest doubts are told; the rest would not change what is measured again. */
const MOST_SHOWN = 4;

const MATTER_WORDS: Readonly<Record<DoubtfulMatter, string>> = {
  edgeLengthMm: STRINGS.theLengthOfTheEdge,
  heightHeelMm: STRINGS.theHeightAtTheHeel,
  heightMiddleMm: STRINGS.theHeightHalfWay,
  heightTipMm: STRINGS.theHeightNearTheTip,
  spineHeelMm: STRINGS.theSpineAtTheHeel,
  spineMiddleMm: STRINGS.theSpineHalfWay,
  spineTipMm: STRINGS.theSpineNearTheTip,
  thicknessBehindEdgeMm: STRINGS.theThicknessBehindTheEdge,
  bevelFaceMm: STRINGS.theWidthOfTheBevelFace,
  presentAnglePerSideDeg: STRINGS.thePresentAngle,
  sharpness: STRINGS.theDullness,
  'damage depth': STRINGS.theDepthOfTheDeepestFault,
};

const offBy = ({ matter, sigma }: Pick<Doubt, 'matter' | 'sigma'>): string => {
  if (matter === 'sharpness') return STRINGS.judgedByFeel;
  return matter === 'presentAnglePerSideDeg'
    ? `± ${fixed(sigma, 1)}°`
    : `± ${mm(sigma, sigma < 0.1 ? 2 : 1)}`;
};

/** A range in the precision of its upper end; one word for it where both ends read alike. */
const fromTo = ([low, high]: Spread, digits: number, unit: string): string => {
  const [from, to] = [fixed(low, digits), fixed(high, digits)];
  return from === to ? `${to} ${unit}` : STRINGS.to(from, to, unit);
};

const turnWords = (turn: Turn): string => {
  const otherwise =
    turn.becomes === 'not thinned'
      ? STRINGS.itWouldNotBeThinned
      : STRINGS.itWouldBeThinned(named(turn.becomes));
  const off =
    turn.matter === 'sharpness'
      ? STRINGS.wereItAClass(turn.off === 'more' ? STRINGS.duller : STRINGS.keener)
      : STRINGS.were(MATTER_WORDS[turn.matter], offBy(turn).replace('± ', ''), named(turn.off));
  return `${off}, ${otherwise}.`;
};

/** Fewer digits for a long way. */
const steelWords = (spread: Spread): string => fromTo(spread, spread[1] < 100 ? 1 : 0, 'mm³');

/** The words alone, once the spread is known. */
export const SpreadWords = ({
  spread,
  shoulderLabel,
}: {
  spread: PlanSpread;
  shoulderLabel: string;
}) => {
  const heading = useId();
  const [first] = spread.doubts;
  const [from, to] = spread.workingS.map(roughly);
  return (
    <Stack $gap={10}>
      <Two>
        <div>
          <MutedText>{STRINGS.inEightCasesOfTen}</MutedText>
          <Ranges>
            {[
              [STRINGS.steelAlone, steelWords(spread.steelMm3)],
              [STRINGS.heightAlone, inUnits(fromTo(spread.heightMm, 2, 'mm'))],
              [shoulderLabel, inUnits(fromTo(spread.behindEdgeMm, 2, 'mm'))],
              [STRINGS.time, from === to ? to : STRINGS.fromToTo(from, to)],
            ].map(([label, range]) => (
              <div key={label}>
                <dt>{label}</dt>
                <dd>{range}</dd>
              </div>
            ))}
          </Ranges>
        </div>
        {first && (
          <div>
            <MutedText id={heading}>{STRINGS.ofTheDoubtAboutTheSteel}</MutedText>
            <Doubts aria-labelledby={heading}>
              {spread.doubts.slice(0, MOST_SHOWN).map((doubt) => (
                <li key={doubt.matter}>
                  <span>
                    {MATTER_WORDS[doubt.matter]} <small>{offBy(doubt)}</small>
                  </span>
                  <i aria-hidden style={{ inlineSize: `${fixed(100 * doubt.share, 1)}%` }} />
                  <b>{fixed(100 * doubt.share, 0)} %</b>
                </li>
              ))}
            </Doubts>
          </div>
        )}
      </Two>
      {first && (
        <MutedText>
          {STRINGS.wereCertainTheSteelWouldBe(
            MATTER_WORDS[first.matter],
            steelWords(spread.steelWithoutFirstMm3),
          )}
        </MutedText>
      )}
      {spread.turns.length > 0 && (
        <Notice>{STRINGS.lookAtThatAgainBeforeAny(spread.turns.map(turnWords).join(' '))}</Notice>
      )}
    </Stack>
  );
};

export interface WeighedProps {
  readonly job: Job;
  readonly input: PlanInput;
  /** What the thickness at the shoulder is called on this kind. */
  readonly shoulderLabel: string;
}

const Weighed = ({ job, input, shoulderLabel }: WeighedProps) => {
  const question = useMemo(() => ({ input, known: howKnown(job) }), [input, job]);
  const { answer: spread, error, retry } = useSpread(question);
  if (error !== null) return <Failed error={error} retry={retry} />;
  if (!spread) return <p role="status">{STRINGS.weighingTheMeasures}</p>;
  // What cannot be planned is told where the plan would stand.
  return spread.ok ? <SpreadWords spread={spread.value} shoulderLabel={shoulderLabel} /> : null;
};

export default Weighed;
