import { fact, said } from '../../../units';
import { say, type Message } from '../../../text';
import { BEVEL_ROLES } from '../../../section';
import { hollowAfter, visitsWithRim } from '../../../one-sided';
import { numberAnswer } from '../../../intake';
import { topOf, type StrategyInput } from '../../cuts';
import { BACK_TAKES_MM } from '../first-guesses';
import { backAtWork, backOf, formOf, tapDepthMm } from './back';
import { bevelHeightOf } from './geometry';
import type { Findings } from '../strategy';
import { STRINGS } from '../strings';

/** What a colleague would ask of a one-sided blade: its ridge, its rim, the visits left in it. */
export const oneSidedFindings = (input: StrategyInput): Findings => {
  const state = backOf(input);
  const form = formOf(input);
  const { measures } = input.input;
  const tapping = input.input.choices.kind.tapForRimMm;
  const tapsMm = tapDepthMm(input);
  return {
    shoulderLabel: STRINGS.atTheRidge,
    facts: (work) => {
      const before = work.shape.bevelHeightMm;
      const after = topOf(work.stages.at(-1)!.section, { roles: BEVEL_ROLES }) ?? before;
      const lean = work.shape.primaryDeg;
      const visit = {
        backRemovedMm: BACK_TAKES_MM,
        apexRiseMm: work.apexRiseMm,
      };
      const geometry = STRINGS.geometryOfOneSidedBlades;
      const facts = [
        fact(
          'Ridge goes up by',
          said(
            after - before,
            'mm',
            STRINGS.theBevelIsCarriedUpWith,
            [
              { label: STRINGS.cApexRiseHalfWay, value: work.riseMm, unit: 'mm' },
              { label: STRINGS.thetaFrontBevel, value: work.angleDeg, unit: '° per side' },
              { label: STRINGS.psiLeanOfTheUpperFace, value: lean, unit: '° per side' },
            ],
            STRINGS.cTanThetaTanThetaTan,
            geometry,
          ),
        ),
        fact(
          'Ridge above the new edge',
          said(after - work.riseMm, 'mm', STRINGS.whereTheFrontBevelEndsAfter, [
            { label: STRINGS.beforeAboveTheOldEdge, value: before, unit: 'mm' },
          ]),
        ),
      ];
      if (!state.isHollow) return facts;
      const back = backAtWork(input);
      const next = hollowAfter(back, visit, 1);
      const left = visitsWithRim(back, visit);
      const inputs = [
        {
          label: tapsMm === null ? STRINGS.rimAtTheEdgeNow : STRINGS.rimTappedOut,
          value: back.edgeRimMm,
          unit: 'mm' as const,
        },
        { label: STRINGS.depthOfTheHollow, value: state.back.depthMm, unit: 'mm' as const },
        { label: STRINGS.radiusOfTheHollow, value: state.back.radiusMm, unit: 'mm' as const },
        { label: STRINGS.deltaOffTheBackAVisit, value: BACK_TAKES_MM, unit: 'mm' as const },
        { label: STRINGS.cApexRiseAVisit, value: visit.apexRiseMm, unit: 'mm' as const },
      ];
      return [
        ...facts,
        fact(
          'Rim after this visit',
          said(
            next.edgeRimMm,
            'mm',
            STRINGS.theHollowNarrowsAsTheBack,
            inputs,
            STRINGS.rimWW2C,
            geometry,
          ),
        ),
        ...(left === null
          ? []
          : [
              fact(
                'Visits until the rim is gone',
                said(left, '', STRINGS.visitsLikeThisOneThisOne, inputs, undefined, geometry),
              ),
            ]),
        ...(tapsMm === null
          ? []
          : [
              fact(
                'Steel to be moved',
                said(
                  tapsMm,
                  'mm',
                  STRINGS.theDepthOfTheHollowInside(tapping),
                  inputs,
                  undefined,
                  geometry,
                ),
              ),
            ]),
      ];
    },
    warnings: () => {
      const warnings: Message[] = [];
      const measured = numberAnswer(input.answers, 'ridgeRightMm');
      const reckoned = bevelHeightOf(form, input.presentDeg, measures.thicknessBehindEdgeMm);
      if (measured !== null && Math.abs(measured / reckoned - 1) > 0.1) {
        warnings.push(say('warn.one-sided.ridge', { measuredMm: measured, computedMm: reckoned }));
      }
      if (!state.isHollow) {
        warnings.push(say('warn.one-sided.no-hollow'));
      } else if (state.isAssumed) {
        warnings.push(say('warn.one-sided.hollow-typical'));
      }
      if (state.isHollow && state.back.edgeRimMm <= 0) {
        warnings.push(say('warn.one-sided.rim-gone'));
      }
      if (input.answers['backBevel'] === 'wide') {
        warnings.push(
          state.isHollow
            ? say('warn.one-sided.back-bevel-hollow')
            : say('warn.one-sided.back-bevel'),
        );
      }
      if (tapsMm !== null) warnings.push(say('warn.one-sided.tapping'));
      return warnings;
    },
  };
};
