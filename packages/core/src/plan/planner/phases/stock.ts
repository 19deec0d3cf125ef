/** The stock: steel of every stage, summed along the edge. */
import { ok } from '../../../units';
import {
  workAlong,
  type BladeWork,
  type CutStrategy,
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
  const { input, strategy, angle, outline, section } = context;
  const local = context.stations();
  const { sums, notWorked } = sumsOver(
    context,
    outline.apexRiseMm,
    wantedOf(angle, input, section),
    sectionWorkOf(context),
  );
  const edge = edgeStockOf(strategy, sums);
  return ok({
    sums,
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
  work: Omit<BladeWork, 'sums' | 'chain'>,
): { readonly sums: StageSums; readonly notWorked: number } => {
  const { sums, notWorked } = workAlong(
    strategy,
    stations(),
    (zMm) => apexRiseMm + repairDepthAt(outline, zMm),
    wanted,
  );
  return { sums: strategy.sumsOf?.(sums, work) ?? sums, notWorked };
};

/** The work as a kind sees it, as far as the section tells. */
export const sectionWorkOf = ({
  angle,
  outline,
  section,
}: SectionedContext): Omit<BladeWork, 'sums' | 'chain'> => ({
  angleDeg: angle.angleDeg,
  micro: section.micro,
  shape: section.shape,
  stages: section.stages,
  riseMm: section.riseMm,
  apexRiseMm: outline.apexRiseMm,
  bands: section.thinning.bands,
  remnantMm: section.thinning.remnantMm ?? 0,
});

/** The steel the stones of the edge take: the bevel, and on an axe its rounding with it. */
export const edgeStockOf = ({ stockOf }: CutStrategy, sums: StageSums): StageSum =>
  stockOf?.(sums) ?? {
    mm3: sums.edge.mm3 + sums.round.mm3,
    faceMm2: sums.edge.faceMm2 + sums.round.faceMm2,
  };
