import { CLEAR_OF_CORNER_MM, fact, said } from '../../../units';
import { say } from '../../../text';
import { thicknessAtMm } from '../../../section';
import { razorAngle } from '../../../angle';
import type { StrategyInput } from '../../cuts';
import { tapeMm } from './geometry';
import type { Findings } from '../strategy';

/** What a colleague would ask of a razor: what its spine sets, and how the spine wears. */
export const razorFindings = (input: StrategyInput): Findings => ({
  shoulderLabel: 'Behind the edge',
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
          'No lift: spine and edge lie on the stone at once.',
          [
            { label: 'Width', value: width, unit: 'mm' },
            { label: 'Spine', value: spine, unit: 'mm' },
            { label: 'Tape, each side', value: tapeMm(input), unit: 'mm' },
          ],
          'θ = atan((T/2 + tape) / H)',
        ),
      ),
      fact(
        'Spine worn by',
        said(
          Math.max(0, worn),
          'mm',
          'What the same stroke takes off the spine: none under tape.',
          [{ label: 'Apex rise', value: work.riseMm, unit: 'mm' }],
        ),
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
