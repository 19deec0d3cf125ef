/** A high spot honed down before anything else is thinned or set: thinned along with the rest it leaves a blade that rocks. */
import { fact, said, type Fact } from '../../units';
import { say } from '../../text';
import { forTask, type RackStone } from '../../abrasive';
import type { Damage } from '../../blade';
import { HIGH_SPOT_DEG } from './first-guesses';
import { BOTH, type StepKit } from './kit';
import { IS_SHEET } from './low-spots';
import type { PlanStep } from './step';
import { STRINGS } from './strings';

export interface FaultMaker {
  readonly highSpots: () => PlanStep[];
  /** What it costs all at once, and over several visits. */
  readonly highSpotFacts: () => Fact[];
}

/** A hard stone that stays flat shows a hill; the coarsest of them takes it down. */
const levelStone = (rack: readonly RackStone[]): RackStone | null => {
  const stones = forTask(rack, 'edge').filter(({ kind }) => !IS_SHEET.includes(kind));
  const hard = stones.filter(({ bond }) => bond === 'hard' || bond === 'plate or film');
  const [coarsest] = [...(hard.length > 0 ? hard : stones)].sort((a, b) => b.um - a.um);
  return coarsest ?? null;
};

/** Steel of a hill in the line of the edge: a triangle as thick as the blade is behind its edge. */
const hillMm3 = ({ lengthMm, depthMm }: Damage, thicknessMm: number): number =>
  (lengthMm * depthMm * thicknessMm) / 2;

/** How many visits a hill that is left for later is costed over, beside taking it all at once. */
const USUAL_VISITS = 3;

export const faultMaker = ({ input, onBody }: StepKit): FaultMaker => {
  const body = levelStone(input.rack);
  const hills = input.damage.filter(
    ({ kind, depthMm, id }) =>
      kind === 'high spot' && depthMm > 0 && !input.choices.chipsLeft.includes(id),
  );
  const visits = input.choices.highSpotVisits ?? 1;
  /** What one of so many visits takes off a hill. */
  const stepFor = (damage: Damage, on: RackStone, among: number): PlanStep => ({
    ...onBody({
      operation: 'outline',
      body: on,
      removeMm3: hillMm3(damage, input.behindEdgeMm) / among,
      rule: STRINGS.halfOfLengthHeightThicknessBehind,
      ground: BOTH.map((side) => ({ side, angleDeg: HIGH_SPOT_DEG, share: 1 })),
      pattern: 'N and swap',
      text: {
        title: say('high-spot.title', { stone: on.name }),
        instruction:
          among === 1
            ? say('high-spot.instruction', { depthMm: damage.depthMm, angleDeg: HIGH_SPOT_DEG })
            : say('high-spot.instruction.visits', {
                depthMm: damage.depthMm,
                thisMm: damage.depthMm / among,
                visits: among,
                angleDeg: HIGH_SPOT_DEG,
              }),
        zone: say('high-spot.zone', {
          fromMm: damage.fromMm,
          toMm: damage.fromMm + damage.lengthMm,
        }),
        angleDeg: HIGH_SPOT_DEG,
        direction: 'back and forth',
        forceN: [4, 8],
        check: say('high-spot.check'),
        before: among === 1 ? say('high-spot.before') : say('high-spot.before.visits'),
        caution: say('outline.caution'),
      },
    }),
    // Held by eye, far above any edge: no lift stands for it.
    lifts: [],
    stationLifts: [],
  });
  return {
    highSpots: () => (body ? hills.map((damage) => stepFor(damage, body, visits)) : []),
    highSpotFacts: () => {
      if (!body) return [];
      const later = visits > 1 ? visits : USUAL_VISITS;
      return hills.flatMap((damage) =>
        [1, later].map((among) => {
          const { seconds } = stepFor(damage, body, among);
          return fact(
            among === 1 ? STRINGS.highSpotAllAtOnce : STRINGS.highSpotEachOfVisits(among),
            said(seconds, 's', STRINGS.theSteelOfTheHillShared, [
              { label: STRINGS.height, value: damage.depthMm / among, unit: 'mm' },
              { label: STRINGS.length, value: damage.lengthMm, unit: 'mm' },
            ]),
          );
        }),
      );
    },
  };
};
