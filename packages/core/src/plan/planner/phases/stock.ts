/** The stock: steel of every stage, summed along the edge. */
import { ok } from '../../../units';
import {
  APEX_STRIP_MM,
  wantsOutlineStep,
  workAlong,
  type SectionWork,
  type StageSum,
  type StageSums,
  type Wanted,
} from '../../cuts';
import { repairDepthAt, type Phase, type PlanContext } from '../context';
import { steelOf } from '../figures';
import type { AnglePart, OutlinePart, SectionPart, StockPart } from '../parts';
import { wantedOf } from './section';

export interface SectionedContext extends PlanContext {
  readonly angle: AnglePart;
  readonly outline: OutlinePart;
  readonly section: SectionPart;
}

/** Never fails: a station the new edge does not reach is counted. */
export const stockPhase: Phase<SectionedContext, StockPart> = (context) => {
  const { input, angle, outline, section } = context;
  const local = context.stations();
  const { sums, bands, notWorked } = sumsOver(
    context,
    outline.apexRiseMm,
    wantedOf(angle, input, section),
    sectionWorkOf(context),
  );
  const edge = edgeStockOf(context, sums);
  return ok({
    sums,
    bands,
    steelMm3: steelOf(sums),
    stations: local.length,
    notWorked,
    edge: { stockMm3: edge.mm3, faceAreaMm2: edge.faceMm2 },
  });
};

/** Steel of every stage for what is wanted, the apex up by so much besides the outline, as the kind counts it. */
export const sumsOver = (
  { strategy, stations, outline }: SectionedContext,
  apexRiseMm: number,
  wanted: Wanted,
  work: SectionWork,
): {
  readonly sums: StageSums;
  readonly bands: readonly StageSum[];
  readonly notWorked: number;
} => {
  const { sums, bands, notWorked } = workAlong(
    strategy,
    stations(),
    (zMm) => apexRiseMm + repairDepthAt(outline, zMm),
    wanted,
  );
  return { sums: strategy.sumsOf?.(sums, work) ?? sums, bands, notWorked };
};

/** The work as a kind sees it, as far as the section tells. */
export const sectionWorkOf = ({ angle, outline, section }: SectionedContext): SectionWork => ({
  angleDeg: angle.angleDeg,
  micro: section.micro,
  shape: section.shape,
  stages: section.stages,
  riseMm: section.riseMm,
  apexRiseMm: outline.apexRiseMm,
  bands: section.thinning.bands,
  remnantMm: section.thinning.remnantMm ?? 0,
  stopMm: section.thinning.stopMm,
});

/**
 * The steel the stones of the edge take: the bevel, and on an axe its rounding with it; and the face each finer one
 * clears, which for an edge that cuts is the strip at the apex.
 */
export const edgeStockOf = (
  { strategy, input, kind, section, outline }: SectionedContext,
  sums: StageSums,
): StageSum => {
  const { mm3, faceMm2 } = strategy.stockOf?.(sums) ?? {
    mm3: sums.edge.mm3 + sums.round.mm3,
    faceMm2: sums.edge.faceMm2 + sums.round.faceMm2,
  };
  const { refineFace } = input.choices;
  const stripMm =
    refineFace === 'whole face'
      ? null
      : (strategy.finishStripMm ?? (refineFace === 'apex strip' ? APEX_STRIP_MM : null));
  const share = stripMm === null ? 1 : Math.min(1, stripMm / section.bevelFaceMm);
  // What no step takes out of the outline goes with the bevel.
  const isOutlined =
    input.choices.practice.oldEdge === 'take it off first' ||
    wantsOutlineStep(kind, outline.faults);
  return { mm3: mm3 + (isOutlined ? 0 : sums.outline.mm3), faceMm2: faceMm2 * share };
};
