/**
 * Situations of the bench, each with what its plan must not hold: what a plan can show of it. Where a condition holds, a
 * practitioner of that school would not sign the plan.
 */
import { PRACTICE_CASES } from '../../test/practice-cases';
import { calculateAll, type PlanResult, type ResultStep } from '../index';

type Case = keyof typeof PRACTICE_CASES;
type WrongIf = readonly [
  what: string,
  holds: (steps: readonly ResultStep[], plan: PlanResult) => boolean,
];

const planOf = (name: Case): PlanResult => {
  const answer = calculateAll('plan', PRACTICE_CASES[name]) as unknown as PlanResult & {
    error?: object;
  };
  expect(answer.error).toBeUndefined();
  return answer;
};

const of = (steps: readonly ResultStep[], ...operations: string[]): ResultStep[] =>
  steps.filter(({ operation }) => operations.includes(operation));
/** Those that work steel. */
const onStones = (steps: readonly ResultStep[]): ResultStep[] =>
  steps.filter(
    ({ um, operation }) => um !== null && operation !== 'strop' && operation !== 'finish',
  );
const first = (steps: readonly ResultStep[], ...operations: string[]): number =>
  steps.findIndex(({ operation }) => operations.includes(operation));
const last = (steps: readonly ResultStep[], ...operations: string[]): number =>
  steps.findLastIndex(({ operation }) => operations.includes(operation));
const mostN = ({ forceN }: ResultStep): number => forceN?.[1] ?? 0;
const counts = ({ sides }: ResultStep): number[] => sides.map(({ strokes }) => strokes);
const angles = (steps: readonly ResultStep[]): number[] =>
  steps.flatMap(({ sides }) => sides.flatMap(({ angleDeg }) => angleDeg ?? []));
const unequal = (steps: readonly ResultStep[], share = 0.1): boolean =>
  steps.some((step) => {
    const [a = 0, b = a] = counts(step);
    return Math.abs(a - b) > share * Math.max(a, b);
  });
const rises = (values: readonly number[]): boolean =>
  values.some((value, index) => index > 0 && value > values[index - 1]! + 1e-9);
const longestRound = (step: ResultStep): number =>
  Math.max(0, ...step.rounds.filter(({ zone }) => zone === null).map(({ count }) => count));
const ums = (steps: readonly ResultStep[]): number[] => steps.flatMap(({ um }) => um ?? []);
const says = ({ title, instruction, check }: ResultStep, what: RegExp): boolean =>
  what.test(`${title} ${instruction} ${check}`);
/** Lifts of a step that are told, in their order from the heel. */
const lifted = ({ lifts }: ResultStep): number[] => lifts.flatMap(({ liftMm }) => liftMm ?? []);
const hasOneLift = (steps: readonly ResultStep[]): boolean =>
  of(steps, 'edge', 'refine').some((step) => {
    const all = lifted(step);
    return all.length > 1 && Math.max(...all) - Math.min(...all) < 0.2;
  });
const without =
  (...operations: string[]): WrongIf[1] =>
  (steps) =>
    of(steps, ...operations).length > 0;

const WRONG_IF: Readonly<Record<Case, readonly WrongIf[]>> = {
  galley: [
    [
      'the lift rises from heel to tip',
      (steps) =>
        of(steps, 'edge', 'refine').some(
          (step) => lifted(step).length === 0 || rises(lifted(step)),
        ),
    ],
    [
      'the stone is used before its bubbles have stopped',
      (steps) => steps.findIndex(({ gate }) => gate.includes('soaked')) > first(steps, 'edge'),
    ],
    [
      'it is rinsed between the edge and the burr of one face',
      (steps) =>
        steps
          .slice(first(steps, 'edge'), first(steps, 'refine'))
          .filter((step) => step.operation === 'ready' && step.stoneId === 'coarse').length > 0,
    ],
    [
      'more than 40 counts run without a feel',
      (steps) => of(steps, 'edge').some((step) => longestRound(step) > 40),
    ],
    [
      'the sides differ by more than a tenth',
      (steps) => unequal(of(steps, 'edge', 'refine', 'deburr')),
    ],
    [
      'the first stone is pressed over 8 N, or a later one harder',
      (steps) => mostN(of(steps, 'edge')[0]!) > 8 || rises(of(steps, 'edge', 'refine').map(mostN)),
    ],
    [
      'the fine face begins before a burr is shown',
      (steps) => !of(steps, 'edge')[0]!.gate.includes('burr everywhere'),
    ],
    ['there is an outline or a thinning', without('outline', 'thinning')],
    [
      'an edge angle lies outside 12 to 14.5°',
      (steps) =>
        angles(of(steps, 'edge', 'refine', 'deburr')).some((deg) => deg < 12 || deg > 14.5),
    ],
    [
      'the burr is not drawn off trailing on a stone that sheds',
      (steps) => of(steps, 'deburr').some(({ direction }) => direction !== 'edge-trailing'),
    ],
  ],
  smith: [
    [
      'one lift serves the whole edge, or a guide is set',
      (steps) => hasOneLift(steps) || steps.some(({ setting }) => setting !== null),
    ],
    [
      'faces come before the line is true',
      (steps) => first(steps, 'faces') < last(steps, 'outline'),
    ],
    ['no edge follows the faces', (steps) => last(steps, 'edge') < last(steps, 'faces')],
    [
      'the high spot has neither a step nor a reason',
      (_steps, { damage }) =>
        damage.some(({ steps, leftBecause }) => steps.length === 0 && leftBecause === null),
    ],
    [
      'a stone trails or circles, or the strop leads',
      (steps) =>
        onStones(steps).some(
          ({ direction }) => direction === 'edge-trailing' || direction === 'circles',
        ) ||
        of(steps, 'strop').some(
          ({ direction }) => direction !== null && direction !== 'edge-trailing only',
        ),
    ],
    [
      'more than three passes a side after the faces',
      (steps) =>
        of(steps.slice(last(steps, 'faces')), 'edge').some((step) => Math.max(...counts(step)) > 3),
    ],
    ['passes right and left differ', (steps) => unequal(onStones(steps), 0)],
    [
      'the main edge is under 14 or over 18°',
      (steps) =>
        angles(of(steps, 'edge').filter(({ um }) => um !== null)).some(
          (deg) => deg < 14 || deg > 18,
        ),
    ],
    [
      'the clip is not at least 4° steeper',
      (steps) =>
        !steps.some(
          (step) =>
            step.operation === 'edge' &&
            says(step, /[Bb]ack edge/) &&
            (step.anglePerSideDeg ?? 24) >= 20,
        ),
    ],
    [
      'a finer stone than 12 µm touches the main edge',
      (steps) => of(steps, 'edge', 'refine').some(({ um }) => um !== null && um < 12),
    ],
    [
      'words about mud stand on an oil stone',
      (steps) => onStones(steps).some((step) => says(step, /\bmud\b/)),
    ],
    [
      'one of two edges lacks its deburring or its strop',
      (steps) => of(steps, 'deburr').length < 2 || of(steps, 'strop').length < 2,
    ],
  ],
  curvedFish: [
    [
      'one lift serves the whole edge, or the middle is not lifted higher than heel and point',
      (steps) =>
        onStones(steps)
          .filter(({ tool, operation }) => tool !== 'belt' && operation === 'refine')
          .some((step) => {
            const all = lifted(step);
            const middle = all[Math.floor(all.length / 2)]!;
            return all.length < 5 || middle <= all[0]! || middle <= all.at(-1)!;
          }),
    ],
    [
      'a lift is shown on a belt',
      (steps) => steps.some((step) => step.tool === 'belt' && lifted(step).length > 0),
    ],
    [
      'zones are worked one after another in one sweep',
      (steps) =>
        steps.some(
          ({ pattern, rounds }) =>
            /sweep/.test(pattern ?? '') && rounds.some(({ zone }) => zone !== null),
        ),
    ],
    ['sweeps right and left differ by more than a tenth', (steps) => unequal(onStones(steps))],
    [
      'a belt leads, is pressed over 5 N, or follows a stone',
      (steps) => {
        const belts = steps.filter(({ tool }) => tool === 'belt');
        const stone = steps.findIndex(({ tool }) => tool === 'water stone');
        return (
          belts.length === 0 ||
          belts.some(
            (step) =>
              step.direction !== 'edge-trailing' || mostN(step) > 5 || steps.indexOf(step) > stone,
          )
        );
      },
    ],
    [
      'the last stone is coarser than 1.5 µm',
      (steps) => ums(of(steps, 'edge', 'refine')).at(-1)! > 1.5,
    ],
    [
      'the stones are lower than the belt, more than 3° above it, or over 18°',
      (steps) => {
        const belt = steps.find(
          ({ tool, operation }) => tool === 'belt' && operation === 'edge',
        )!.anglePerSideDeg!;
        return angles(of(steps, 'edge', 'refine').filter(({ tool }) => tool !== 'belt')).some(
          (deg) => deg < belt || deg > belt + 3 || deg > 18,
        );
      },
    ],
    ['the chip has no step', (_steps, { damage }) => damage[0]!.steps.length === 0],
    [
      'a ratio of the stones is above 3',
      (steps) =>
        ums(of(steps, 'edge', 'refine')).some(
          (um, index, all) => index > 0 && all[index - 1]! / um > 3.01,
        ),
    ],
    [
      'the strop leads, or is held above 16.5°',
      (steps) =>
        of(steps, 'strop').some(
          ({ direction, anglePerSideDeg }) =>
            direction !== 'edge-trailing only' || anglePerSideDeg! > 16.5,
        ),
    ],
    [
      'a trial cut does not stand between belt and hand',
      (steps) => {
        const cut = steps.findIndex(({ gate }) => gate.includes('cuts'));
        return cut < 0 || cut > steps.findIndex(({ tool }) => tool === 'water stone');
      },
    ],
  ],
  canteen: [
    [
      'the burr is taken off on another stone',
      (steps) => of(steps, 'deburr').some(({ um, tool }) => tool === 'water stone' && um !== 25),
    ],
    ['right and left differ by more than a tenth', (steps) => unequal(of(steps, 'edge', 'refine'))],
    ['a stone finer than 8 µm appears', (steps) => ums(onStones(steps)).some((um) => um < 8)],
    [
      'the first stone is pressed over 4 N, or a burr over 1.5',
      (steps) =>
        of(steps, 'edge').some((step) => mostN(step) > 4) ||
        of(steps, 'deburr').some((step) => mostN(step) > 1.5),
    ],
    [
      'there is no scrub of at least four swaps',
      (steps) =>
        !of(steps, 'deburr').some((step) => says(step, /[Ss]crub/) && step.rounds.length - 1 >= 4),
    ],
    [
      'the last strokes on the soft stone lead',
      (steps) => of(steps, 'deburr').at(-1)!.direction !== 'edge-trailing',
    ],
    [
      'it is not rinsed between scrub and trailing strokes',
      (steps) => {
        const scrub = steps.findIndex(
          (step) => step.operation === 'deburr' && says(step, /[Ss]crub/),
        );
        return !steps
          .slice(scrub, last(steps, 'deburr'))
          .some((step) => step.operation === 'ready');
      },
    ],
    [
      'the trailing strokes are raised by more than a degree',
      (steps) => angles(of(steps, 'deburr')).some((deg) => deg > 18),
    ],
    [
      'no paper by zone follows the stone, or its failure leads elsewhere',
      (steps) => {
        const test = steps.find(({ gate }) => gate.includes('cuts'));
        return (
          !test ||
          !/back to coarse/.test(test.before ?? '') ||
          steps.indexOf(test) > first(steps, 'strop')
        );
      },
    ],
    ['there is a thinning, an outline or a micro bevel', without('thinning', 'outline', 'micro')],
  ],
  dagger: [
    [
      'a belt leads or is pressed over 5 N',
      (steps) =>
        steps.some(
          (step) => step.tool === 'belt' && (step.direction !== 'edge-trailing' || mostN(step) > 5),
        ),
    ],
    [
      'one edge has a step the other lacks',
      (steps) => {
        const on = (edge: 'A' | 'B') =>
          steps
            .filter((step) => step.edge === edge)
            .map((step) => `${step.operation} ${step.um} ${counts(step).join()}`);
        return on('A').length === 0 || on('A').join(' | ') !== on('B').join(' | ');
      },
    ],
    [
      'the back is flat on the belt, or above 2°',
      (steps) =>
        of(steps, 'back', 'deburr').some(({ sides }) =>
          sides.some(({ side, angleDeg }) => side === 'left' && (angleDeg! <= 0 || angleDeg! > 2)),
        ),
    ],
    [
      'the back gets more passes than the front',
      (steps) =>
        (['A', 'B'] as const).some((edge) => {
          const passes = (...operations: string[]): number =>
            of(steps, ...operations)
              .filter((step) => step.edge === edge)
              .reduce((sum, step) => sum + Math.max(...counts(step)), 0);
          return passes('back') > passes('edge', 'refine');
        }),
    ],
    [
      'local strokes stand at nick or point instead of full passes',
      (steps) =>
        steps.some((step) => step.rounds.some(({ zone }) => zone !== null)) ||
        of(steps, 'edge').some((step) => !says(step, /Full strokes only/)),
    ],
    [
      'a lift is computed to a spine',
      (steps) => steps.some((step) => says(step, /spine|lift it/i)),
    ],
    [
      'a step opens while the law, the point or the coating is unanswered',
      (steps, { consents }) =>
        ['law', 'point', 'coating'].some(
          (matter) =>
            !consents.some(
              ({ question, asked }) => question === matter && asked[0] === steps[0]!.key,
            ),
        ),
    ],
    [
      'a belt on the back is coarser than the last of the front',
      (steps) => of(steps, 'back').some(({ um }) => um! > ums(of(steps, 'edge', 'refine')).at(-1)!),
    ],
    [
      'the tip has a step of its own, or is run past the belt',
      (steps) =>
        steps.some((step) => /tip back/.test(step.title)) ||
        of(steps, 'edge').some((step) => !says(step, /half the width/)),
    ],
    [
      'more than two belts, a polish under 10 µm, or a micro bevel',
      (steps) =>
        new Set(ums(steps)).size > 2 ||
        ums(steps).some((um) => um < 10) ||
        of(steps, 'micro').length > 0,
    ],
    [
      'mud or water stands on a belt',
      (steps) => steps.some((step) => step.tool === 'belt' && says(step, /\bmud\b/)),
    ],
    ['deburring comes before refining', (steps) => first(steps, 'deburr') < last(steps, 'refine')],
  ],
  campAxe: [
    [
      'a lift from the spine, a rail, a rod or a thickness behind the edge appears',
      (steps) =>
        steps.some(
          (step) =>
            lifted(step).length > 0 ||
            step.setting !== null ||
            says(step, /spine|behind the edge|\brail\b/),
        ),
    ],
    [
      'it is jointed on a stone or plate',
      (steps) => of(steps, 'outline').some(({ tool }) => tool !== 'file'),
    ],
    ['the sides of the file differ', (steps) => unequal(of(steps, 'edge'))],
    [
      'the burr of the file goes to another tool, or is not raised',
      (steps) => {
        const filed = steps.findLastIndex(
          ({ tool, operation }) => tool === 'file' && operation === 'edge',
        );
        const burr = of(steps.slice(filed), 'deburr')[0]!;
        return burr.tool !== 'file' || burr.anglePerSideDeg! <= 17;
      },
    ],
    [
      'a plate comes before the burr of the file is off, or the plates run fine to coarse',
      (steps) => {
        const plates = steps.filter(({ tool }) => tool === 'diamond plate');
        return steps.indexOf(plates[0]!) < first(steps, 'deburr') || rises(ums(plates));
      },
    ],
    [
      'a strop, a soaking stone or what is not marked portable is in the kit',
      (steps) =>
        steps.some(
          ({ tool, gate, stoneId }) =>
            tool === 'strop' || gate.includes('soaked') || stoneId === 'bench',
        ),
    ],
    [
      'circles lead or trail, or never change between flush and raised',
      (steps) => {
        const circles = steps.filter(({ pattern }) => /circles/.test(pattern ?? ''));
        return (
          circles.length === 0 ||
          circles.some(
            (step) => step.direction !== null || !says(step, /flush/) || !says(step, /raised/),
          )
        );
      },
    ],
    [
      'a file step has no glove, or no fingers behind its face',
      (steps) =>
        steps.some(
          ({ tool, caution }) =>
            tool === 'file' &&
            !(/glove/.test(caution ?? '') && /behind the face/.test(caution ?? '')),
        ),
    ],
    [
      'the file is not told by its rise: 250 mm at 17° stand 73 mm up',
      (steps) => !steps.some((step) => says(step, /stands 73 mm above/)),
    ],
    [
      'it is filed outside 15 to 19°, or stands over 22° at the edge',
      (steps) =>
        of(steps, 'edge').some(
          ({ anglePerSideDeg }) => anglePerSideDeg! < 15 || anglePerSideDeg! > 19,
        ) ||
        angles(steps.filter(({ operation }) => operation !== 'outline')).some((deg) => deg > 22),
    ],
    [
      'nothing ends the service of the file before the plates',
      (steps) => {
        const plates = steps.findIndex(({ tool }) => tool === 'diamond plate');
        return !steps
          .slice(0, plates)
          .some((step) => step.operation === 'test' && says(step, /complete service/));
      },
    ],
  ],
  layered: [
    [
      'the first band is below 5 or above 8.5°, or begins in the first 0.3 mm',
      (steps) => {
        const [band] = of(steps, 'thinning');
        return band!.anglePerSideDeg! < 5 || band!.anglePerSideDeg! > 8.5 || band!.bandMm![0] < 0.3;
      },
    ],
    [
      'a later band is not lower',
      (steps) =>
        !rises(
          of(steps, 'thinning')
            .filter(({ title }) => /band/.test(title))
            .map(({ anglePerSideDeg }) => -anglePerSideDeg!),
        ),
    ],
    [
      'a band has no thickness to stop at, or aims under 0.25 mm',
      (steps) =>
        of(steps, 'thinning')
          .filter(({ title }) => /band/.test(title))
          .some(
            ({ afterMm, gate }) =>
              afterMm === null || afterMm < 0.25 || afterMm > 0.35 || !gate.includes('thickness'),
          ),
    ],
    [
      'it takes over 60 mm³ or 60 minutes',
      (steps) => {
        const bands = of(steps, 'thinning');
        const sum = (of_: (step: ResultStep) => number): number =>
          bands.reduce((all, step) => all + of_(step), 0);
        return sum(({ steelMm3 }) => steelMm3) > 60 || sum(({ seconds }) => seconds) > 3600;
      },
    ],
    [
      'the hard stone comes before the soft, or a band is taken under 20 µm',
      (steps) => {
        const bands = of(steps, 'thinning').filter(({ title }) => /band/.test(title));
        return bands[0]!.tool !== 'water stone' || bands.some(({ um }) => um! < 20);
      },
    ],
    [
      'blending is after the edge, dry, or missing',
      (steps) => {
        const blend = steps.findIndex((step) => step.operation === 'faces' && says(step, /wet/i));
        return blend < 0 || blend > first(steps, 'edge');
      },
    ],
    [
      'edge, deburring, strop or washing is missing after the thinning',
      (steps) =>
        ['edge', 'deburr', 'strop', 'wash'].some(
          (operation) => first(steps, operation) < last(steps, 'thinning'),
        ),
    ],
    [
      'the last stone is off and nothing says by how much',
      (steps, { facts }) =>
        ums(of(steps, 'edge', 'refine')).at(-1) !== 5.5 ||
        !facts.some((fact) => /5\.5 µm.*1\.2 times finer/.test(fact)),
    ],
    [
      'a price wider than one to two',
      (_steps, { price }) => price.mostMinor > 2 * price.likelyMinor,
    ],
    [
      'the edge is under 13°',
      (steps) => angles(of(steps, 'edge', 'refine')).some((deg) => deg < 13),
    ],
    [
      'the high spot is not down before the thinning',
      (steps) => first(steps, 'outline') > first(steps, 'thinning') || first(steps, 'outline') < 0,
    ],
  ],
  cook: [
    [
      'the fine face comes before a burr was confirmed on the coarse',
      (steps) => {
        const burr = steps.findIndex(({ gate }) => gate.includes('burr everywhere'));
        return burr < 0 || steps.findIndex(({ um }) => um === 5.5) < burr;
      },
    ],
    ['one lift is given for the whole edge', hasOneLift],
    [
      'circles run on the coarse face, or no burr is taken off after the last',
      (steps) => {
        const circles = steps.findLastIndex(({ pattern }) => /circles/.test(pattern ?? ''));
        return (
          steps.some(({ um, pattern }) => um === 14 && /circles/.test(pattern ?? '')) ||
          last(steps, 'deburr') < circles
        );
      },
    ],
    [
      'a stone leads',
      (steps) => onStones(steps).some(({ direction }) => direction !== 'edge-trailing'),
    ],
    ['left and right differ', (steps) => unequal(onStones(steps), 0)],
    [
      'the force rises, or the last strokes exceed 3 N',
      (steps) =>
        rises(of(steps, 'edge', 'refine').map(mostN)) || mostN(of(steps, 'deburr').at(-1)!) > 3,
    ],
    [
      'the fine face gets more minutes than the coarse',
      (steps) => of(steps, 'refine')[0]!.seconds > of(steps, 'edge')[0]!.seconds,
    ],
    ['there is a thinning, a micro bevel, a strop or a rod', without('thinning', 'micro', 'strop')],
    [
      'it is not soaked, or oil stands anywhere',
      (steps) =>
        !steps.some(({ gate }) => gate.includes('soaked')) ||
        onStones(steps).some((step) => says(step, /\boil\b/)),
    ],
    [
      'more than 90 strokes a side run without a feel',
      (steps) => of(steps, 'edge').some((step) => longestRound(step) > 90),
    ],
  ],
  rigHousehold: [
    [
      'the marker test begins at 17° or below, or on another plate than the finest',
      (steps) => {
        const test = steps.find((step) => step.operation === 'test' && says(step, /[Ii]nk/))!;
        return test.anglePerSideDeg! <= 17 || test.stoneId !== 'p6';
      },
    ],
    [
      'a stone that does not fit the rig is in the chain, or has a setting',
      (steps) => steps.some(({ stoneId }) => stoneId === 'bench'),
    ],
    [
      'thin and thick plates share one pivot',
      (steps) => {
        const pivots = of(steps, 'edge', 'refine').map(({ setting }) =>
          setting!.pivotMm!.toFixed(2),
        );
        return pivots[1] === pivots[2] || pivots[0] === pivots[1];
      },
    ],
    [
      'the second plate comes before a burr is confirmed',
      (steps) => !of(steps, 'edge')[0]!.gate.includes('burr everywhere'),
    ],
    [
      'the jaws are not looked at between two plates',
      (steps) =>
        !steps
          .slice(first(steps, 'edge'), first(steps, 'refine'))
          .some((step) => step.operation === 'ready' && says(step, /[Jj]aws/)),
    ],
    ['left and right differ', (steps) => unequal(onStones(steps), 0)],
    [
      'a plate is more than twice as fine as the one before',
      (steps) =>
        ums(of(steps, 'edge', 'refine')).some(
          (um, index, all) => index > 0 && all[index - 1]! / um > 2.01,
        ),
    ],
    [
      'the force rises or exceeds 6 N',
      (steps) =>
        rises(of(steps, 'edge', 'refine').map(mostN)) ||
        of(steps, 'edge', 'refine').some((step) => mostN(step) > 6),
    ],
    [
      'there is a thinning, a jointing or a micro bevel, or over 0.1 mm of height goes',
      (steps, { heightLostMm }) =>
        of(steps, 'thinning', 'outline', 'micro').length > 0 || heightLostMm > 0.1,
    ],
    [
      'the last before the tests are not single passes in turn',
      (steps) => !/in turn/.test(of(steps, 'deburr').at(-1)!.pattern ?? ''),
    ],
  ],
  bread: [
    [
      'the flat side comes before the scallops',
      (steps) => first(steps, 'refine') < first(steps, 'edge'),
    ],
    [
      'a belt leads',
      (steps) =>
        steps.some(({ tool, direction }) => tool === 'belt' && direction !== 'edge-trailing'),
    ],
    [
      'a belt works the scallops’ side, or the flat side is not held at 8° throughout',
      (steps) =>
        steps
          .filter(({ tool }) => tool === 'belt')
          .some(({ operation, sides }) =>
            operation === 'deburr'
              ? sides.find(({ side }) => side === 'left')!.angleDeg !== 8
              : sides.length !== 1 || sides[0]!.side !== 'left' || sides[0]!.angleDeg !== 8,
          ),
    ],
    [
      'the inclusive figure is not the scallop’s 17 and the facet’s 8',
      (_steps, { figures }) =>
        figures.every(({ unit, value }) => unit !== '° inclusive' || Math.abs(value - 25) > 1e-6),
    ],
    [
      'the dial of the belt is told for the scallops',
      (steps) =>
        of(steps, 'refine')
          .filter(({ tool }) => tool === 'belt')
          .some(({ setting }) => setting !== null && Math.abs((setting.dialDeg ?? 8) - 8) > 1),
    ],
    [
      'the scallops are one lump of strokes, not 30 with a count each',
      (steps) => of(steps, 'edge')[0]!.rounds.length !== 30,
    ],
    [
      'two belts follow each other without the burr pushed back between',
      (steps) => {
        const belts = steps.flatMap(({ tool, operation }, index) =>
          tool === 'belt' && operation === 'refine' ? [index] : [],
        );
        return belts.some(
          (at, index) =>
            index > 0 &&
            !steps
              .slice(belts[index - 1]! + 1, at)
              .some(({ sides }) => sides.some(({ side }) => side === 'right')),
        );
      },
    ],
    [
      'a belt has more than 5 passes, the flat side more than 12',
      (steps) => {
        const passes = of(steps, 'refine')
          .filter(({ tool }) => tool === 'belt')
          .flatMap(counts);
        return Math.max(...passes) > 5 || passes.reduce((a, b) => a + b, 0) > 12;
      },
    ],
    [
      'the scallops end coarser than 25 µm while the flat side ends at 15',
      (steps) => ums(steps.filter(({ rounds }) => rounds.length === 30)).at(-1)! > 25,
    ],
    [
      'a wheel whose round is larger than 24 mm is chosen, or a brush leads',
      (steps) =>
        !says(of(steps, 'ready')[0]!, /up to 24 mm/) ||
        steps.some(({ tool, direction }) => tool === 'brush' && direction !== 'edge-trailing'),
    ],
    [
      'the brush’s own caution is missing at its first step',
      (steps) => !/wires/.test(steps.find(({ tool }) => tool === 'brush')!.caution ?? ''),
    ],
    [
      'no goggles are asked for at a belt',
      (steps) =>
        steps.some(
          ({ tool, caution }) => tool === 'belt' && !/[Ee]ye|[Gg]oggles/.test(caution ?? ''),
        ),
    ],
  ],
  carving: [
    [
      'faces are worked after the strop',
      (steps) => last(steps, 'faces') > first(steps, 'strop') && last(steps, 'faces') >= 0,
    ],
    [
      'it is not oiled at the end, or not soaked at the beginning',
      (steps) =>
        !says(of(steps, 'wash').at(-1)!, /oil/) ||
        !steps.some(({ gate }) => gate.includes('soaked')),
    ],
    [
      'a stone has another angle than the bevel',
      (steps) =>
        angles(of(steps, 'edge', 'refine', 'deburr')).some((deg) => Math.abs(deg - 12.1) > 0.01),
    ],
    ['there is a micro bevel, a thinning or a jointing', without('micro', 'thinning', 'outline')],
    [
      'stones trail, or the strop leads',
      (steps) =>
        of(steps, 'edge', 'refine').some(({ direction }) => direction !== 'edge-leading') ||
        of(steps, 'strop').some(({ direction }) => direction !== 'edge-trailing only'),
    ],
    [
      'right, left and alternating counts of a round are not the same N',
      (steps) =>
        of(steps, 'edge', 'refine').some(({ rounds }) => {
          const whole = rounds
            .filter(({ zone }) => zone === null)
            .slice(0, 3)
            .map(({ count }) => count);
          return new Set(whole).size > 1;
        }),
    ],
    [
      'the part at the handle gets no more than the rest',
      (steps) =>
        of(steps, 'edge', 'refine').some(
          ({ rounds }) => !rounds.some(({ zone }) => zone === 'heel'),
        ),
    ],
    [
      'more than 60 strokes a side before a look',
      (steps) => of(steps, 'edge', 'refine').some((step) => longestRound(step) > 60),
    ],
    [
      'the strop has fewer than 30 laps, or an angle above the bevel',
      (steps) =>
        of(steps, 'strop').some(
          (step) => Math.min(...counts(step)) < 30 || step.anglePerSideDeg! > 12.1,
        ),
    ],
    [
      'the passes for bite come before the strop, or exceed 12',
      (steps) => {
        const bite = steps.findIndex((step) => says(step, /smooth hard edge/));
        return bite < last(steps, 'strop') || counts(steps[bite]!).reduce((a, b) => a + b, 0) > 12;
      },
    ],
  ],
  leftSlicer: [
    ['the first stone is on the front', (steps) => onStones(steps)[0]!.operation !== 'back'],
    [
      'the back has an angle, over 6 N, over 8 strokes, or 40 in all',
      (steps) => {
        const backs = of(steps, 'back');
        return (
          backs.some(
            (step) =>
              step.anglePerSideDeg !== 0 || mostN(step) > 6 || Math.max(...counts(step)) > 8,
          ) || backs.flatMap(counts).reduce((a, b) => a + b, 0) > 40
        );
      },
    ],
    [
      'a stone coarser than 15 µm touches the back',
      (steps) => ums(of(steps, 'back')).some((um) => um > 15),
    ],
    [
      'the back ends coarser than the front, or a front grain has no back step',
      (steps) =>
        ums(of(steps, 'back')).at(-1)! > ums(of(steps, 'refine')).at(-1)! ||
        of(steps, 'refine').some(({ um }) => !of(steps, 'back').some((back) => back.um === um)),
    ],
    [
      'a grain begins without flattening',
      (steps) =>
        of(steps, 'edge', 'refine').some(
          (step) =>
            !steps
              .slice(0, steps.indexOf(step))
              .some(({ stoneId, gate }) => stoneId === step.stoneId && gate.includes('flat')),
        ),
    ],
    [
      'the front is named as the right side',
      (steps) =>
        of(steps, 'edge', 'refine').some(({ sides }) => sides.some(({ side }) => side === 'right')),
    ],
    [
      'under the ridge and at the edge share an angle, or the middle comes first on the last stone',
      (steps) => {
        const front = of(steps, 'edge', 'refine');
        const held = (position: number): (number | null)[] =>
          front.filter((step) => step.position === position).map((step) => step.anglePerSideDeg);
        const last = front.filter(({ um }) => um === front.at(-1)!.um);
        return (
          held(1).length === 0 ||
          held(1).some((deg) => held(3).includes(deg)) ||
          last.findIndex(({ position }) => position === 2) < 2
        );
      },
    ],
    [
      'the micro bevel comes before the edge was flexed, or stands above 20°',
      (steps) => {
        const micro = first(steps, 'micro');
        const flexed = steps.findIndex((step) => says(step, /on a nail/));
        return micro >= 0 && (flexed < 0 || flexed > micro || angles(of(steps, 'micro'))[0]! > 20);
      },
    ],
    [
      'mud is kept on the coarse stone, or rinsed off while the front is joined',
      (steps) =>
        of(steps, 'edge', 'refine').some(
          (step) =>
            (step.um === 14 && says(step, /Keep the mud/)) ||
            (step.position === 2 && says(step, /Rinse the mud/)),
        ),
    ],
    [
      'the ridge does not go up with the edge',
      (_steps, { facts, heightLostMm }) => {
        const ridge = Number(/Ridge goes up by: ([\d.]+)/.exec(facts.join('; '))![1]);
        // The back gives the edge a little of its rise by itself.
        return ridge < 0.4 * heightLostMm || ridge > 1.6 * heightLostMm;
      },
    ],
  ],
  ridged: [
    [
      'a thinning comes before the high spot is down',
      (steps) => first(steps, 'outline') < 0 || first(steps, 'outline') > first(steps, 'thinning'),
    ],
    [
      'thinning goes to a burr, or the line of the old bevel is not looked for',
      (steps) =>
        of(steps, 'thinning').some(
          ({ title, gate }) =>
            gate.some((each) => /burr/.test(each)) ||
            (/band/.test(title) && !gate.includes('remnant')),
        ),
    ],
    [
      'band 1 is narrower than 2 mm or begins above 1 mm from the edge, or the bands share an angle',
      (steps) => {
        const bands = of(steps, 'thinning').filter(({ title }) => /band/.test(title));
        const [from, to] = bands[0]!.bandMm!;
        return (
          bands.length < 2 ||
          to - from < 2 ||
          from > 1 ||
          bands[0]!.anglePerSideDeg! - bands[1]!.anglePerSideDeg! < 0.5
        );
      },
    ],
    [
      'more than 0.30 mm is left 1 mm above the edge, or one side alone is thinned',
      (steps) => {
        const [band] = of(steps, 'thinning');
        const [from] = band!.bandMm!;
        const tan = (deg: number) => Math.tan((deg * Math.PI) / 180);
        // Up the old bevel of 15°, then up the band.
        const leftMm = 2 * (from * tan(15) + (1 - from) * tan(band!.anglePerSideDeg!));
        return leftMm > 0.3 || of(steps, 'thinning').some(({ sides }) => sides.length !== 2);
      },
    ],
    [
      'the hard medium stone follows a finer one, or is left out before the soft',
      (steps) => {
        const hard = steps.findIndex((step) => step.operation === 'thinning' && step.um === 14);
        const soft = steps.findIndex((step) => step.operation === 'thinning' && step.um === 11.5);
        return (
          hard < 0 || soft < hard || of(steps.slice(0, hard), 'thinning').some(({ um }) => um! < 14)
        );
      },
    ],
    [
      'the 5.5 µm works above the lamination line, or the bevel is left at 57 or 14 µm',
      (steps) =>
        ums(of(steps, 'thinning')).at(-1)! >= 14 ||
        !steps.some(
          (step) => step.um === 5.5 && step.operation === 'faces' && says(step, /lamination line/),
        ),
    ],
    [
      'a low spot is blended dry, or before the hard stone showed it',
      (steps) => {
        const blend = steps.findIndex(({ title }) => /Blend the low spots/.test(title));
        const found = steps.findIndex(({ title }) => /Find the low spots/.test(title));
        return blend < found || found < 0 || !says(steps[blend]!, /wet/i);
      },
    ],
    [
      'the edge is worked before the primary bevel is done',
      (steps) => first(steps, 'edge') < last(steps, 'thinning'),
    ],
    [
      'the finish is coarser than 8 µm or finer than 3',
      (steps) => {
        const um = ums(of(steps, 'edge', 'refine')).at(-1)!;
        return um > 8 || um < 3;
      },
    ],
    [
      'thinning right and left differ by more than a fifth',
      (steps) => unequal(of(steps, 'thinning'), 0.2),
    ],
  ],
  tapped: [
    [
      'a tap or a stone stands before the customer’s yes',
      (steps, { consents }) => {
        const asked = consents.find(({ question }) => question === 'tapping')?.asked[0];
        const at = steps.findIndex(({ key }) => key === asked);
        return at < 0 || steps.slice(0, at).some(({ um }) => um !== null);
      },
    ],
    [
      'a stone stands before the tapping',
      (steps) =>
        first(steps, 'tapping') < 0 ||
        onStones(steps).some((step) => steps.indexOf(step) < first(steps, 'tapping')),
    ],
    [
      'the back has an angle, or ends coarser than the bevel',
      (steps) => angles(of(steps, 'back')).some((deg) => deg !== 0),
    ],
    [
      'a strop stands above 18°, or the finer comes first',
      (steps) =>
        angles(of(steps, 'strop')).some((deg) => deg > 18) || rises(ums(of(steps, 'strop'))),
    ],
    ['a stone is pressed over 10 N', (steps) => onStones(steps).some((step) => mostN(step) > 10)],
    [
      'the taps come under 3.5 mm up the face, onto the hard layer, or into the ends',
      (steps) => {
        const [tapped] = of(steps, 'tapping');
        return (
          tapped!.bandMm![0] < 3.5 ||
          tapped!.bandMm![0] < 2.75 + 1 ||
          !says(tapped!, /middle 24 mm, the last 6 mm at either end spared/)
        );
      },
    ],
    [
      'more than five taps go without a look, or more than forty before the back is laid down',
      (steps) =>
        !says(of(steps, 'tapping')[0]!, /never more than 40 taps/) ||
        !says(of(steps, 'tapping')[0]!, /every 3 to 5 taps/),
    ],
    [
      'it is tapped cold, or heated',
      (steps) => {
        const before = steps.slice(0, first(steps, 'tapping'));
        return !before.some(
          (step) => says(step, /Hand-warm, 25–40 °C/) && says(step, /Never a flame/),
        );
      },
    ],
    [
      'the back is laid down before the taps, or on a stone not made flat',
      (steps) => {
        const [back] = of(steps, 'back');
        const at = steps.indexOf(back!);
        return (
          at < first(steps, 'tapping') ||
          !steps
            .slice(0, at)
            .some(({ stoneId, gate }) => stoneId === back!.stoneId && gate.includes('flat'))
        );
      },
    ],
    [
      'the bevel meets a grain before the back has been flat on it',
      (steps) =>
        of(steps, 'edge', 'refine').some(
          (step) =>
            !steps
              .slice(0, steps.indexOf(step))
              .some(({ operation, stoneId }) => operation === 'back' && stoneId === step.stoneId),
        ),
    ],
    [
      'the rim after it is under 0.8 mm, or a micro bevel is planned',
      (steps, { facts }) =>
        Number(/Rim after this visit: ([\d.]+)/.exec(facts.join('; '))![1]) < 0.8 ||
        of(steps, 'micro').length > 0,
    ],
  ],
  toothy: [
    [
      'a step at the bevel leads or goes both ways',
      (steps) =>
        of(steps, 'edge', 'refine', 'deburr').some(
          ({ direction }) => direction !== 'edge-trailing',
        ),
    ],
    [
      'the last stone is finer than 20 or coarser than 35 µm',
      (steps) => {
        const um = ums(of(steps, 'edge', 'refine')).at(-1)!;
        return um < 20 || um > 35;
      },
    ],
    [
      'a step aims at no burr, or strops over ten a side',
      (steps) =>
        steps.some(({ gate }) => gate.includes('burr gone')) ||
        of(steps, 'strop').some((step) => Math.max(...counts(step)) > 10) ||
        of(steps, 'micro').length > 0,
    ],
    [
      'there is no thinning, it stops above 0.60 or below 0.45, or comes after the edge',
      (steps) => {
        const bands = of(steps, 'thinning');
        return (
          bands.length === 0 ||
          bands.some(({ afterMm }) => afterMm! > 0.6 || afterMm! < 0.45) ||
          last(steps, 'thinning') > first(steps, 'edge')
        );
      },
    ],
    [
      'a band lies at or under 3.5°, or over 8',
      (steps) => angles(of(steps, 'thinning')).some((deg) => deg <= 3.5 || deg > 8),
    ],
    [
      'the edge has no burr to wait for, or under 40 strokes a side',
      (steps) =>
        of(steps, 'edge').some(
          (step) => !step.gate.includes('burr everywhere') || Math.min(...counts(step)) < 40,
        ),
    ],
    [
      'the gate asks for a size without a side',
      (steps) => !of(steps, 'deburr').some((step) => says(step, /both sides/)),
    ],
    ['the strop is held above 20°', (steps) => angles(of(steps, 'strop')).some((deg) => deg > 20)],
    [
      'the sides differ by more than a tenth',
      (steps) => unequal(of(steps, 'refine', 'deburr', 'strop')),
    ],
  ],
  apexFirst: [
    [
      'one lift for all zones, or over 4 mm at the tip',
      (steps) =>
        hasOneLift(steps) ||
        of(steps, 'edge', 'refine').some((step) =>
          step.lifts.some(({ zone, liftMm }) => zone === 'tip' && liftMm! > 4),
        ),
    ],
    [
      'a stroke leads or goes both ways',
      (steps) => onStones(steps).some(({ direction }) => direction !== 'edge-trailing'),
    ],
    [
      'no proof stands between the first stone and the second',
      (steps) => {
        const proof = steps.findIndex(({ gate }) => gate.includes('cuts'));
        return proof < first(steps, 'edge') || proof > first(steps, 'refine');
      },
    ],
    [
      'a failed proof leads elsewhere than to the first stone',
      (steps) => !/s48/.test(steps.find(({ gate }) => gate.includes('cuts'))!.before ?? ''),
    ],
    [
      'the bevel angle changes between stones, or is not kept',
      (steps) => angles(of(steps, 'edge', 'refine')).some((deg) => Math.abs(deg - 18.5) > 0.5),
    ],
    [
      'the strop stands at the bevel or above, or over 3° under',
      (steps) => angles(of(steps, 'strop')).some((deg) => deg >= 18.5 || deg < 15.5),
    ],
    [
      'the first stone has fewer strokes than a later one, or under 40',
      (steps) => {
        const [edge] = of(steps, 'edge').map((step) => counts(step)[0]!);
        return edge! < 40 || of(steps, 'refine').some((step) => counts(step)[0]! > edge!);
      },
    ],
    [
      'the tip gets no more though it glints',
      (steps) => !of(steps, 'edge')[0]!.rounds.some(({ zone }) => zone === 'tip'),
    ],
    ['there is a thinning, a micro bevel or an outline', without('thinning', 'micro', 'outline')],
  ],
  rigHard: [
    [
      'from the third stone on strokes run both ways',
      (steps) =>
        of(steps, 'refine')
          .slice(1)
          .some(({ direction }) => direction === 'back and forth'),
    ],
    [
      'one side ends a stone coarser than the other',
      (steps) => of(steps, 'edge', 'refine').some(({ sides }) => sides.length !== 2),
    ],
    [
      'a setting is given for upright work',
      (steps) => of(steps, 'outline', 'back').some(({ setting }) => setting !== null),
    ],
    [
      'a conventional abrasive, or a stone that does not fit, is in the chain',
      (steps) => onStones(steps).some(({ tool }) => tool !== 'diamond plate'),
    ],
    [
      'the angle is not found first, on the finest, from wide',
      (steps) => {
        const test = steps.find((step) => step.operation === 'test' && says(step, /[Ii]nk/));
        return !test || test.stoneId !== 'd6' || test.anglePerSideDeg! <= 19.5;
      },
    ],
    [
      'the first stone is raised, over 0.3° in all, or more with every stone',
      (steps) => {
        const dials = of(steps, 'edge', 'refine').map(({ setting }) => setting!.dialDeg!);
        return (
          Math.abs(dials[0]! - 19.5) > 1e-6 ||
          Math.max(...dials) > 19.8 + 1e-6 ||
          new Set(dials.slice(1).map((deg) => deg.toFixed(4))).size > 1
        );
      },
    ],
    [
      'the force is over 5 N or rises',
      (steps) =>
        of(steps, 'edge', 'refine').some((step) => mostN(step) > 5) ||
        rises(of(steps, 'edge', 'refine').map(mostN)),
    ],
    [
      'thinning is planned, or a chip has no step',
      (steps, { damage }) =>
        of(steps, 'thinning').length > 0 || damage.some((each) => each.steps.length === 0),
    ],
    [
      'the tip has no support on the first stone, or is told of it at every stone',
      (steps) =>
        !says(of(steps, 'edge')[0]!, /block beyond the tip/) ||
        of(steps, 'refine').some((step) => says(step, /block beyond the tip/)),
    ],
    [
      'oil is named on a plate for water, or water on one for oil',
      (steps) =>
        steps.some(
          (step) => step.operation === 'ready' && step.stoneId === 'd71' && says(step, /\boil\b/),
        ),
    ],
  ],
  twoSidedStone: [
    [
      'the first stone ends without its burr',
      (steps) => !of(steps, 'edge')[0]!.gate.includes('burr everywhere'),
    ],
    ['one lift for all zones', hasOneLift],
    [
      'flattening of both sides or the soak is missing, or comes after the first stroke',
      (steps) => {
        const flat = (id: string): number =>
          steps.findIndex(({ stoneId, gate }) => stoneId === id && gate.includes('flat'));
        const soaked = steps.findIndex(({ gate }) => gate.includes('soaked'));
        return (
          flat('coarse') < 0 ||
          flat('fine') < 0 ||
          soaked < 0 ||
          soaked > first(steps, 'edge') ||
          flat('coarse') > first(steps, 'edge')
        );
      },
    ],
    [
      'the fine side comes first, or the side changes without rinsing',
      (steps) =>
        rises(ums(of(steps, 'edge', 'refine'))) ||
        !steps
          .slice(first(steps, 'edge'), first(steps, 'refine'))
          .some((step) => says(step, /[Rr]inse/)),
    ],
    [
      'times or counts rise, or the sides differ',
      (steps) =>
        of(steps, 'edge', 'refine').some((step) =>
          ['right', 'left'].some((side) =>
            rises(step.rounds.filter((round) => round.side === side).map(({ count }) => count)),
          ),
        ) || unequal(of(steps, 'edge', 'refine'), 0),
    ],
    [
      'a range has equal ends, or one stroke a side',
      (steps) =>
        onStones(steps).some(
          (step) => step.secondsRange[0] >= step.secondsRange[1] || Math.min(...counts(step)) <= 1,
        ),
    ],
    [
      'the angle is outside 12 to 16, or differs between the sides of the stone',
      (steps) => angles(of(steps, 'edge', 'refine')).some((deg) => Math.abs(deg - 14) > 0.5),
    ],
    [
      'a strop, oil, or a stone that is not there',
      (steps) => of(steps, 'strop').length > 0 || steps.some((step) => says(step, /\boil\b/)),
    ],
    [
      'the first stone is under 2 minutes a side or over 6',
      (steps) => of(steps, 'edge').some(({ seconds }) => seconds / 2 < 120 || seconds / 2 > 360),
    ],
    [
      'the clock is not as it was laid',
      (steps) =>
        of(steps, 'edge')[0]!
          .rounds.map(({ seconds }) => seconds)
          .join() !== '100,100,60,60,40,40',
    ],
    [
      'the counts are not as they were laid',
      (steps) => counts(of(steps, 'refine')[0]!).join() !== '46,46',
    ],
  ],
  razor: [
    [
      'wood or newspaper is met wet',
      (steps) =>
        steps.some(
          (step) =>
            /wood|[Nn]ewspaper/.test(step.title) &&
            !/dry/i.test(`${step.instruction} ${step.check}`),
        ),
    ],
    [
      'a burr, a tip or a thickness is asked for',
      (steps) =>
        steps.some(({ before, check }) =>
          /[Bb]urr|tip back|behind the edge/.test(`${check} ${before ?? ''}`),
        ),
    ],
    [
      'the old edge is taken off without the customer being asked',
      (steps, { consents }) => {
        const dulled = steps.find((step) => says(step, /side of a glass/));
        return (
          dulled !== undefined &&
          !consents.some(
            ({ question, asked }) => question === 'dulling' && asked.includes(dulled.key),
          )
        );
      },
    ],
    [
      'there is a lift, a setting, a thinning, an outline or a micro bevel',
      (steps) =>
        of(steps, 'thinning', 'outline', 'micro').length > 0 ||
        steps.some(({ setting }) => setting !== null),
    ],
    [
      'a gate asks for burr by zone and side',
      (steps) => steps.some(({ gate }) => gate.some((each) => /burr/.test(each))),
    ],
    [
      'a lap after the first stone leads',
      (steps) => steps.some(({ direction }) => direction === 'edge-leading'),
    ],
    [
      'the finish is one step, or in another order than laps, wood, laps, paper, leather',
      (steps) =>
        of(steps, 'finish', 'strop')
          .map(({ title }) => title.split(' ')[0])
          .join() !== 'Trailing,Draw,Trailing,Newspaper,Strop',
    ],
    [
      'over five on leather, or on a slack back',
      (steps) =>
        of(steps, 'strop').some(
          (step) => Math.max(...counts(step)) > 5 || says(step, /soft back gives/),
        ),
    ],
    [
      'bare and taped are both said',
      (steps) =>
        /tape/.test(steps[0]!.title + steps[0]!.instruction) &&
        /bare/.test(steps[0]!.title + steps[0]!.instruction),
    ],
    [
      'the first stone has under 30 a side, or the heel is not looked at',
      (steps) =>
        of(steps, 'edge').some((step) => Math.min(...counts(step)) < 30 || !says(step, /heel/)),
    ],
    [
      'a stone is coarser than 15 µm, the last than 1, or the force over 5 N',
      (steps) =>
        ums(steps).some((um) => um > 15) ||
        ums(onStones(steps)).at(-1)! > 1 ||
        steps.some((step) => mostN(step) > 5),
    ],
    [
      'it does not begin and end with disinfecting',
      (steps) => !says(steps[0]!, /[Dd]isinfect/) || !says(steps.at(-1)!, /[Dd]isinfect/),
    ],
  ],
  veryHard: [
    [
      'nothing is asked of the tip, the mark, the brittle steel or the damage',
      (_steps, { consents }) =>
        ['tip', 'mark', 'brittle', 'as-found'].some(
          (matter) => !consents.some(({ question }) => question === matter),
        ),
    ],
    [
      'a ratio over 3.5 without a warning',
      (steps, { warnings }) => {
        const grains = ums(of(steps, 'edge', 'refine'));
        return (
          grains.some((um, index) => index > 0 && grains[index - 1]! / um > 3.5) &&
          !warnings.some((warning) => /times/.test(warning))
        );
      },
    ],
    [
      'a belt leads, or works the outline after the bevel',
      (steps) =>
        steps.some(({ tool, direction }) => tool === 'belt' && direction !== 'edge-trailing') ||
        last(steps, 'outline') > first(steps, 'edge'),
    ],
    [
      'outline and tip stay on a hand plate though the belt was chosen',
      (steps) => of(steps, 'outline').some(({ tool }) => tool !== 'belt'),
    ],
    [
      'burr or strops lie more than a degree below the last stone',
      (steps) => angles(of(steps, 'deburr', 'strop')).some((deg) => deg < 14),
    ],
    ['a micro bevel is planned', without('micro')],
    [
      'a conventional stone is in the hand chain, or the hand is over 5 N',
      (steps) =>
        of(steps, 'edge', 'refine').some((step) => step.tool === 'water stone' || mostN(step) > 5),
    ],
    [
      'tape lies on the mark without paper, or nothing is asked of it',
      (steps, { consents }) =>
        !of(steps, 'protect').some((step) => says(step, /paper over the printed mark first/)) ||
        !consents.some(({ question }) => question === 'mark'),
    ],
    [
      'rust and spine have no step, or come after the edge',
      (steps) =>
        ['rust', 'spine'].some((what) => {
          const at = steps.findIndex(
            (step) => step.operation === 'faces' && new RegExp(what).test(step.title),
          );
          return at < 0 || at > first(steps, 'edge');
        }),
    ],
    [
      'the strops are one step, or run fine to coarse',
      (steps) => of(steps, 'strop').length !== 3 || rises(ums(of(steps, 'strop'))),
    ],
    [
      'the belt leads straight to a stone under 10 µm',
      (steps) => of(steps, 'edge', 'refine').find(({ tool }) => tool === 'diamond plate')!.um! < 10,
    ],
    ['thinning is ticked while it is within its limit', without('thinning')],
  ],
};

const NAMES: Readonly<Record<Case, string>> = {
  galley: 'a thin galley knife on a soaked stone',
  smith: 'a smith’s field knife in the maker’s order',
  curvedFish: 'a deeply curved fish knife, belt then stones',
  canteen: 'a soft canteen knife off one coarse stone',
  dagger: 'a diver’s dagger, chisel-ground, on belts',
  campAxe: 'a camp axe by file and field kit',
  layered: 'a three-layer knife thinned in bands',
  cook: 'a cook’s knife on a two-face stone, trailing',
  rigHousehold: 'a household knife on a clamp rig',
  bread: 'a bread knife, scallops then belts',
  carving: 'a carving knife with one flat bevel',
  leftSlicer: 'a left-handed slicer with a hollow back',
  ridged: 'a ridged vegetable knife with a high spot',
  tapped: 'a leather knife whose back is tapped out',
  toothy: 'a toothy working edge',
  apexFirst: 'an edge proved on its first stone',
  rigHard: 'a very hard knife on a rig with diamonds',
  twoSidedStone: 'a two-sided stone by clock and count',
  razor: 'a straight razor reset',
  veryHard: 'a very hard layered knife to a mirror',
};

/** The galley knife with its clip-on rail: 8 mm high, laid along the edge. */
describe('the rail of the galley knife', () => {
  const { holding } = calculateAll('plan', {
    ...PRACTICE_CASES.galley,
    machine: { name: 'Rail', kind: 'guide rail', sizes: { railOffsetMm: 8 } },
  }) as unknown as PlanResult;

  test('sits 34.7 mm from the edge, parallel to it and not to the spine', () => {
    expect(holding[0]).toMatch(/parallel to the edge.*34\.7 mm above the edge/);
  });

  test('serves no place where the blade is lower than the rail sits: 33 mm at 150', () => {
    const [, toMm] = /from the heel to (\d+) mm. Do the belly and the tip by hand/.exec(
      holding.join(' '),
    )!;
    expect(Number(toMm)).toBeLessThan(150);
  });
});

describe.each(Object.entries(WRONG_IF) as [Case, readonly WrongIf[]][])(
  '%s',
  (name, conditions) => {
    const plan = planOf(name);
    test.each(conditions.map(([what, holds]) => [`${NAMES[name]}: never ${what}`, holds] as const))(
      '%s',
      (_what, holds) => {
        expect(holds(plan.steps, plan)).toBe(false);
      },
    );
  },
);
