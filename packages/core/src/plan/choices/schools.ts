/**
 * Where good practitioners disagree, as data: each question, its schools, what each changes in a plan. The
 * shop sets its habits once; a plan may differ; what was used is recorded with the job.
 */
import { localized } from '../../text';
import { REFINED_FACES, THIN_DEPTHS, WORK_ORDERS, type PlanChoices } from './choices';
import { DEFAULT_FINISHING } from './finishing';
import { FIRM_N, FORCE_FALL, LIGHT_N, OLD_EDGE_RISE_MM, RAISED_DEG } from './first-guesses';
import type { Practice } from './practice';

export interface School {
  readonly id: string;
  readonly label: string;
  /** What it does to the plan. */
  readonly changes: string;
}

export interface SchoolQuestion {
  readonly id: string;
  readonly label: string;
  readonly schools: readonly School[];
  readonly of: (choices: PlanChoices) => string;
  readonly set: (choices: PlanChoices, school: string) => PlanChoices;
}

const school = (id: string, changes: string, label = id): School => ({ id, label, changes });

/** A question that is one field of the practice. */
const practised = <K extends keyof Practice>(
  key: K,
  label: string,
  schools: readonly (School & { readonly id: Practice[K] & string })[],
): SchoolQuestion => ({
  id: key,
  label,
  schools,
  of: ({ practice }) => String(practice[key]),
  set: (choices, id) => {
    const chosen = schools.find((each) => each.id === id);
    return chosen ? { ...choices, practice: { ...choices.practice, [key]: chosen.id } } : choices;
  },
});

const STROP_SLACK = { back: 'soft', strokes: 30 } as const;
const STROP_HARD = { back: 'hard', strokes: DEFAULT_FINISHING.strokes } as const;

const as = <T extends string>(id: T, changes: string): School & { readonly id: T } => ({
  id,
  label: id,
  changes,
});

/** Every row on which good practitioners disagree, in the order a plan meets them. */
export const SCHOOL_QUESTIONS: readonly SchoolQuestion[] = localized(
  [
    {
      id: 'angle',
      label: 'Angle',
      schools: [
        school('usual', 'Set by use; kept where the bevel is its own guide.', 'usual of the kind'),
        school(
          'keep',
          'The bevel stays as it came: least steel, no thought of the use.',
          'keep what came',
        ),
        school(
          'by-use',
          'The window of the use, moved by steel and by how the edge failed.',
          'set by use',
        ),
        school(
          'lowest-clear',
          'Just above the primary grind: cuts easiest, takes most steel.',
          'lowest that clears',
        ),
      ],
      of: ({ approach }) => approach ?? 'usual',
      set: (choices, id) =>
        id === 'keep' || id === 'by-use' || id === 'lowest-clear'
          ? { ...choices, approach: id, angleDeg: null }
          : id === 'usual'
            ? { ...choices, approach: null, angleDeg: null }
            : choices,
    },
    practised('oldEdge', 'Old edge', [
      as('remove the minimum', 'The apex comes up by what its sharpness needs, no more.'),
      as(
        'push it back first',
        'A step before the first stone: light rod or trailing strokes straighten what leans.',
      ),
      as(
        'take it off first',
        `The tired steel is drawn off on edge first: the apex comes up by ${OLD_EDGE_RISE_MM} mm at least.`,
      ),
    ]),
    {
      id: 'burr',
      label: 'Burr',
      schools: [
        school('none', 'Deburring ends when none is felt on either side.', 'remove wholly'),
        school('small and centred', 'A small centred burr is left for bite.'),
        school('a trace', 'A trace is left for skins.', 'leave a trace for skins'),
      ],
      of: ({ burrPolicy }) => burrPolicy,
      set: (choices, id) =>
        id === 'none' || id === 'small and centred' || id === 'a trace'
          ? { ...choices, burrPolicy: id }
          : choices,
    },
    {
      id: 'direction',
      label: 'Direction',
      schools: [
        school('edge-leading', 'Cuts clean on hard stones; may dig in.', 'leading'),
        school(
          'edge-trailing',
          'Suits soft muddy stones; said to draw the longer burr.',
          'trailing',
        ),
        school('back and forth', 'Quickest on stock; both halves of the stroke cut.', 'both'),
        school('circles', 'Even on wide faces and axes.'),
      ],
      of: ({ direction }) => direction,
      set: (choices, id) =>
        id === 'edge-leading' ||
        id === 'edge-trailing' ||
        id === 'back and forth' ||
        id === 'circles'
          ? { ...choices, direction: id }
          : choices,
    },
    practised('returnStroke', 'Return stroke', [
      as(
        'pressure one way',
        'The stone is met with weight on the stroke named, and lifted or slid back without.',
      ),
      as('pressure both ways', 'Weight to and fro: about half the strokes for the same steel.'),
    ]),
    {
      id: 'finish',
      label: 'Finish',
      schools: [
        school(
          'step by step',
          'Each stone takes out the scratches of the one before, to the finish of the use.',
          'step by step to polish',
        ),
        school(
          'one coarse stone',
          'One stone of 12 to 35 µm made truly sharp, then only the strop.',
          'one coarse stone made truly sharp',
        ),
      ],
      of: ({ school: id }) => (id === 'one coarse stone' ? id : 'step by step'),
      set: (choices, id) => ({
        ...choices,
        school:
          id === 'one coarse stone'
            ? id
            : choices.school === 'one coarse stone'
              ? 'quickest'
              : choices.school,
      }),
    },
    practised('lasts', 'Which lasts', [
      as('fine edge', 'Recorded as the claim; how long it lasts is read off the next visit.'),
      as('toothy edge', 'Recorded as the claim; how long it lasts is read off the next visit.'),
    ]),
    {
      id: 'start',
      label: 'Start',
      schools: [
        school(
          'coarse',
          'The quickest chain, which begins as coarse as the steel to be taken pays for.',
          'coarse for speed',
        ),
        school(
          'fine',
          'The finest start within one and a half times the least time.',
          'finer to save refinement',
        ),
      ],
      of: ({ school: id }) => (id === 'start fine' ? 'fine' : 'coarse'),
      set: (choices, id) => ({
        ...choices,
        school:
          id === 'fine'
            ? 'start fine'
            : choices.school === 'start fine'
              ? 'quickest'
              : choices.school,
      }),
    },
    practised('slurry', 'Slurry', [
      as('keep the mud', 'Water by the drop; the loose grit does the work.'),
      as('float it off', 'Plenty of water or oil, so that the stone does not load.'),
    ]),
    {
      id: 'strop',
      label: 'Stropping',
      schools: [
        school('hard back, few', `${STROP_HARD.strokes} strokes a side on a hard back.`),
        school(
          'slack, many',
          `${STROP_SLACK.strokes} strokes a side on what gives; the apex comes out steeper.`,
        ),
        school('none', 'Off the last stone as it is.'),
      ],
      of: ({ finishing }) =>
        finishing.on === 'none'
          ? 'none'
          : finishing.back === 'soft'
            ? 'slack, many'
            : 'hard back, few',
      set: (choices, id) => ({
        ...choices,
        finishing:
          id === 'none'
            ? { ...choices.finishing, on: 'none' }
            : {
                ...choices.finishing,
                on: choices.finishing.on === 'none' ? 'strop' : choices.finishing.on,
                ...(id === 'slack, many' ? STROP_SLACK : STROP_HARD),
              },
      }),
    },
    practised('micro', 'Micro bevel', [
      as('only when brittle', 'Where the steel or the edge chips, or the kind of blade wants one.'),
      as('always small', 'A hair-thin one on every edge.'),
      as('never', 'None: a habit that harms in the long run.'),
    ]),
    practised('rod', 'Rod', [
      as('between sharpenings', 'The customer is told to use a smooth one.'),
      as(
        'a coarse one resets',
        'The customer is told a ridged one brings the edge back for a while.',
      ),
      as('no rod', 'The customer is told to leave it: a poor substitute.'),
    ]),
    {
      id: 'jumps',
      label: 'Jumps',
      schools: [
        school(
          'small',
          'No stone more than 2 times finer than the one before: less time on each.',
          'small ratio',
        ),
        school('middle', 'No more than 3 times.', 'up to 3 times'),
        school(
          'large',
          'As the rack has it, with more time on each.',
          'large ratio with more time',
        ),
      ],
      of: ({ maxRatio }) => (maxRatio === null ? 'large' : maxRatio <= 2 ? 'small' : 'middle'),
      set: (choices, id) => ({
        ...choices,
        maxRatio: id === 'large' ? null : id === 'small' ? 2 : 3,
      }),
    },
    practised('lowSpots', 'Low spots', [
      as('leave', 'They are cosmetic; later visits shrink them.'),
      as('blend', 'A step with wet paper or a finger stone; it deepens them slightly.'),
    ]),
    {
      id: 'thinDepth',
      label: 'Thinning',
      schools: [
        school('to the use', 'In bands, until it is as thin behind the edge as the use wants.'),
        school('a little each visit', 'A few hundredths now, before it ever wedges.'),
        school('to the remnant', 'Down to a hair of the old bevel: most steel, for many visits.'),
      ],
      of: ({ thinDepth }) => thinDepth ?? 'to the use',
      set: (choices, id) => ({
        ...choices,
        thinDepth: THIN_DEPTHS.find((depth) => depth === id) ?? choices.thinDepth,
      }),
    },
    {
      id: 'order',
      label: 'Order of the work',
      schools: [
        school('edge last', 'Faces and spine first, so that hands and edge are spared.'),
        school(
          "maker's",
          'The edge trued, then the faces, then a light last edge of a pass or two a side.',
          'the maker’s',
        ),
      ],
      of: ({ order }) => order ?? 'edge last',
      set: (choices, id) => ({
        ...choices,
        order: WORK_ORDERS.find((order) => order === id) ?? choices.order,
      }),
    },
    {
      id: 'refineFace',
      label: 'Finer stones clear',
      schools: [
        school(
          'usual',
          'The strip at the apex; the whole bevel where it is the guide.',
          'as usual',
        ),
        school('apex strip', 'A quarter of a millimetre at the apex: what decides the cut.'),
        school('whole face', 'The whole bevel, for an even look: two to four times the strokes.'),
      ],
      of: ({ refineFace }) => refineFace ?? 'usual',
      set: (choices, id) => ({
        ...choices,
        refineFace: REFINED_FACES.find((face) => face === id) ?? null,
      }),
    },
    {
      id: 'force',
      label: 'Pressure',
      schools: [
        school('usual', 'By grain and steel, lighter at every finer stone.', 'by grain and steel'),
        school('light', 'From 3.5 N on the first stone, a third less at each: the smallest burr.'),
        school('firm', 'From 12 N on the first stone, a third less at each: quick on stock.'),
      ],
      of: ({ force }) => (force === null ? 'usual' : force.firstN <= LIGHT_N ? 'light' : 'firm'),
      set: (choices, id) => ({
        ...choices,
        force:
          id === 'light'
            ? { firstN: LIGHT_N, fall: FORCE_FALL }
            : id === 'firm'
              ? { firstN: FIRM_N, fall: FORCE_FALL }
              : null,
      }),
    },
    {
      id: 'deburrRaise',
      label: 'Deburring angle',
      schools: [
        school('at the bevel', 'The burr is taken off where it stands.'),
        school('raised', 'Two degrees over the bevel: surely at the apex, a hair steeper.'),
      ],
      of: ({ deburrRaiseDeg }) => (deburrRaiseDeg > 0 ? 'raised' : 'at the bevel'),
      set: (choices, id) => ({ ...choices, deburrRaiseDeg: id === 'raised' ? RAISED_DEG : 0 }),
    },
  ],
  'label',
  'changes',
);

/** What a plan follows, question by question: the record kept with the job. */
export const schoolsOf = (choices: PlanChoices): { question: string; school: string }[] =>
  SCHOOL_QUESTIONS.map(({ label, of, schools }) => ({
    question: label,
    school: schools.find(({ id }) => id === of(choices))?.label ?? of(choices),
  }));
