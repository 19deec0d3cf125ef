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

/** What a colleague would ask of a one-sided blade: its ridge, its rim, the visits left in it. */
export const oneSidedFindings = (input: StrategyInput): Findings => {
  const state = backOf(input);
  const form = formOf(input);
  const { measures } = input.input;
  const tapping = input.input.choices.kind.tapForRimMm;
  const tapsMm = tapDepthMm(input);
  return {
    shoulderLabel: 'At the ridge',
    facts: (work) => {
      const before = work.shape.bevelHeightMm;
      const after = topOf(work.stages.at(-1)!.section, { roles: BEVEL_ROLES }) ?? before;
      const lean = work.shape.primaryDeg;
      const visit = {
        backRemovedMm: BACK_TAKES_MM,
        apexRiseMm: work.apexRiseMm,
      };
      const geometry = 'Geometry of one-sided blades';
      const facts = [
        fact(
          'Ridge goes up by',
          said(
            after - before,
            'mm',
            'The bevel is carried up with the apex; where it meets the upper face the ridge stands.',
            [
              { label: 'c, apex rise half way', value: work.riseMm, unit: 'mm' },
              { label: 'θ, front bevel', value: work.angleDeg, unit: '° per side' },
              { label: 'ψ, lean of the upper face', value: lean, unit: '° per side' },
            ],
            'c tan θ / (tan θ − tan ψ), and what the back gave',
            geometry,
          ),
        ),
        fact(
          'Ridge above the new edge',
          said(
            after - work.riseMm,
            'mm',
            'Where the front bevel ends after the work, half way along.',
            [{ label: 'Before, above the old edge', value: before, unit: 'mm' }],
          ),
        ),
      ];
      if (!state.isHollow) return facts;
      const back = backAtWork(input);
      const next = hollowAfter(back, visit, 1);
      const left = visitsWithRim(back, visit);
      const inputs = [
        {
          label: tapsMm === null ? 'Rim at the edge now' : 'Rim tapped out',
          value: back.edgeRimMm,
          unit: 'mm' as const,
        },
        { label: 'Depth of the hollow', value: state.back.depthMm, unit: 'mm' as const },
        { label: 'Radius of the hollow', value: state.back.radiusMm, unit: 'mm' as const },
        { label: 'δ, off the back a visit', value: BACK_TAKES_MM, unit: 'mm' as const },
        { label: 'c, apex rise a visit', value: visit.apexRiseMm, unit: 'mm' as const },
      ];
      return [
        ...facts,
        fact(
          'Rim after this visit',
          said(
            next.edgeRimMm,
            'mm',
            'The hollow narrows as the back comes off, and the edge comes up to meet it.',
            inputs,
            'rim + (W − W′) / 2 − c',
            geometry,
          ),
        ),
        ...(left === null
          ? []
          : [
              fact(
                'Visits until the rim is gone',
                said(
                  left,
                  '',
                  'Visits like this one, this one included, before the hollow reaches the edge.',
                  inputs,
                  undefined,
                  geometry,
                ),
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
                  `The depth of the hollow ${tapping} mm inside its margin: so far the steel must come out for a rim of that width.`,
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
