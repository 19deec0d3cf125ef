import { fact, said } from '../../../units';
import { say } from '../../../text';
import type { StrategyInput } from '../../cuts';
import { isDoubleEdged } from './geometry';
import { BACK_OFF_FLAT_DEG } from '../first-guesses';
import type { Findings } from '../strategy';

/** What a colleague would ask of a chisel-ground blade: its back, and its inclusive angle. */
export const chiselFindings = (input: StrategyInput): Findings => {
  const isDouble = isDoubleEdged(input);
  const backIs = input.answers['back'] ?? 'plain and flat';
  return {
    shoulderLabel: 'At the shoulder',
    facts: (work) => [
      fact(
        'Back held at',
        said(
          BACK_OFF_FLAT_DEG,
          '° per side',
          'Almost flat, so that the burr goes and no back bevel is made.',
          [],
          undefined,
          'First guess of the trade',
        ),
      ),
      fact(
        'Inclusive at the edge',
        said(
          work.angleDeg,
          '° inclusive',
          'One side is ground, the back is the plane: the bevel is the whole angle.',
          [{ label: 'Bevel', value: work.angleDeg, unit: '° per side' }],
        ),
      ),
    ],
    warnings: () => [
      ...(isDouble ? [say('warn.double-edged')] : []),
      ...(backIs === 'has a bevel of its own' ? [say('warn.chisel.back-bevel')] : []),
    ],
  };
};
