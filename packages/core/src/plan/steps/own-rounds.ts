/** The operator's own rounds laid over a step in place of its pattern: counts, sides and minutes follow them. */
import { say } from '../../text';
import { ownRoundsOf, type OwnPatterns, type OwnRound } from '../choices';
import { HAND_SPEED_M_PER_S } from '../../abrasive';
import { STROKE_TRAVEL_M } from './first-guesses';
import { totalsOf, type StrokeRound } from './patterns';
import type { PlanStep } from './step';
import { STRINGS } from './strings';

/** Seconds one stroke of a step takes, as it was worked out. */
const secondsPerStroke = ({ seconds, sides }: PlanStep): number => {
  const all = sides.reduce((sum, { strokes }) => sum + strokes, 0);
  return all > 0 ? seconds / all : STROKE_TRAVEL_M / HAND_SPEED_M_PER_S;
};

const laid = (own: OwnRound, strokeS: number): StrokeRound => ({
  side: own.side,
  count: own.strokes ?? Math.max(1, Math.round((own.seconds ?? 0) / strokeS)),
  zone: own.zone,
  seconds: own.seconds,
});

/** A step with these rounds in place of its pattern. */
export const withRounds = (step: PlanStep, own: readonly OwnRound[]): PlanStep => {
  const strokeS = secondsPerStroke(step);
  const rounds = own.map((round) => laid(round, strokeS));
  const totals = totalsOf(rounds);
  const seconds = rounds.reduce((sum, round) => sum + (round.seconds ?? round.count * strokeS), 0);
  const share = step.seconds > 0 ? seconds / step.seconds : 1;
  const sides = step.sides.map((side) => ({ ...side, strokes: totals[side.side] }));
  return {
    ...step,
    sides,
    rounds,
    laidBy: null,
    pattern: say('pattern.own', { rounds: rounds.map((round) => ({ ...round })) }),
    seconds,
    rangeS: [step.rangeS[0] * share, step.rangeS[1] * share],
    strokesPerSide: Math.max(0, ...sides.map(({ strokes }) => strokes)),
    secondsWhy: { ...step.secondsWhy, rule: STRINGS.forRoundsOfOnesOwn(step.secondsWhy.rule) },
  };
};

/** Steps with rounds of one's own, by their key or by their operation; only where strokes are counted. */
export const withOwnPatterns = (
  steps: readonly PlanStep[],
  own: OwnPatterns | null,
): readonly PlanStep[] =>
  steps.map((step) => {
    const rounds = ownRoundsOf(own, step);
    const worked = new Set(step.sides.map(({ side }) => side));
    const fitting = rounds?.filter(({ side }) => worked.has(side)) ?? [];
    return fitting.length > 0 ? withRounds(step, fitting) : step;
  });
