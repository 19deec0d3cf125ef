/** The pattern of a step as two lanes, right above left: rounds to their length, what is done filled, whose turn it is. */
import {
  BLADE_SIDES,
  type BladeSide,
  type RoundAtWork,
  type StrokeRound,
  named,
} from '@patient-edge/core';
import styled from 'styled-components';
import { STRINGS } from './strings';

const Svg = styled.svg`
  display: block;
  width: 100%;
  height: 44px;
  & rect {
    fill: none;
    stroke: var(--ink-soft);
  }
  & rect[data-done] {
    fill: var(--steel-deep);
    stroke: none;
  }
  & rect[data-now] {
    stroke: var(--accent);
    stroke-width: 3;
  }
`;
const Line = styled.p`
  margin: 0;
  & b {
    font: 680 30px/1.1 var(--figures);
  }
`;

const Lanes = styled.div`
  display: grid;
  grid-template-columns: auto minmax(0, 1fr);
  gap: 10px;
  & div {
    display: grid;
    align-content: space-between;
    color: var(--ink-soft);
    font-size: 14px;
    line-height: 20px;
  }
`;

const WIDTH = 600;
const LANE = { right: 2, left: 24 } as const;
const LANE_HEIGHT = 18;
const GAP = 3;

/** Rounds in sight at once: of a long pattern those about the one at work. */
const IN_SIGHT = 12;
const BEFORE_NOW = 3;

const sideWords = (side: BladeSide | null): string =>
  side === null ? STRINGS.aSideInTurn : STRINGS.onThe(named(side));

/** The blade is turned between the two. */
const isSwap = (at: StrokeRound, next: StrokeRound): boolean =>
  next.side !== null && at.side !== next.side;

const thenWords = ({ count, seconds, side, zone }: StrokeRound): string =>
  `${seconds === null ? count : `${Math.round(seconds)} s`} ${sideWords(side)}${zone === null ? '' : `, ${named(zone)}`}`;

/** Rounds laid end to end to their length; sides in turn share it, each in its own lane. */
const blocksOf = ({ rounds: all, now }: Pick<RoundAtWork, 'rounds' | 'now'>) => {
  const at = now?.index ?? all.length;
  const first = Math.max(0, Math.min(at - BEFORE_NOW, all.length - IN_SIGHT));
  const rounds = all.slice(first, first + IN_SIGHT);
  const total = rounds.reduce((sum, { round }) => sum + round.count, 0);
  const unit = (WIDTH - GAP * (rounds.length - 1)) / total;
  let next = 0;
  const blocks = rounds.flatMap(({ round, done }, place) => {
    const index = first + place;
    const from = next;
    next += round.count * unit + GAP;
    return BLADE_SIDES.filter((side) => round.side === null || round.side === side).map((side) => ({
      key: `${index} ${side}`,
      index,
      side,
      from,
      round,
      done: done[side],
    }));
  });
  return { blocks, unit };
};

interface RoundStripProps extends RoundAtWork {
  /** So many strokes were made that the burr is felt for now. */
  readonly isFeelDue?: boolean;
  /** Why the strokes of this round were added. */
  readonly because?: string | undefined;
  /** What a round is called where it is done in one place: a scallop. */
  readonly called?: string;
}

const leftText = (left: number, isTimed: boolean): string =>
  isTimed ? `${Math.ceil(left)} s` : String(left);

export const RoundStrip = ({
  rounds,
  now,
  isTimed,
  isFeelDue = false,
  because,
  called = named('round'),
}: RoundStripProps) => {
  const isOneSide =
    new Set(rounds.map(({ round }) => round.side)).size === 1 && rounds[0]?.round.side !== null;
  const { blocks, unit } = blocksOf({ rounds, now });
  const at = now && rounds[now.index]!.round;
  const next = now && rounds[now.index + 1]?.round;
  return (
    <div>
      <Line>
        {now && at ? (
          <>
            <b>{leftText(now.left, isTimed)}</b>{' '}
            {STRINGS.more(sideWords(at.side === null ? null : now.side))}
            {at.zone !== null && `, ${named(at.zone)}`}
            {because !== undefined && `: ${because}`}
            {rounds.length > 1 && STRINGS.roundOf(called, now.index + 1, rounds.length)}
            {next && STRINGS.then(isSwap(at, next) ? STRINGS.swapWithin : '', thenWords(next))}
            {isFeelDue && (
              <>
                {' '}
                <strong>{STRINGS.feelForTheBurrNow}</strong>
              </>
            )}
          </>
        ) : (
          STRINGS.patternFinishedFeelAndLookBefore(isOneSide ? '' : STRINGS.bothSidesEqual)
        )}
      </Line>
      <Lanes aria-hidden>
        <div>
          <span>{STRINGS.rightWithin}</span>
          <span>{STRINGS.left}</span>
        </div>
        <Svg viewBox={`0 0 ${WIDTH} 44`} preserveAspectRatio="none">
          {blocks.map(({ key, index, side, from, round, done }) => (
            <g key={key}>
              <rect data-done="" x={from} y={LANE[side]} width={done * unit} height={LANE_HEIGHT} />
              <rect
                data-now={now?.index === index && now.side === side ? '' : undefined}
                x={from}
                y={LANE[side]}
                width={round.count * unit}
                height={LANE_HEIGHT}
              />
            </g>
          ))}
        </Svg>
      </Lanes>
    </div>
  );
};
