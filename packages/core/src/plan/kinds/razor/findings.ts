import { CLEAR_OF_CORNER_MM, fact, said } from '../../../units';
import { say } from '../../../text';
import { thicknessAtMm } from '../../../section';
import { razorAngle } from '../../../angle';
import type { StrategyInput } from '../../cuts';
import { tapeMm } from './geometry';
import type { Findings } from '../strategy';
import { STRINGS } from '../strings';

/** What a colleague would ask of a razor: what its spine sets, and how the spine wears. */
export const razorFindings = (input: StrategyInput): Findings => ({
  shoulderLabel: STRINGS.behindTheEdge,
  facts: (work) => {
    const { heightMiddleMm: width, spineMiddleMm: spine } = input.input.measures;
    const last = work.stages.at(-1)!.section;
    const worn = spine - (thicknessAtMm(last, width - CLEAR_OF_CORNER_MM) ?? spine);
    return [
      fact(
        'The spine holds it at',
        said(
          razorAngle(width, spine, tapeMm(input)),
          '° per side',
          STRINGS.noLiftSpineAndEdgeLie,
          [
            { label: STRINGS.width, value: width, unit: 'mm' },
            { label: STRINGS.spine, value: spine, unit: 'mm' },
            { label: STRINGS.tapeEachSide, value: tapeMm(input), unit: 'mm' },
          ],
          STRINGS.thetaAtanT2TapeH,
        ),
      ),
      fact(
        'Spine worn by',
        said(Math.max(0, worn), 'mm', STRINGS.whatTheSameStrokeTakesOff, [
          { label: STRINGS.apexRise, value: work.riseMm, unit: 'mm' },
        ]),
      ),
    ];
  },
  warnings: (work) => [
    ...(input.answers['edgeLine'] === 'frowning' ? [say('warn.razor.frown')] : []),
    ...(input.answers['spineWear'] !== undefined && input.answers['spineWear'] !== 'even'
      ? [say('warn.razor.spine-wear', { wear: String(input.answers['spineWear']) })]
      : []),
    ...(work.angleDeg > 9.5 ? [say('warn.razor.steep', { angleDeg: work.angleDeg })] : []),
  ],
});
