import {
  certainRates,
  CHEF,
  chip,
  planInput,
  RACK,
  rackStone,
  valueOf,
} from '../../../test/blades';
import {
  bladeKind,
  careAdvice,
  changeProblem,
  comparePlan,
  DEFAULT_CHOICES,
  findSteel,
  findUse,
  habitsOf,
  liftText,
  mapAngles,
  mapCell,
  mapFinishes,
  NO_SIZES,
  ownText,
  planBlade,
  SCHOOL_QUESTIONS,
  templateOf,
  textOf,
  usualMeasuresOf,
  VARIANTS,
  type BladeRates,
  type Bond,
  type Damage,
  type Machine,
  type PlanChoices,
  type PlanInput,
  type PlanStep,
  type PriceTerms,
  type RackStone,
  type StepChange,
} from '../../index';
import { stationOfZone } from '../../blade/zone-station';
import { schoolsOf } from '../choices/schools';
import { applyChanges } from '../steps/apply-changes';
import { isEqualWork } from '../steps/patterns';

const plan = (part: Partial<PlanChoices> = {}) =>
  valueOf(planBlade(planInput({ choices: { ...DEFAULT_CHOICES, ...part } })));
/** The first stone of the edge. */
const edgeOf = (made: ReturnType<typeof plan>): PlanStep =>
  made.work.steps.find(({ key }) => key === 'edge 1')!;
/** Without what makes stones ready. */
const worked = <Step extends { readonly operation: string }>(steps: readonly Step[]): Step[] =>
  steps.filter(({ operation }) => operation !== 'ready');
const change = (part: Partial<StepChange>): StepChange => ({
  step: 'edge 1',
  what: 'strokes',
  to: '40',
  reason: 'it is narrow there',
  ...part,
});

describe('where good practitioners disagree', () => {
  test.each(SCHOOL_QUESTIONS.map((question) => [question.label, question] as const))(
    '%s: every school can be chosen, and is the one then followed',
    (_label, { schools, of, set, label }) => {
      expect(schools.length).toBeGreaterThan(1);
      for (const { id, label: words, changes } of schools) {
        const chosen = set(DEFAULT_CHOICES, id);
        expect(of(chosen)).toBe(id);
        expect(changes.length).toBeGreaterThan(10);
        expect(schoolsOf(chosen)).toContainEqual({ question: label, school: words });
      }
    },
  );

  test('all rows of the trade are there', () => {
    expect(SCHOOL_QUESTIONS.map(({ label }) => label)).toEqual(
      expect.arrayContaining([
        'Angle',
        'Old edge',
        'Burr',
        'Direction',
        'Finish',
        'Which lasts',
        'Start',
        'Slurry',
        'Stropping',
        'Micro bevel',
        'Rod',
        'Jumps',
        'Low spots',
      ]),
    );
  });

  const practice = (part: Partial<PlanChoices['practice']>) =>
    plan({ practice: { ...DEFAULT_CHOICES.practice, ...part } });
  const operations = (made: ReturnType<typeof plan>) =>
    made.work.steps.map(({ operation }) => operation);

  test('taking the old edge off first raises the apex further, and has a step of its own', () => {
    const off = practice({ oldEdge: 'take it off first' });
    expect(off.report.figures.apexRise.value).toBe(0.05);
    expect(worked(off.work.steps)[0]!.operation).toBe('outline');
    expect(
      practice({ oldEdge: 'push it back first' }).work.steps.map(({ title }) => textOf(title)),
    ).toContain('Push the rolled steel back');
  });

  test('pressure both ways halves the strokes, not the steel nor the time', () => {
    const [one, both] = [plan(), practice({ returnStroke: 'pressure both ways' })];
    const edge = (made: typeof one) =>
      made.work.steps.find(({ operation }) => operation === 'edge')!;
    expect(Math.abs(edge(both).strokesPerSide - edge(one).strokesPerSide / 2)).toBeLessThan(1);
    expect(edge(both).seconds).toBe(edge(one).seconds);
  });

  test('a micro bevel always, or never', () => {
    expect(operations(practice({ micro: 'always small' }))).toContain('micro');
    expect(operations(practice({ micro: 'never' }))).not.toContain('micro');
  });

  test('low spots are blended after thinning where the school wants it', () => {
    const choices = {
      thin: true,
      practice: { ...DEFAULT_CHOICES.practice, lowSpots: 'blend' as const },
    };
    expect(operations(plan(choices))).toContain('faces');
    expect(operations(plan({ thin: true }))).not.toContain('faces');
  });

  describe('a hard stone finds the low spots, a soft one evens the look', () => {
    const bonded = (id: string, um: number, bond: Bond): RackStone =>
      rackStone({ id, name: id, um, bond });
    const middling = [bonded('coarse', 40, 'middling'), bonded('fine', 17, 'middling')];
    const both = [...middling, bonded('hard', 30, 'hard'), bonded('soft', 15, 'soft, muddy')];
    const named = (stones: readonly string[]): PlanChoices['chains'] => [
      {
        part: 'primary',
        stones,
        bond: null,
        finishUm: null,
        faceMm: null,
        direction: 'edge-trailing',
        slurry: 'keep the mud',
      },
    ];
    const thinned = (
      rack: readonly RackStone[],
      lowSpots: 'leave' | 'blend',
      damage: readonly Damage[] = [],
      stones: readonly string[] = ['coarse', 'fine'],
    ) =>
      valueOf(
        planBlade(
          planInput({
            rack: [...rack, rackStone({ id: 'last', um: 4 })],
            damage,
            choices: {
              ...DEFAULT_CHOICES,
              thin: true,
              chains: named(stones),
              practice: { ...DEFAULT_CHOICES.practice, lowSpots },
            },
          }),
        ),
      ).work.steps.filter(({ operation }) => operation === 'thinning');
    const lowSpot: Damage = {
      id: 'low',
      kind: 'low spot',
      side: 'right',
      fromMm: 60,
      lengthMm: 20,
      depthMm: 0.1,
    };
    const titles = (steps: readonly PlanStep[]) => steps.map(({ title }) => textOf(title));

    test('the hard one draws the second band, the soft one evens what is to be blended', () => {
      const steps = thinned(both, 'blend');
      expect(titles(steps)).toEqual([
        'Thin on coarse, band 1 of 2',
        'Thin on hard, band 2 of 2',
        'Blend the thinning on fine',
        'Even the look on soft',
      ]);
      const [, second, blend, even] = steps;
      expect(textOf(second!.instruction)).toContain('what stays dull is low');
      // Two micrometres over the face of the thinning; the scratches before it gave that face.
      expect(even!.removeMm3).toBeGreaterThan(0);
      expect(even!.removeMm3).toBeLessThan(blend!.removeMm3);
    });

    test('where they are on record and may stay they are shown, not evened', () => {
      const steps = thinned(both, 'leave', [lowSpot]);
      expect(titles(steps)).toEqual([
        'Thin on coarse, band 1 of 2',
        'Thin on hard, band 2 of 2',
        'Blend the thinning on fine',
      ]);
      expect(textOf(steps.at(-1)!.instruction)).toContain('later visits shrink them');
    });

    test('a hard stone too fine to draw a band is laid on before the first', () => {
      const fine = bonded('hard', 12, 'hard');
      const [find] = thinned([...middling, fine], 'blend');
      expect(textOf(find!.title)).toBe('Find the low spots on hard');
      expect(find!.sides.map(({ side, strokes }) => [side, strokes])).toEqual([
        ['right', 10],
        ['left', 10],
      ]);
      expect(find!.removeMm3).toBe(0);
    });

    test('a stone of the thinning that does it already is told so, and none is added', () => {
      const steps = thinned(both, 'blend', [], ['hard', 'soft']);
      expect(titles(steps)).toEqual([
        'Thin on hard, band 1 of 2',
        'Thin on hard, band 2 of 2',
        'Blend the thinning on soft',
      ]);
      expect(textOf(steps[0]!.instruction)).toContain('what stays dull is low');
      expect(textOf(steps[2]!.instruction)).toContain('evens the look');
    });
  });

  test('what must be true after the first stone follows the school of the fifth question', () => {
    const edge = practice({ mustCutAfterFirst: true }).work.steps.find(
      ({ key }) => key === 'edge 1',
    )!;
    expect(textOf(edge.before!)).toContain('must already cut');
  });
});

describe('a thinning in bands', () => {
  const outgrown = { measures: { ...CHEF, thicknessBehindEdgeMm: 0.65, bevelFaceMm: 1.1 } };
  const thinned = (part: Partial<PlanInput> = {}) =>
    valueOf(planBlade(planInput({ ...outgrown, ...part })));

  const stepsOf = (made: ReturnType<typeof thinned>) =>
    made.work.steps.filter(({ operation }) => operation === 'thinning');

  test('is a step a band, from the edge up, each lower than the one before', () => {
    const made = thinned();
    const bands = stepsOf(made).filter(({ key }) => key !== 'thinning 3');
    expect(bands).toHaveLength(2);
    const angles = bands.map(({ angleDeg }) => angleDeg!);
    expect(angles[0]).toBeGreaterThan(angles[1]!);
    expect(bands[1]!.bandMm![0]).toBeGreaterThan(bands[0]!.bandMm![0]);
    expect(bands[1]!.bandMm![1]).toBeGreaterThan(bands[0]!.bandMm![1]);
    for (const { gates, check, removeMm3, seconds } of bands) {
      expect(gates).toEqual(['thickness']);
      expect(textOf(check)).toContain('Caliper');
      expect(removeMm3).toBeGreaterThan(0);
      expect(seconds).toBeGreaterThan(10);
    }
  });

  test('stops where the use wants it: 0.85 of 0.5 mm for soft general kitchen', () => {
    const made = thinned();
    expect(made.section.behindEdgeMm).toBeCloseTo(0.425, 6);
    for (const { afterMm } of stepsOf(made)) expect(afterMm).toBeCloseTo(0.425, 6);
  });

  test('tells the lift of every band: higher on the blade it is held lower', () => {
    const made = thinned();
    const bands = stepsOf(made).slice(0, 2);
    const stations = made.work.held[0]!.stations;
    for (const { angleDeg, lifts } of bands) {
      const heel = stationOfZone(stations, 'heel')!;
      const radians = (angleDeg! * Math.PI) / 180;
      const lift = heel.heightMm * Math.sin(radians) - (heel.thicknessMm / 2) * Math.cos(radians);
      expect(lifts.find(({ zone }) => zone === 'heel')!.liftMm).toBeCloseTo(lift, 2);
    }
    const heelLifts = bands.map(({ lifts }) => lifts[0]!.liftMm!);
    expect(heelLifts[0]).toBeGreaterThan(heelLifts[1]!);
  });

  test('bands of one’s own are cut as they are told, each on its stone', () => {
    const choices = {
      ...DEFAULT_CHOICES,
      thinBands: [
        { angleDeg: 8, toMm: null, stoneId: null },
        { angleDeg: 5.5, toMm: null, stoneId: 'plate' },
        { angleDeg: 3, toMm: null, stoneId: 'plate' },
      ],
      thinStopMm: 0.38,
    };
    const made = thinned({ choices });
    const bands = stepsOf(made).slice(0, 3);
    expect(bands.map(({ angleDeg }) => angleDeg)).toEqual([8, 5.5, 3]);
    expect(bands.slice(1).map(({ stoneId }) => stoneId)).toEqual(['plate', 'plate']);
    expect(made.section.behindEdgeMm).toBeCloseTo(0.38, 6);
  });

  test('a band that does not fall is refused beside its field', () => {
    const bands = [6, 7].map((angleDeg) => ({ angleDeg, toMm: null, stoneId: null }));
    const refused = planBlade(
      planInput({ ...outgrown, choices: { ...DEFAULT_CHOICES, thinBands: bands } }),
    );
    expect(refused).toMatchObject({
      ok: false,
      error: { code: 'OUT_OF_RANGE', field: 'choices.thinBands[1].angleDeg' },
    });
  });

  test('to the remnant is a school, down to a hair of the old bevel', () => {
    const made = thinned({ choices: { ...DEFAULT_CHOICES, thinDepth: 'to the remnant' } });
    expect(stepsOf(made)[0]!.gates).toEqual(['thickness', 'remnant']);
    expect(made.section.behindEdgeMm).toBeLessThan(0.2);
  });

  test('without a stone of 20 µm or coarser it is not thinned for hours, and the plan says why', () => {
    const fine = RACK.filter(({ um }) => um < 20);
    const made = thinned({ rack: fine });
    expect(made.section.thinning.done).toBe(false);
    expect(made.section.thinning.notDone).toContain('no stone of 20 µm or coarser');
  });

  test('changed to one angle by hand has one lift', () => {
    const choices = {
      ...DEFAULT_CHOICES,
      changes: [change({ step: 'thinning 1', what: 'angle', to: '4' })],
    };
    const step = thinned({ choices }).work.steps.find(({ operation }) => operation === 'thinning')!;
    expect(step.bands).toEqual([]);
    expect(liftText(step)).toMatch(/^heel [\d.]+, middle/);
  });

  test('a wide and curved blade is lifted by station in every band', () => {
    const made = valueOf(
      planBlade(
        planInput({
          measures: { ...usualMeasuresOf('curved-fish', 260), thicknessBehindEdgeMm: 1.2 },
          useId: bladeKind('curved-fish').usual.use,
          choices: { ...DEFAULT_CHOICES, thin: true },
        }),
      ),
    );
    const step = made.work.steps.find(({ operation }) => operation === 'thinning')!;
    expect(step.stationLifts.length).toBeGreaterThan(3);
    expect(liftText(step)).toContain('at 0 mm ');
  });
});

describe('the rod', () => {
  test('the owner is told what the bench holds of it; on hard steel it stays a warning', () => {
    const soft = findSteel('X50CrMoV15 (1.4116)')!;
    const said = (rod: PlanChoices['practice']['rod'], steel = soft): string =>
      careAdvice(bladeKind('chef'), steel, rod).join(' ');
    expect(said('between sharpenings')).toContain('smooth honing rod');
    expect(said('a coarse one resets')).toContain('ridged honing rod');
    expect(said('no rod')).toContain('No honing rod');
    const hard = { ...soft, hrcLow: 62 };
    expect(said('a coarse one resets', hard)).toContain('unless its maker agrees');
  });
});

describe('habits and templates', () => {
  const worked: PlanChoices = {
    ...DEFAULT_CHOICES,
    angleDeg: 21,
    chipsLeft: ['c'],
    maxRatio: null,
    changes: [change({})],
  };
  test('a habit holds no angle, no chip and no change of one blade', () => {
    expect(habitsOf(worked)).toMatchObject({
      angleDeg: null,
      chipsLeft: [],
      changes: [],
      maxRatio: null,
    });
  });
  test('a template hands on all but the chips', () => {
    expect(templateOf(worked)).toMatchObject({
      angleDeg: 21,
      chipsLeft: [],
      changes: worked.changes,
    });
  });
});

const NOTHING_HELD = { heldAt: () => ({ lifts: [], stationLifts: [] }), onStone: () => null };

describe('changes by hand', () => {
  const tiltingTable: Machine = {
    name: 'Table',
    kind: 'table',
    sizes: NO_SIZES,
    cuts: [{ setDeg: 15, measuredDeg: 16 }],
  };

  test('of the angle bring the lifts of that angle with them, and the setting of the machine', () => {
    const input = planInput({
      machine: tiltingTable,
      choices: { ...DEFAULT_CHOICES, changes: [change({ what: 'angle', to: '21' })] },
    });
    const edge = edgeOf(valueOf(planBlade(input)));
    const at21 = edgeOf(
      valueOf(planBlade({ ...input, choices: { ...DEFAULT_CHOICES, angleDeg: 21 } })),
    );
    expect(edge.angleDeg).toBe(21);
    expect(edge.lifts.map(({ liftMm }) => liftMm)).toEqual(
      at21.lifts.map(({ liftMm }) => expect.closeTo(liftMm!, 1) as number),
    );
    for (const side of edge.sides) expect(side.lifts).toEqual(edge.lifts);
    // The dial shows a degree less than it gives.
    expect(textOf(edge.setting!.text)).toContain('Set Table to 20.0°');
  });

  test('a blade that lies on its spine stays on it, whatever angle is written down', () => {
    const razor = valueOf(
      planBlade(
        planInput({
          measures: usualMeasuresOf('razor', 76),
          useId: bladeKind('razor').usual.use,
          rack: [...RACK, rackStone({ id: 'finest', um: 0.6 })],
          choices: { ...DEFAULT_CHOICES, changes: [change({ what: 'angle', to: '9' })] },
        }),
      ),
    );
    const edge = razor.work.steps.find(({ key }) => key === 'edge 1')!;
    expect(edge.angleDeg).toBe(9);
    expect(edge.lifts).toEqual([]);
  });

  test('of the strokes are laid out by the same pattern, the minutes with them', () => {
    const before = edgeOf(plan({ pattern: 'falling ladder' }));
    const edge = edgeOf(
      plan({
        pattern: 'falling ladder',
        changes: [change({ what: 'strokes', to: '40' })],
      }),
    );
    expect(isEqualWork(edge.rounds, { right: 40, left: 40 })).toBe(true);
    expect(edge.rounds).toHaveLength(before.rounds.length);
    expect(textOf(edge.pattern!)).toContain('a ladder of falling counts');
    expect(edge.seconds / before.seconds).toBeCloseTo(40 / before.strokesPerSide, 9);
    expect(edge.rangeS[1] / before.rangeS[1]).toBeCloseTo(40 / before.strokesPerSide, 9);
    expect(edge.secondsWhy.rule).toContain(
      `For 40 strokes a side, as changed; ${before.strokesPerSide} were worked out.`,
    );
  });

  test('minutes written down have the last word, in whatever order it was said', () => {
    const minutes = change({ what: 'minutes', to: '3' });
    const strokes = change({ what: 'strokes', to: '50' });
    for (const changes of [
      [minutes, strokes],
      [strokes, minutes],
    ]) {
      const edge = edgeOf(plan({ changes }));
      expect(edge).toMatchObject({ seconds: 180, strokesPerSide: 50 });
    }
  });

  test('of direction and words replace what was there', () => {
    const edge = edgeOf(
      plan({
        changes: [
          change({ what: 'direction', to: 'edge-leading' }),
          change({ what: 'words', to: 'Only the heel half.' }),
        ],
      }),
    );
    expect(edge).toMatchObject({
      direction: 'edge-leading',
      instruction: ownText('Only the heel half.'),
    });
  });

  test('are applied to the step they name, with their reason, and to no other', () => {
    const made = plan({
      changes: [change({}), change({ step: 'deburr 1', what: 'force', to: '1' })],
    });
    const edge = edgeOf(made);
    expect(edge).toMatchObject({ strokesPerSide: 40, changed: ['it is narrow there'] });
    expect(edge.sides.map(({ strokes }) => strokes)).toEqual([40, 40]);
    expect(made.work.steps.find(({ key }) => key === 'deburr 1')!.forceN).toEqual([1, 1]);
    expect(made.work.computed.find(({ key }) => key === 'edge 1')!.strokesPerSide).not.toBe(40);
  });

  test('minutes change the working time of the whole plan', () => {
    const [before, after] = [plan(), plan({ changes: [change({ what: 'minutes', to: '30' })] })];
    const gained = after.report.figures.workingTime.value - before.report.figures.workingTime.value;
    expect(gained).toBeCloseTo(1800 - edgeOf(before).seconds, 9);
  });

  test('of the stone bring its pressure, its minutes and its strokes, and make it ready', () => {
    const made = plan({ changes: [change({ what: 'stone', to: 'red' })] });
    const edge = edgeOf(made);
    expect(edge.stoneId).toBe('red');
    expect(textOf(edge.title)).toContain(RACK.find(({ id }) => id === 'red')!.name);
    // Five times as fine, it takes the same steel later.
    expect(edge.seconds).toBeGreaterThan(edgeOf(plan()).seconds);
    expect(edge.strokesPerSide).toBeGreaterThan(edgeOf(plan()).strokesPerSide);
    const at = made.work.steps.findIndex(({ key }) => key === 'edge 1');
    expect(made.work.steps[at - 1]).toMatchObject({ operation: 'ready', readies: 'red' });
    expect(new Set(made.work.steps.map(({ key }) => key)).size).toBe(made.work.steps.length);
  });

  test('of the stone to one that is not on the rack are told, and the plan stays', () => {
    const lost = change({ what: 'stone', to: 'sold' });
    const made = plan({ changes: [lost] });
    expect(made.work.unplaced).toEqual([lost]);
    expect(edgeOf(made).stoneId).toBe(edgeOf(plan()).stoneId);
  });

  test('of the pattern lay the same strokes out anew', () => {
    const edge = edgeOf(plan({ changes: [change({ what: 'pattern', to: 'falling ladder' })] }));
    expect(edge.strokesPerSide).toBe(edgeOf(plan()).strokesPerSide);
    expect(textOf(edge.pattern!)).toContain('a ladder of falling counts');
  });

  test('of the order put a step behind another', () => {
    const made = plan({ changes: [change({ step: 'wash 1', what: 'order', to: 'deburr 1' })] });
    const keys = made.work.steps.map(({ key }) => key);
    expect(keys[keys.indexOf('deburr 1') + 1]).toBe('wash 1');
  });

  test('a step left out is gone, an own step stands where it was put', () => {
    const made = plan({
      changes: [change({ step: 'strop 1', what: 'left out', to: '' })],
      added: [
        {
          after: 'edge 1',
          title: 'Look at it',
          instruction: 'under the glass',
          minutes: 2,
          reason: 'disputed chip',
        },
        {
          after: null,
          title: 'Photograph',
          instruction: 'both sides',
          minutes: 1,
          reason: 'as agreed',
        },
      ],
    });
    const keys = made.work.steps.map(({ key }) => key);
    expect(keys[0]).toBe('own 2');
    expect(keys[keys.indexOf('edge 1') + 1]).toBe('own 1');
    expect(keys).not.toContain('strop 1');
  });

  test('one whose step is gone is kept and told, never dropped', () => {
    const lost = change({ step: 'refine 7' });
    const own = {
      after: 'refine 7',
      title: 'Look',
      instruction: 'again',
      minutes: 1,
      reason: 'habit',
    };
    const made = plan({ changes: [lost], added: [own] });
    expect(made.work.unplaced).toEqual([lost, own]);
    expect(applyChanges(made.work.computed, [], [], NOTHING_HELD).unplaced).toEqual([]);
  });

  test.each([
    ['angle', '61', '"61" was given'],
    ['strokes', 'many', '"many" was given'],
    ['force', '0', 'from 0.2 to 60 N'],
    ['minutes', '', 'from 0.1 to 600'],
    ['direction', 'sideways', 'one of edge-leading'],
    ['words', 'x', 'from 3 to 600 letters'],
  ] as const)('%s of "%s" is refused with its limits', (what, to, words) => {
    expect(changeProblem({ what, to })).toContain(words);
  });
});

const TWICE_AS_LONG = certainRates(RACK, 2);

describe('plans side by side', () => {
  const input = planInput({
    damage: [chip(60, 0.3)],
    measures: { ...CHEF, thicknessBehindEdgeMm: 0.65, bevelFaceMm: 1.1 },
  });
  const use = findUse(input.useId);
  const terms: PriceTerms = {
    prices: [
      { item: 'blade', group: 'any', amountMinor: 1000 },
      { item: 'thinning', group: 'any', amountMinor: 1200 },
    ],
    lengthIncludedMm: 220,
    lengthStepMm: 50,
    minutesIncluded: 1000,
  };
  const compared = (id: string, rates: BladeRates | null = null) =>
    comparePlan(
      input,
      id,
      VARIANTS.find((each) => each.id === id)!.of(input.choices, use),
      terms,
      rates,
    );

  test.each(VARIANTS.map(({ id }) => id))('%s can be weighed', (id) => {
    const of = compared(id);
    expect(of.problem).toBeNull();
    expect(of.steelMm3).toBeGreaterThan(0);
    expect(of.minutes[0]).toBeLessThan(of.minutes[1]);
    expect(of.minutes[1]).toBeLessThan(of.minutes[2]);
    expect(of.visitsToEnd).toBeGreaterThan(0);
  });

  test('thinning costs steel, minutes and money now, and buys visits', () => {
    const [thin, edge] = [compared('thin now'), compared('edge only')];
    expect(thin.steelMm3).toBeGreaterThan(edge.steelMm3);
    expect(thin.price!.lowMinor - edge.price!.lowMinor).toBe(1200);
    expect(thin.behindEdgeMm).toBeLessThan(edge.behindEdgeMm);
    expect(thin.visitsToThinning).toBeGreaterThan(edge.visitsToThinning!);
  });

  test('a finer finish ends on a finer stone; a fine start begins no coarser', () => {
    expect(compared('fine').lastUm!).toBeLessThanOrEqual(compared('coarse').lastUm!);
  });

  test('where the bench takes twice as long on its stones, so do the plans and their price', () => {
    const usual = compared('keep');
    const slow = compared('keep', TWICE_AS_LONG);
    const onStonesMinutes =
      valueOf(planBlade({ ...input, choices: usual.choices })).work.steps.reduce(
        (sum, { stoneId, seconds }) => sum + (stoneId === null ? 0 : seconds),
        0,
      ) / 60;
    expect(onStonesMinutes).toBeGreaterThan(3);
    expect(slow.minutes[1]).toBeCloseTo(usual.minutes[1] + onStonesMinutes, 9);
    // The rates are certain here: no step lies aside of them.
    expect(slow.minutes[0]).toBeCloseTo(slow.minutes[1], 9);
    expect(slow.minutes[2]).toBeCloseTo(slow.minutes[1], 9);
    const byTheMinute: PriceTerms = {
      ...terms,
      prices: [{ item: 'minute', group: 'any', amountMinor: 100 }],
      minutesIncluded: 0,
    };
    const { price } = comparePlan(input, 'keep', slow.choices, byTheMinute, TWICE_AS_LONG);
    expect(price!.highMinor).toBe(100 * Math.ceil(slow.minutes[1]));
  });

  test('what cannot be planned says why instead of figures', () => {
    const none = comparePlan(input, 'x', { ...input.choices, finishUm: [0.2, 0.3] }, null, null);
    expect(none.problem).toContain('No abrasive ends between');
  });
});

describe('the map over angle and finish', () => {
  const input = planInput();

  test('has the window of the use in its middle, and a column for every stone that can be last', () => {
    const angles = mapAngles(input);
    expect(angles[0]).toBeLessThan(16);
    expect(angles.at(-1)).toBeGreaterThan(20);
    expect(mapFinishes(input)).toEqual([3, 8, 16, 45]);
  });

  test('a cell is the plan there; where none leads it is empty', () => {
    const cell = mapCell(input, 18, 8, null);
    const there = plan({ angleDeg: 18, finishUm: [8, 8] });
    expect(cell.minutes).toBeCloseTo(there.report.figures.workingTime.value / 60, 9);
    expect(cell.steelMm3).toBeCloseTo(there.report.figures.steelLost.value, 9);
    expect(mapCell(input, 18, 5, null).minutes).toBeNull();
    // By the bench's own rates as the plan there.
    expect(mapCell(input, 18, 8, TWICE_AS_LONG).minutes).toBeCloseTo(
      comparePlan(
        input,
        'there',
        { ...DEFAULT_CHOICES, angleDeg: 18, finishUm: [8, 8] },
        null,
        TWICE_AS_LONG,
      ).minutes[1],
      9,
    );
    expect(
      mapCell(
        planInput({ measures: { ...CHEF, spineMiddleMm: 12, presentAnglePerSideDeg: 20 } }),
        7,
        8,
        null,
      ).minutes,
    ).toBeNull();
  });
});
