import { fact, said } from '../../../units';
import { say } from '../../../text';
import { BEVEL_ROLES } from '../../../section';
import { topOf, type StrategyInput } from '../../cuts';
import { secondaryOf } from './geometry';
import type { Findings } from '../strategy';
import { STRINGS } from '../strings';

/** What a colleague would ask of a single flat bevel: how high it is after the work. */
export const singleBevelFindings = (input: StrategyInput): Findings => {
  const secondary = secondaryOf(input);
  return {
    shoulderLabel: STRINGS.atTheShoulder,
    facts: (work) => {
      const top =
        topOf(work.stages.at(-1)!.section, { roles: BEVEL_ROLES }) ?? work.shape.bevelHeightMm;
      return [
        fact(
          'Height of the bevel after',
          said(top - work.riseMm, 'mm', STRINGS.fromTheNewEdgeToWhere, [
            { label: STRINGS.before, value: work.shape.bevelHeightMm, unit: 'mm' },
            { label: STRINGS.apexRise, value: work.riseMm, unit: 'mm' },
          ]),
        ),
      ];
    },
    warnings: () =>
      secondary === 'none' ? [] : [say('warn.single-bevel.secondary', { width: secondary })],
  };
};
