import { fact, said } from '../../../units';
import { say } from '../../../text';
import { measureFace } from '../../../section';
import type { StrategyInput } from '../../cuts';
import { RAISED_DEG } from '../first-guesses';
import { thicknessFacts } from '../parts';
import type { Findings } from '../strategy';
import { STRINGS } from '../strings';

/** What a colleague would ask of an axe: its apex, the flat left of its bevel, the haft. */
export const axeFindings = (input: StrategyInput): Findings => {
  const rounds = input.input.choices.kind.axeService !== 'file and deburr';
  const skates = input.answers['fileTest'] === 'skates';
  return {
    shoulderLabel: STRINGS.tenMmBehindTheEdge,
    facts: (work) => {
      const bevel = measureFace(work.stages.at(-1)!.section, {
        side: 'right',
        roles: ['new bevel'],
      });
      const apexDeg = rounds ? work.angleDeg + RAISED_DEG[1] : work.angleDeg;
      return [
        fact(
          'At the apex',
          said(
            apexDeg,
            '° per side',
            rounds ? STRINGS.flushOnTheBevelAndRaised : STRINGS.leftFlatAsFiled,
            [{ label: STRINGS.bevel, value: work.angleDeg, unit: '° per side' }],
          ),
        ),
        ...(bevel
          ? [
              fact(
                'Flat of the bevel left',
                said(bevel.widthMm, 'mm', STRINGS.widthOfTheFiledBevelAbove),
              ),
            ]
          : []),
        ...thicknessFacts(work, [10, 20]),
      ];
    },
    warnings: () => [
      ...(skates ? [say('warn.axe.too-hard-for-file')] : []),
      ...(input.answers['haft'] === 'loose head' || input.answers['haft'] === 'cracked'
        ? [say('warn.axe.haft', { haft: String(input.answers['haft']) })]
        : []),
      ...(input.answers['fileTest'] === 'sinks in' ? [say('warn.axe.soft')] : []),
    ],
  };
};
