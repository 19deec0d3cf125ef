/** What the page of the day shows of an order, and what it sends. */
import { say, usualMeasuresOf, withStones, orderDay } from '@patient-edge/core';
import { toDayInput, type DayFacts, type DayJobFacts, type Job } from '@patient-edge/contract';
import { act, render, renderHook, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { showPage } from '../../test/pages';
import { DayTable, NotQueued } from './day-table';
import { departures, isEvening, shownSteps, soaksDue, timeAfter, whyLate } from './day-view';
import { keepFirstOrder, useToldChange } from './kept-order';
import { Lanes } from './lanes';
import { PeopleSheet } from './people-sheet';
import { PrintSheet } from './print-sheet';
import { ReviewSheet } from './review-sheet';
import { SoaksDue } from './soaks-due';
import { StartSoaks } from './start-soaks';
import { whatChanged, type FoundDay } from './what-changed';

const job = (jobId: number, part: Partial<DayJobFacts> = {}): DayJobFacts => ({
  jobId,
  tagNumber: jobId,
  blade: `No. ${jobId}`,
  customer: 'Somebody',
  measures: usualMeasuresOf('chef', 210),
  promisedOn: '2026-11-30',
  place: 'Quay',
  dueMinutes: 120,
  mark: null,
  round: 1,
  waitsForAnswer: false,
  inHand: null,
  steps: [1, 2].map((stoneId) => ({
    stepId: 10 * jobId + stoneId,
    number: stoneId,
    title: say('edge.title.first', { stone: stoneId === 1 ? 'Grey stone' : 'Red stone' }),
    stoneId,
    p50Seconds: 600,
    p90Seconds: 900,
  })),
  ...part,
});
const person = (staffId: number, name: string, present = true): DayFacts['people'][number] => ({
  staffId,
  name,
  present,
  fromTime: '09:00',
  untilTime: '18:00',
  freeAtMinutes: 0,
  awayMinutes: null,
  stoneId: null,
});
const facts = (jobs: readonly DayJobFacts[]): DayFacts => ({
  now: { day: '2026-11-30', minute: 600 },
  days: [
    { day: '2026-11-30', fromMinute: 540, untilMinute: 660 },
    { day: '2026-12-01', fromMinute: 540, untilMinute: 1080 },
  ],
  people: [person(1, 'Teodor'), person(2, 'Ansa', false)],
  stones: [1, 2].map((stoneId) => ({
    stoneId,
    name: stoneId === 1 ? 'Grey stone' : 'Red stone',
    um: 40 / stoneId,
    soakMinutes: stoneId === 2 ? 15 : 0,
    flattenEveryMinutes: null,
    flattenMinutes: 4,
    workedMinutes: 0,
  })),
  jobs,
  unplanned: 3,
});
const ordered = (of: DayFacts) => {
  const found = orderDay(toDayInput(of, false), 100);
  if (!found.ok) throw new Error(found.error.message);
  return shownSteps(of, found.value, false);
};

test('an order is shown by the clock, over the night to the next day', () => {
  const day = facts([job(1), job(2), job(3)]);
  const steps = ordered(day);
  expect(steps).toHaveLength(6);
  expect(steps.every(({ personName }) => personName === 'Teodor')).toBe(true);
  expect(timeAfter(day, 0)).toBe('10:00');
  expect(timeAfter(day, 60)).toBe('11:00');
  // An hour is left today; the rest is tomorrow, from when it opens.
  expect(timeAfter(day, 75)).toContain('09:15');
  expect(timeAfter(day, 75)).toContain('Dec');
  expect(timeAfter(day, 5000)).toBe('–');
});

test('a late blade says whether its own work is too long or what comes before it', () => {
  const [alone] = ordered(facts([job(1, { dueMinutes: 5 })]));
  expect(alone!.lateMinutes).toBeGreaterThan(0);
  expect(
    whyLate([alone!, ...ordered(facts([job(1, { dueMinutes: 5 })])).slice(1)], alone!),
  ).toContain('longer than the time left');
  const steps = ordered(facts([job(1, { dueMinutes: 22 }), job(2, { dueMinutes: 24 })]));
  const late = steps.find(({ lateMinutes }) => lateMinutes > 0)!;
  expect(whyLate(steps, late)).toContain('Ahead of it: ');
});

test('the picture names every block, and draws soaking and what is late as such', () => {
  const day = facts([job(1, { dueMinutes: 5 })]);
  const { container } = render(
    <MemoryRouter>
      <Lanes facts={day} steps={ordered(day)} people={['Teodor']} pxAMinute={6} showMinutes={60} />
    </MemoryRouter>,
  );
  expect(screen.getAllByRole('link').map((link) => link.textContent)).toEqual([
    expect.stringContaining('1 No. 1, Grey stone'),
    expect.stringContaining('1 No. 1, Red stone'),
  ]);
  expect(container.querySelectorAll('[data-late]')).toHaveLength(2);
  expect(container.querySelectorAll('[data-soak]')).toHaveLength(1);
  // It leaves the quay five minutes after ten: there is no room to write that.
  expect(container.querySelectorAll('[data-due]')).toHaveLength(1);
});

test('the other day is named once where it begins, and no time is written over another', () => {
  const day = facts([job(1)]);
  const { container } = render(
    <MemoryRouter>
      <Lanes facts={day} steps={ordered(day)} people={['Teodor']} pxAMinute={6} showMinutes={120} />
    </MemoryRouter>,
  );
  const times = [...container.querySelectorAll('text[data-soft]')]
    .map(({ textContent }) => textContent)
    .filter((text) => /\d/.test(text));
  // By the quarter of an hour from ten; the workshop closes at eleven and opens at nine.
  expect(times).toEqual([
    '10:00',
    '10:15',
    '10:30',
    '10:45',
    expect.stringMatching(/1 Dec.*09:00$/),
    '09:30',
    '09:45',
    '10:00',
  ]);
});

test('a blade is put first or held back, and what is not in the order says why', async () => {
  const day = facts([job(1), job(2, { mark: 'held' }), job(3, { waitsForAnswer: true })]);
  const page = showPage(
    <>
      <DayTable facts={day} steps={ordered(day)} />
      <NotQueued facts={day} />
    </>,
    {
      'GET /session': { staff: { id: 1, name: 'Ansa', role: 'owner' }, currency: 'EUR' },
      'PUT /day/marks/1': day,
    },
  );
  const left = screen.getByRole('region', { name: 'Not in the order' });
  for (const said of ['held back', 'waits for the customer’s answer', '3 blades have no plan yet'])
    expect(left.textContent).toContain(said);
  const user = userEvent.setup();
  await user.click(await screen.findByRole('button', { name: /Order: 1 No. 1/ }));
  await user.click(within(await screen.findByRole('listbox')).getByText('First'));
  expect(page.asked.find(({ path }) => path === '/day/marks/1')!.body).toEqual({ mark: 'first' });
});

test('who comes is sent with their times', async () => {
  const day = facts([]);
  const page = showPage(<PeopleSheet facts={day} />, { 'PUT /day/presence': day });
  const user = userEvent.setup();
  await user.click(screen.getByText('Ansa'));
  expect(page.asked.at(-1)!.body).toMatchObject({ staffId: 2, present: true, day: '2026-11-30' });
});

test('steps without a stone are done with the next one, the last with the one before', () => {
  const steps = [
    { stone: null, minutes: 2 },
    { stone: 'a', minutes: 5 },
    { stone: null, minutes: 1 },
    { stone: 'b', minutes: 4 },
    { stone: null, minutes: 3 },
  ];
  expect(withStones(steps).map(({ stone, minutes }) => [stone, minutes])).toEqual([
    ['a', 7],
    ['b', 8],
  ]);
  expect(withStones([{ stone: null, minutes: 3 }])).toEqual([]);
});

const foundDay = (of: DayFacts): FoundDay => {
  const found = orderDay(toDayInput(of, false), 100);
  if (!found.ok) throw new Error(found.error.message);
  return { facts: of, order: found.value };
};
const told = (before: DayFacts, after: DayFacts): string | null =>
  whatChanged(foundDay(before), foundDay(after), false);

describe('a change of the order in a sentence', () => {
  const before = facts([job(1), job(2)]);

  test('is not told where nothing happened but that time went on, or work did', () => {
    expect(told(before, { ...before, now: { ...before.now, minute: 604 } })).toBeNull();
    expect(told(before, facts([job(2)]))).toBeNull();
  });

  test('an urgent blade: what it is, and that it comes next', () => {
    expect(told(before, facts([job(1), job(2), job(7, { mark: 'first', dueMinutes: 25 })]))).toBe(
      '7 is new: next for Teodor: 7 on Grey stone.',
    );
  });

  test('one that goes first and has to wait for its stone: when it starts', () => {
    // The red stone soaks 15 minutes from 10:00.
    const soaking = (mark: DayJobFacts['mark']) =>
      facts([
        job(1),
        job(2),
        job(3),
        job(7, { mark, steps: job(7).steps.filter(({ stoneId }) => stoneId === 2) }),
      ]);
    expect(told(facts([job(1), job(2), job(3)]), soaking('first'))).toBe(
      '7 is new: 7 starts at 10:15.',
    );
    expect(told(soaking(null), soaking('first'))).toMatch(
      /^7 goes first: (.*; )?7 starts at 10:15/,
    );
  });

  test('a failed test: what becomes late for it', () => {
    const sentence = told(
      facts([job(1, { dueMinutes: 32 })]),
      facts([job(1, { dueMinutes: 32 }), job(9, { round: 2, mark: 'first', dueMinutes: 0 })]),
    );
    expect(sentence).toMatch(
      /^9 is back from its test: next for Teodor: 9 on Grey stone; 1 will be/,
    );
    expect(sentence).toMatch(/1 will be \d+ min late\.$/);
  });

  test('a step that takes longer, told once', () => {
    const held = (overMinutes: number) =>
      facts([
        job(1, {
          inHand: {
            staffId: 1,
            stepId: 5,
            stoneId: 1,
            title: say('edge.title.first', { stone: 'Grey stone' }),
            minutes: 0,
            overMinutes,
          },
        }),
        job(2),
      ]);
    expect(told(held(0), held(6))).toMatch(/^1 has taken 6 min longer than planned: /);
    expect(told(held(6), held(7))).toBeNull();
  });

  test('who comes, and who leaves early', () => {
    const away = {
      ...before,
      people: [
        { ...before.people[0]!, untilTime: '10:30', awayMinutes: [30, 60] as const },
        before.people[1]!,
      ],
    };
    expect(told(before, away)).toMatch(/^Teodor leaves at 10:30: /);
    const both = {
      ...before,
      people: before.people.map((person) => ({ ...person, present: true })),
    };
    expect(told(before, both)).toMatch(/^Ansa is here: .*next for Ansa: [12] on Grey stone/);
    expect(told(both, before)).toMatch(/^Ansa is not here: /);
  });

  test('held back, and what nothing else moves for', () => {
    expect(told(before, facts([job(1), job(2, { mark: 'held' })]))).toBe(
      '2 is held back: the order stays as it was.',
    );
  });
});

test('a change is told once, by whichever times it is looked at', () => {
  const { result } = renderHook(() => useToldChange());
  const both = [false, true];
  const [before, after] = [facts([job(1)]), facts([job(1), job(2)])];
  for (const isCautious of both) keepFirstOrder(isCautious, foundDay(before));
  expect(result.current[0]).toBeNull();
  act(() => keepFirstOrder(false, foundDay(after)));
  expect(result.current[0]).toMatch(/^2 is new: /);
  act(() => result.current[1]());
  act(() => keepFirstOrder(true, foundDay(after)));
  expect(result.current[0]).toBeNull();
});

test('a place is named once for all that leave from it', () => {
  const day = facts([job(1), job(2), job(3, { dueMinutes: -30 }), job(4, { dueMinutes: 40 })]);
  expect(departures(day)).toEqual([
    { place: 'Quay', dueMinutes: 40 },
    { place: 'Quay', dueMinutes: 120 },
  ]);
});

test('a stone goes into the water when it must, not before', () => {
  const day = facts([job(1)]);
  // The red stone soaks 15 minutes and is wanted as soon as it is soaked.
  expect(soaksDue(day, ordered(day))).toEqual([{ stoneId: 2, wantedMinutes: 15 }]);
  const later = ordered(day).map((step) => ({ ...step, startMinutes: step.startMinutes + 30 }));
  expect(soaksDue(day, later)).toEqual([]);
});

test.each([
  ['on Saturday evening for Monday', '2026-11-28', 1010, 0],
  ['an hour before the shop opens', '2026-11-30', 480, 0],
  [
    'three minutes before it opens, when it is wanted a quarter of an hour after',
    '2026-11-30',
    537,
    0,
  ],
  ['two minutes before it opens', '2026-11-30', 538, 1],
])('the clock decides when it goes in: %s', (_name, day, minute, due) => {
  const open = facts([job(1)]);
  const closed = { ...open, now: { day, minute } };
  expect(soaksDue(closed, ordered(open))).toHaveLength(due);
});

describe('a stone that is to soak', () => {
  const stone = { id: 2, name: 'Red stone', soaking: 'soak', soakMinutes: 15, soak: null };
  const answers = {
    'GET /session': { staff: { id: 1, name: 'Teodor', role: 'bench' }, currency: 'EUR' },
    'GET /stones': [stone],
    'POST /stones/2/soak': { ...stone, soak: { putInAt: '2026-11-30T10:00:00Z', minutes: 15 } },
  };
  const day = facts([job(1)]);
  /** It may be opened before it is known what lies in the water, and who is at the bench. */
  const Opened = ({ by }: { by: number | null }) => (
    <StartSoaks
      job={{ id: 1, inHand: by === null ? null : { staffId: by, name: '' } } as Job}
      facts={day}
      steps={ordered(day)}
    />
  );
  const posts = (page: ReturnType<typeof showPage>) =>
    page.asked.filter(({ method }) => method === 'POST');

  test('is only named on the page of the day', async () => {
    const page = showPage(<SoaksDue facts={day} steps={ordered(day)} />, answers);
    expect(await screen.findByText(/Red stone into the water now/)).toBeTruthy();
    expect(posts(page)).toEqual([]);
  });

  test.each([null, 2])('is left alone where the blade is in the hands of %s', async (by) => {
    const page = showPage(<Opened by={by} />, answers);
    await waitFor(() => expect(page.asked.length).toBeGreaterThanOrEqual(2));
    await new Promise((resolve) => setTimeout(resolve, 30));
    expect(posts(page)).toEqual([]);
  });

  test('has its clock started once by whoever has the blade in hand', async () => {
    const page = showPage(<Opened by={1} />, answers);
    await waitFor(() => expect(posts(page)).toHaveLength(1));
    expect(posts(page)[0]!.body).toEqual({ minutes: 15, jobId: 1 });
  });
});

test('on paper each person has their own steps, each with a box', () => {
  const day = {
    ...facts([job(1), job(2)]),
    people: facts([]).people.map((each) => ({ ...each, present: true })),
  };
  const { container } = render(<PrintSheet facts={day} steps={ordered(day)} />);
  expect(container.querySelectorAll('h2')).toHaveLength(2);
  expect(container.querySelectorAll('td[data-box]')).toHaveLength(4);
});

test('in the evening the day is looked back on, once', async () => {
  const day = facts([]);
  const evening = { ...day, now: { ...day.now, minute: 650 } };
  expect([isEvening(day), isEvening(evening)]).toEqual([false, true]);
  expect(isEvening({ ...evening, days: evening.days.slice(1) })).toBe(false);
  const people = [{ name: 'Teodor', steps: 3, foreseenSeconds: 600, workedSeconds: 900 }];
  showPage(<ReviewSheet facts={evening} />, {
    'GET /day/review': {
      day: '2026-11-30',
      steps: 3,
      blades: 2,
      foreseenSeconds: 600,
      workedSeconds: 900,
      leftOut: 1,
      people,
      furthest: [
        { jobId: 4, tagNumber: 44, stone: 'Grey stone', foreseenSeconds: 120, workedSeconds: 360 },
        // Nobody sees the difference of "5 min instead of 5 min".
        { jobId: 6, tagNumber: 66, stone: 'Red stone', foreseenSeconds: 290, workedSeconds: 310 },
      ],
      notDone: [{ jobId: 5, tagNumber: 55 }],
    },
  });
  expect(await screen.findAllByText('150 %')).toHaveLength(2);
  expect(screen.getAllByText(/instead of/).map(({ textContent }) => textContent)).toEqual([
    '44 Grey stone: 6 min instead of 2 min',
  ]);
  expect(screen.getByRole('link', { name: '55' }).getAttribute('href')).toBe('/jobs/5');
  await userEvent.click(screen.getByRole('button', { name: 'OK' }));
  expect(screen.queryByText('150 %')).toBeNull();
});

test('an errand is a later beginning', async () => {
  const day = facts([]);
  const page = showPage(<PeopleSheet facts={day} />, { 'PUT /day/presence': day });
  await userEvent.click(screen.getByRole('button', { name: 'Teodor: Back in 15 min' }));
  expect(page.asked.at(-1)!.body).toMatchObject({ staffId: 1, fromTime: '10:15' });
});
