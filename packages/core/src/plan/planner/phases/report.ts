/** The report: figures that can say why, facts, warnings, what each school of the angle costs. */
import { ok } from '../../../units';
import { say, type Message } from '../../../text';
import { bevelsOf } from '../../../blade';
import { holdingOf } from '../../../machine';
import { schoolsOf } from '../../choices';
import { ABSURD_SECONDS, edgeChains } from '../../steps';
import { apexRiseAt, type Phase, type PlanContext } from '../context';
import { costOf, planFigures, type AngleOption } from '../figures';
import type {
  AnglePart,
  OutlinePart,
  ProgressionPart,
  ReportPart,
  SectionPart,
  StockPart,
  WorkPart,
} from '../parts';
import { edgeStockOf, sumsOver } from './stock';
import { bladeWorkOf } from './work';

interface Reported extends PlanContext {
  readonly angle: AnglePart;
  readonly outline: OutlinePart;
  readonly section: SectionPart;
  readonly stock: StockPart;
  readonly progression: ProgressionPart;
  readonly work: WorkPart;
}

/** Never fails: what cannot be ground or bought is said in its figures. */
export const reportPhase: Phase<Reported, ReportPart> = (context) => {
  const { input, kind, strategy, shape, angle, outline, section, stock, progression, work } =
    context;
  const bladeWork = bladeWorkOf(context);
  const bevels = bevelsOf(kind);
  const { chain } = progression;
  return ok({
    figures: planFigures({
      input,
      chosen: angle.chosen,
      present: angle.present,
      primaryDeg: shape.primaryDeg,
      bevelHeightMm: shape.bevelHeightMm,
      bevels,
      facetDeg: strategy.facetDeg ?? 0,
      angleDeg: angle.angleDeg,
      apexRiseMm: outline.apexRiseMm,
      deepestRepairMm: outline.repair.maxDepthMm,
      middleRiseMm: section.riseMm,
      bevelFaceMm: section.bevelFaceMm,
      behindEdgeMm: section.behindEdgeMm,
      insideOldBevel: section.insideOldBevel,
      thinned: section.thinning.done,
      limitMm: section.thinning.limitMm,
      sums: stock.sums,
      stations: stock.stations,
      steps: work.steps,
      seconds: work.seconds,
    }),
    facts: [...strategy.facts(bladeWork), ...work.faultFacts],
    warnings: [...strategy.warnings(bladeWork), ...warningsOf(context)],
    options: optionsOf(context),
    holding: holdingOf({
      machine: input.machine,
      held: work.held,
      bevelFaceMm: section.bevelFaceMm,
      edge: outline.curvesAfter.edge,
      faceLeanDeg: bevels === 1 ? 0 : shape.primaryDeg,
      stones: (chain?.steps ?? []).map(({ id }) => input.rack.find((each) => each.id === id)!),
    }),
    schools: schoolsOf(input.choices),
  });
};

/** What each school of the angle costs: without thinning, whatever is chosen. */
const optionsOf = (context: Reported): AngleOption[] => {
  const { input, shape, angle, outline, section, stock, progression } = context;
  const chains = edgeChains(input, progression.finishUm);
  return angle.advice.map((option): AngleOption => {
    const { angleDeg } = option;
    if (angleDeg <= shape.primaryDeg) {
      return { ...option, steelLost: null, edgeTime: null, heightLost: null };
    }
    const riseMm = apexRiseAt(context, angleDeg);
    // The chosen angle has been worked already, unless it is thinned too.
    const isWorked = angleDeg === angle.angleDeg && !section.thinning.done;
    const wanted = { angleDeg, thinning: null, micro: section.micro };
    const work = { ...bladeWorkOf(context), angleDeg, bands: [] };
    const sums = isWorked ? stock.sums : sumsOver(context, riseMm, wanted, work).sums;
    const chain = chains.chainFor(edgeStockOf(context, sums));
    return { ...option, ...costOf(sums, chain, riseMm, outline.repair.maxDepthMm) };
  });
};

const warningsOf = ({ input, kind, use, angle, outline, stock, work }: Reported): Message[] => {
  const warnings: Message[] = [];
  const { measures } = input;
  const { angleDeg } = angle;
  const { heightLostMm } = outline;
  const { sums, notWorked } = stock;
  if (angleDeg < use.angleDeg[0] - 2) {
    warnings.push(say('warn.angle-low', { angleDeg, use: use.label.toLowerCase() }));
  }
  if (angleDeg > use.angleDeg[1] + 4) {
    warnings.push(say('warn.angle-steep', { angleDeg, use: use.label.toLowerCase() }));
  }
  if (measures.heightHeelMm - heightLostMm < kind.minHeightMm) {
    warnings.push(
      say('warn.spent', {
        heightMm: measures.heightHeelMm - heightLostMm,
        leastMm: kind.minHeightMm,
        kind: kind.label.toLowerCase(),
      }),
    );
  }
  if (notWorked > 0) {
    warnings.push(say('warn.tip-by-eye'));
  }
  const thinningS = work.steps
    .filter(({ operation }) => operation === 'thinning')
    .reduce((sum, { seconds }) => sum + seconds, 0);
  if (thinningS > ABSURD_SECONDS) {
    warnings.push(say('warn.thinning-hours', { minutes: thinningS / 60 }));
  }
  if (sums.thinning.mm3 > 0) {
    warnings.push(say('warn.thinning'));
  }
  return warnings;
};
