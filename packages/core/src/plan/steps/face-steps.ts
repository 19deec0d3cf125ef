/** The faces and the spine, before the final edge: rust off, cladding and core, low spots blended, a maker's finish. */
import { say } from '../../text';
import { forTask } from '../../abrasive';
import { BAND_FACE_MM, FACE_STOCK_UM, partChain } from '../choices';
import type { StepKit } from './kit';
import type { PlanStep } from './step';
import { STRINGS } from './strings';

export interface FaceMaker {
  readonly faces: () => PlanStep[];
}

/** Minutes of handwork on the faces: a grain of paper over both, the rust by how far it has spread, the spine. */
const MINUTES = { grain: 12, 'rust in spots': 6, 'rust all over': 20, spine: 8, blend: 8 } as const;

export const faceMaker = ({ input, hand, partSteps }: StepKit): FaceMaker => {
  const { choices, work, answers, rack } = input;
  const caution = say('faces.caution');

  const rust = (): PlanStep[] => {
    const found = answers['rust'];
    return found === 'spots' || found === 'all over'
      ? hand('faces', MINUTES[found === 'spots' ? 'rust in spots' : 'rust all over'], {
          title: say('rust.title'),
          instruction: say('rust.instruction'),
          zone: say('rust.zone'),
          check: say('rust.check'),
          caution,
        })
      : [];
  };

  const spine = (): PlanStep[] =>
    answers['spineWish'] === 'to be rounded'
      ? hand('faces', MINUTES.spine, {
          title: say('spine.title'),
          instruction: say('spine.instruction'),
          zone: say('spine.zone'),
          check: say('spine.check'),
          caution,
        })
      : [];

  const faceOf = (name: 'cladding' | 'core'): PlanStep[] => {
    const part = partChain(choices.chains, name);
    if (!part) return [];
    const faceMm2 = 2 * input.edgeLengthMm * (part.faceMm ?? BAND_FACE_MM);
    return partSteps(
      name,
      { mm3: (faceMm2 * FACE_STOCK_UM) / 1000, faceMm2 },
      {
        ground: input.groundAt(input.angleDeg),
        firstRule: STRINGS.mOverTheWholeFaceTo(FACE_STOCK_UM),
        step: (body) => ({
          operation: 'faces',
          title: say('faces.title', { part: name, stone: body.name }),
          instruction:
            name === 'core' ? say('faces.instruction.core') : say('faces.instruction.cladding'),
          angleDeg: null,
          gate: 'no check',
          zone: name === 'core' ? say('faces.zone.core') : say('faces.zone.cladding'),
          check: say('faces.check'),
          before: say('faces.before'),
          caution,
        }),
      },
    );
  };

  const blend = (): PlanStep[] =>
    choices.practice.lowSpots === 'blend' && (input.hasLowSpots || work.sums.thinning.mm3 > 0)
      ? hand('faces', MINUTES.blend, {
          title: say('low-spots.blend.title'),
          instruction: say('low-spots.blend.instruction'),
          zone: say('low-spots.blend.zone'),
          check: say('low-spots.blend.check'),
          caution: say('low-spots.blend.caution'),
        })
      : [];

  /** A maker finishes the faces between the true edge and the last light one: a step a grain of paper, coarse to fine. */
  const makers = (): PlanStep[] => {
    if (choices.order !== "maker's") return [];
    const papers = forTask(rack, 'edge')
      .filter(({ kind }) => kind === 'paper')
      .sort((a, b) => b.um - a.um);
    const said = {
      zone: say('makers.faces.zone'),
      check: say('makers.faces.check'),
      before: say('faces.before'),
      caution: say('makers.faces.caution'),
    };
    return papers.length === 0
      ? hand('faces', 2 * MINUTES.grain, {
          title: say('makers.faces.title'),
          instruction: say('makers.faces.instruction'),
          ...said,
        })
      : papers.flatMap((paper) =>
          hand('faces', MINUTES.grain, {
            title: say('makers.faces.title.on', { stone: paper.name }),
            instruction: say('makers.faces.instruction'),
            ...said,
          }).map((step) => ({ ...step, stoneId: paper.id })),
        );
  };

  return {
    faces: () => [
      ...rust(),
      ...spine(),
      ...faceOf('cladding'),
      ...faceOf('core'),
      ...blend(),
      ...makers(),
    ],
  };
};
