import { mm, perSide, toRadians } from '../../../units';
import { fitScallop, scallopVolumeMm3, type Scallop } from '../../../serration';
import { numberAnswer } from '../../../intake';
import { frontSide, type BladeWork, type CutStrategy, type StrategyInput } from '../../cuts';
import { BACK_OFF_FLAT_DEG, USUAL_SCALLOP_MM } from '../first-guesses';
import { oneFlatGeometry } from '../one-flat';

/** Serrated edges: one bevel against a flat side, and the steel of a scallop cut deeper. */
export const scallopOf = (
  input: StrategyInput,
  angleDeg: number,
): Scallop & { readonly count: number } => {
  const pitchMm = numberAnswer(input.answers, 'pitchMm') ?? USUAL_SCALLOP_MM.pitchMm;
  const depthMm = numberAnswer(input.answers, 'scallopDepthMm') ?? USUAL_SCALLOP_MM.depthMm;
  const fit = fitScallop(
    mm(pitchMm),
    mm(depthMm),
    perSide(angleDeg),
    mm(input.input.measures.edgeLengthMm),
    [],
  );
  return {
    pitchMm,
    depthMm,
    angle: perSide(angleDeg),
    rodRadiusMm: fit.radiusMm,
    count: fit.scallops,
  };
};

/** What the flat side is ground to: as chosen, else as the facet it came with; null where it has none. */
export const facetDegOf = ({ input, answers }: StrategyInput): number | null =>
  input.choices.kind.flatSideDeg ?? numberAnswer(answers, 'flatFacetDeg') ?? null;

export const serratedGeometry = (input: StrategyInput): CutStrategy => {
  const ground = frontSide(input.answers);
  const way = input.input.choices.kind.serrationWay;
  return {
    ...oneFlatGeometry(input),
    flatSideDeg: facetDegOf(input) ?? BACK_OFF_FLAT_DEG,
    facetDeg: facetDegOf(input) ?? 0,
    finishStripMm: null,
    sumsOf: (sums, work) => {
      const scallop = scallopOf(input, work.angleDeg);
      const section = work.shape.section;
      const deeper = { ...scallop, depthMm: scallop.depthMm + work.riseMm };
      const mirrored = ground === 'right' ? section : mirror(section);
      const mm3 =
        way === 'flat side only'
          ? 0
          : scallop.count *
            (scallopVolumeMm3(mirrored, deeper) - scallopVolumeMm3(mirrored, scallop));
      const faceMm = work.shape.bevelHeightMm / Math.cos(toRadians(perSide(work.angleDeg)));
      return {
        ...sums,
        outline: { mm3: 0, faceMm2: 0 },
        edge: { mm3, faceMm2: faceMm * input.input.measures.edgeLengthMm },
      };
    },
  };
};

const mirror = (section: BladeWork['shape']['section']): BladeWork['shape']['section'] => ({
  vertices: [...section.vertices].reverse().map(({ x, y }, index, all) => ({
    x: -x,
    y,
    face: all[(index + 1) % all.length]!.face,
  })),
});
