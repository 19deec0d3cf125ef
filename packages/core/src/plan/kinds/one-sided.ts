/**
 * One-sided blades with a hollow back: the back first and with very few strokes, the front bevel raised with
 * its ridge, in three finger positions for a clam-shell and one for a flat bevel; back and front in turn at
 * every stone. A left-handed blade is the mirror image. Without a hollow it is another kind, and said to be.
 */
import {
  fact,
  fail,
  ok,
  perSide,
  radians,
  said,
  toDegrees,
  toRadians,
  type Result,
} from '../../units';
import { BEVEL_ROLES, hollowBackSide, sectionFromSides, type SidePoint } from '../../section';
import { forTask } from '../../abrasive';
import { hollowAfter, hollowChordMm, tapMm, visitsWithRim, type HollowBack } from '../../one-sided';
import { numberAnswer } from '../../intake';
import {
  faceCut,
  flatCut,
  frontSide,
  otherSide,
  topOf,
  withinPlay,
  type MicroWanted,
  type Place,
  type Shape,
  type Stage,
  type StrategyInput,
} from '../cuts';
import type { StepMaker } from '../steps';
import {
  BACK_BURR_STROKES,
  BACK_STROKES,
  BACK_TAKES_MM,
  BACK_UM,
  CLAM_AT,
  CLAM_DEG,
  USUAL_HOLLOW,
} from './first-guesses';
import { joint, microStage } from './parts';
import type { BladeStrategy } from './strategy';

/** A micro bevel by kind: large on a heavy fish knife, hair-thin or none on the others. */
const MICRO_OF: Readonly<Record<string, MicroWanted | null>> = {
  'fish-one-sided': { aboveDeg: 5, faceMm: 0.25 },
  'slicing-one-sided': { aboveDeg: 3, faceMm: 0.05 },
  'vegetable-one-sided': { aboveDeg: 3, faceMm: 0.05 },
  leather: null,
};

export interface BackAsFound {
  readonly isHollow: boolean;
  readonly back: HollowBack;
  /** Rim at the spine, mm. */
  readonly spineRimMm: number;
  /** Nobody measured the hollow: the usual stands in. */
  readonly isAssumed: boolean;
}

/** The back as it was measured, or the usual of such blades. */
export const backOf = (input: StrategyInput): BackAsFound => {
  const { answers } = input;
  const heightMm = input.input.measures.heightMiddleMm;
  const widthMm = numberAnswer(answers, 'hollowWidthMm');
  const depthMm = numberAnswer(answers, 'hollowDepthMm');
  const width = widthMm ?? USUAL_HOLLOW.widthShare * heightMm;
  const depth = depthMm ?? USUAL_HOLLOW.depthMm;
  const test = answers['backTest'];
  return {
    isHollow:
      test === undefined || test === 'light in the middle' || test === 'light only at the edge',
    back: {
      radiusMm: (width ** 2 / 4 + depth ** 2) / (2 * depth),
      depthMm: depth,
      edgeRimMm:
        numberAnswer(answers, 'rimEdgeMm') ??
        (test === 'light only at the edge' ? 0 : USUAL_HOLLOW.rimMm),
    },
    spineRimMm: numberAnswer(answers, 'rimSpineMm') ?? USUAL_HOLLOW.rimMm,
    isAssumed: widthMm === null || depthMm === null,
  };
};

const formOf = (input: StrategyInput): 'clam-shell' | 'flat' =>
  input.input.choices.kind.frontForm ??
  (input.kind.id === 'fish-one-sided' ? 'clam-shell' : 'flat');

interface Facet {
  readonly angleDeg: number;
  readonly xMm: number;
  readonly yMm: number;
}

/** The facets of a front bevel of that height from an apex at (0, y): one, or three that fall towards the ridge. */
const facetsOf = (
  form: 'clam-shell' | 'flat',
  angleDeg: number,
  apexMm: number,
  heightMm: number,
  xMm = 0,
): Facet[] => {
  if (form === 'flat') return [{ angleDeg, xMm, yMm: apexMm }];
  const steps = [angleDeg + CLAM_DEG, angleDeg, angleDeg - CLAM_DEG];
  const facets: Facet[] = [];
  let [x, y] = [xMm, apexMm];
  steps.forEach((deg, index) => {
    facets.push({ angleDeg: deg, xMm: x, yMm: y });
    const next = apexMm + (CLAM_AT[index] ?? 1) * heightMm;
    x += (next - y) * Math.tan(toRadians(perSide(deg)));
    y = next;
  });
  return facets;
};

/** Height of a bevel of that form from the apex to a ridge so thick. */
const bevelHeightOf = (form: 'clam-shell' | 'flat', angleDeg: number, ridgeX: number): number => {
  const tan = (deg: number): number => Math.tan(toRadians(perSide(deg)));
  if (form === 'flat') return ridgeX / tan(angleDeg);
  const [first, second] = CLAM_AT;
  const mean =
    first * tan(angleDeg + CLAM_DEG) +
    (second - first) * tan(angleDeg) +
    (1 - second) * tan(angleDeg - CLAM_DEG);
  return ridgeX / mean;
};

export const oneSided = (input: StrategyInput): BladeStrategy => {
  const front = frontSide(input.answers);
  const rear = otherSide(front);
  const { measures, choices } = input.input;
  const state = backOf(input);
  const form = formOf(input);
  const isLeather = input.kind.id === 'leather';

  const ridgeXAt = ({ heightMm, thicknessMm, exact }: Place): number => {
    const measured = measures.thicknessBehindEdgeMm;
    const tan = Math.tan(toRadians(perSide(input.presentDeg)));
    return exact
      ? withinPlay(measured, thicknessMm)
      : Math.min(measured, 0.97 * thicknessMm, 0.9 * heightMm * tan);
  };

  const shapeAt = (place: Place): Result<Shape> => {
    const { heightMm, thicknessMm, exact } = place;
    const ridgeX = ridgeXAt(place);
    const bevelMm = bevelHeightOf(form, input.presentDeg, ridgeX);
    if (bevelMm >= heightMm || ridgeX > thicknessMm) {
      return fail(
        'IMPOSSIBLE_BEVEL',
        ridgeX > thicknessMm
          ? `The ridge cannot be thicker (${ridgeX} mm) than the spine (${thicknessMm} mm)`
          : `A front bevel of ${input.presentDeg.toFixed(1)}° to a ridge ${ridgeX.toFixed(2)} mm thick is ${bevelMm.toFixed(1)} mm high and does not fit a blade of ${heightMm} mm`,
        'thicknessBehindEdgeMm',
      );
    }
    const facets = facetsOf(form, input.presentDeg, 0, bevelMm);
    const frontPoints: SidePoint[] = [
      ...facets.map(({ xMm, yMm }): SidePoint => ({ xMm, yMm, face: 'bevel' })),
      { xMm: ridgeX, yMm: bevelMm, face: 'upper' },
      { xMm: Math.max(ridgeX, thicknessMm), yMm: heightMm, face: 'upper' },
    ];
    const scale = heightMm / measures.heightMiddleMm;
    const chord = Math.min(scale, 1) * hollowChordMm(state.back.radiusMm, state.back.depthMm);
    const depth =
      state.back.radiusMm - Math.sqrt(Math.max(0, state.back.radiusMm ** 2 - chord ** 2 / 4));
    const flat: SidePoint[] = [
      { xMm: 0, yMm: 0, face: 'back' },
      { xMm: 0, yMm: heightMm, face: 'back' },
    ];
    const hollow = state.isHollow
      ? hollowBackSide(heightMm, Math.max(0.01, state.back.edgeRimMm), state.back.radiusMm, depth)
      : ok(flat);
    if (!hollow.ok && exact)
      return { ...hollow, error: { ...hollow.error, field: 'hollowWidthMm' } };
    const back = hollow.ok ? hollow.value : flat;
    const section =
      front === 'right' ? sectionFromSides(frontPoints, back) : sectionFromSides(back, frontPoints);
    const upper = Math.atan((thicknessMm - ridgeX) / (heightMm - bevelMm));
    return ok({
      section,
      primaryDeg: toDegrees(radians(Math.max(0, upper))),
      bevelHeightMm: bevelMm,
    });
  };

  const backRise = (angleDeg: number): number =>
    BACK_TAKES_MM / Math.tan(toRadians(perSide(angleDeg)));

  const tapping = choices.kind.tapForRimMm;
  const tapsMm = tapping === null || !state.isHollow ? null : tapMm(state.back, tapping);

  const backStone = (make: StepMaker) => {
    const stones = forTask(make.input.rack, 'edge');
    const [finest, coarsest] = BACK_UM;
    const middle = Math.sqrt(finest * coarsest);
    const off = (um: number): number => Math.abs(Math.log(um / middle));
    return [...stones].sort((a, b) => off(a.um) - off(b.um))[0];
  };

  const frontWords =
    form === 'clam-shell'
      ? 'Three finger positions, a third of the strokes each: at the edge, at the lamination line, under the ridge. The bevel rolls from one to the next without a facet.'
      : isLeather
        ? 'The wide bevel lies flat on the stone; fingers in the middle of it, no rocking: a rounded bevel does not skive.'
        : 'The bevel lies flat on the stone; fingers in the middle position only, over the lamination line.';

  return {
    approaches: ['keep', 'by-use', 'lowest-clear'],
    guidedDeg: null,
    isThinned: false,
    byStation: false,
    shoulderLabel: 'At the ridge',
    microUsual: MICRO_OF[input.kind.id] ?? null,
    shapeAt,
    groundAt: (angleDeg) => [{ side: front, angleDeg, share: 1 }],
    spineOffsetMm: (thicknessMm) => thicknessMm,
    extraRiseMm: backRise,
    stagesFor: (shape, riseMm, wanted) => {
      if (wanted.angleDeg <= shape.primaryDeg + (form === 'clam-shell' ? CLAM_DEG : 0)) {
        return fail(
          'CUT_DOES_NOT_CLOSE',
          `A front bevel of ${wanted.angleDeg}° never meets an upper face that leans ${shape.primaryDeg.toFixed(2)}°`,
          'choices.angleDeg',
        );
      }
      const stages: Stage[] = [
        joint(riseMm),
        {
          id: 'back',
          cuts: [flatCut(rear, -BACK_TAKES_MM, 'flattened rim')],
        },
        {
          id: 'edge',
          cuts: facetsOf(form, wanted.angleDeg, riseMm, shape.bevelHeightMm, BACK_TAKES_MM).map(
            ({ angleDeg, xMm, yMm }) => faceCut(front, angleDeg, xMm, yMm, 'new bevel'),
          ),
        },
      ];
      if (wanted.micro) {
        const ground = [{ side: front, angleDeg: wanted.angleDeg, share: 1 }];
        stages.push(microStage(ground, riseMm, wanted.micro, BACK_TAKES_MM));
      }
      return ok(stages);
    },
    steps: (make, work) => {
      const body = backStone(make);
      const isFew = (strokes: number, title: string, instruction: string, removeMm3: number) =>
        body
          ? make.few(body, [rear], strokes, removeMm3, {
              title,
              instruction,
              zone: 'the back, on its rims',
              angleDeg: 0,
              check:
                'The rim stays narrow and even: pressure moves away from the side that widens.',
              caution: 'Flatten the stone first: a hollow stone rounds the back for good.',
            })
          : [];
      return [
        ...(tapsMm === null
          ? []
          : make.hand('tapping', 40, {
              title: `Tap the back out by ${tapsMm.toFixed(2)} mm`,
              instruction: `Light taps on the soft layer of the front, clear of the lamination line and never on the hard steel, over a rounded anvil: the steel must move ${tapsMm.toFixed(2)} mm at ${tapping} mm from the edge. Check against a straightedge every few taps; in the cold warm the blade in the hand, never near tempering heat. Then flatten the back on a coarse flat stone.${isLeather ? ' The neck bends if it is pressed: hold the blade, not the neck.' : ''}`,
              zone: 'the soft layer of the front, heel to tip',
              check:
                'Straightedge across the back: the rim at the edge touches along its whole length.',
              before: `A flat rim of ${tapping} mm runs heel to tip, and no crack is seen under a glass.`,
              caution:
                'Rare and risky: the hard layer can crack. Only with the owner’s yes in writing. Goggles on.',
            })),
        ...make.outline(),
        ...isFew(
          BACK_STROKES,
          body ? `The back first, on ${body.name}` : '',
          `Dead flat, ${BACK_STROKES} light strokes: where the edge leans to the back it is pushed to the front. ${state.isHollow ? 'No more: every stroke eats the rim’s future.' : 'There is no hollow here: the whole back drags, so keep it to these.'}`,
          work.sums.back.mm3,
        ),
        ...make.edge(
          (stone, index) => ({
            zone: 'the front bevel, edge to ridge',
            instruction:
              index === 0
                ? `${frontWords} Until a burr runs along the back from heel to tip.`
                : `${frontWords} Until the scratches of the stone before are gone.`,
            burrOn: [rear],
            check:
              index === 0
                ? 'Burr on the back, heel to tip; the ridge one even line.'
                : 'Even haze or shine from edge to ridge.',
            caution:
              stone.speedMPerS !== undefined
                ? 'Never the back on a belt.'
                : 'Feel for the burr on the back, away from the edge.',
          }),
          (_stone, index) =>
            index === 0
              ? []
              : isFew(
                  BACK_BURR_STROKES,
                  `Back again, ${BACK_BURR_STROKES} strokes`,
                  'Flat, weight of the hand: only the burr of this stone goes. Back and front in turn at every grain.',
                  0,
                ),
        ),
        ...make.micro({
          instruction: `Flex the edge sideways on a nail first: if it gives and springs back, a few strokes at ${(work.angleDeg + (work.micro?.aboveDeg ?? 0)).toFixed(1)}° on the front only; if it stands, leave it out.`,
          zone: 'the very edge of the front',
          burrOn: [rear],
        }),
        ...(input.answers['finishWish'] === 'the maker’s finish'
          ? make.hand('faces', 6, {
              title: 'Contrast of cladding and core',
              instruction:
                'Loose mud of a soft stone on paper or a finger stone along the front: the soft cladding hazy, the hard steel bright.',
              zone: 'the front bevel',
              check: 'Haze even up to the lamination line.',
            })
          : []),
        ...make.deburr({
          instruction:
            'Front at the bevel, back dead flat, in turn, weight of the hand only, until no burr is felt on either.',
        }),
        ...make.strop({
          instruction: 'Front at the bevel, back flat, on a hard back: a soft one rounds the back.',
        }),
        ...make.wash(),
      ];
    },
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
      const next = hollowAfter(state.back, visit, 1);
      const left = visitsWithRim(state.back, visit);
      const inputs = [
        { label: 'Rim at the edge now', value: state.back.edgeRimMm, unit: 'mm' as const },
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
      const warnings: string[] = [];
      const measured = numberAnswer(input.answers, 'ridgeRightMm');
      const reckoned = bevelHeightOf(form, input.presentDeg, measures.thicknessBehindEdgeMm);
      if (measured !== null && Math.abs(measured / reckoned - 1) > 0.1) {
        warnings.push(
          `The ridge was measured at ${measured} mm; thickness and angle put it at ${reckoned.toFixed(1)} mm. One of the three is off: measure again.`,
        );
      }
      if (!state.isHollow) {
        warnings.push(
          'The back showed no hollow: it is treated as a plain flat back, another kind of blade.',
        );
      } else if (state.isAssumed) {
        warnings.push('The hollow was not measured: the usual of such a blade stands in.');
      }
      if (state.isHollow && state.back.edgeRimMm <= 0) {
        warnings.push(
          'The hollow has reached the edge: tap the back out with the owner’s yes, or send it on.',
        );
      }
      if (input.answers['backBevel'] === 'wide') {
        warnings.push(
          state.isHollow
            ? 'A wide bevel on a truly hollow back is past neglect: it goes little by little, a few strokes a visit.'
            : 'The back carries a wide bevel of its own: keep it as it is, and hold the blade to it for the burr.',
        );
      }
      if (tapsMm !== null)
        warnings.push('Tapping out may crack the blade: get the owner’s yes in writing first.');
      return warnings;
    },
  };
};
