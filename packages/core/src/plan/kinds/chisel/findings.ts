import { fact, said } from '../../../units';
import { say } from '../../../text';
import type { StrategyInput } from '../../cuts';
import { isDoubleEdged } from './geometry';
import { BACK_OFF_FLAT_DEG } from '../first-guesses';
import type { Findings } from '../strategy';
import { STRINGS } from '../strings';

/** What a colleague would ask of a chisel-ground blade: its back, and its inclusive angle. */
export const chiselFindings = (input: StrategyInput): Findings => {
  const isDouble = isDoubleEdged(input);
  const backIs = input.answers['back'] ?? 'plain and flat';
  return {
    shoulderLabel: STRINGS.atTheShoulder,
    facts: (work) => [
      fact(
        'Back held at',
        said(
          BACK_OFF_FLAT_DEG,
          '° per side',
          STRINGS.almostFlatSoThatTheBurr,
          [],
          undefined,
          STRINGS.firstGuessOfTheTrade,
        ),
      ),
      fact(
        'Inclusive at the edge',
        said(work.angleDeg, '° inclusive', STRINGS.oneSideIsGroundTheBack, [
          { label: STRINGS.bevel, value: work.angleDeg, unit: '° per side' },
        ]),
      ),
    ],
    warnings: () => [
      ...(isDouble ? [say('warn.double-edged')] : []),
      ...(backIs === 'has a bevel of its own' ? [say('warn.chisel.back-bevel')] : []),
    ],
  };
};
