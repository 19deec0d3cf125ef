/** What the page of the day shows of an order, and what it sends. */
import { say, usualMeasuresOf, withStones, orderDay } from '@patient-edge/core';
import { toDayInput, type DayFacts, type DayJobFacts } from '@patient-edge/contract';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { showPage } from '../../test/pages';
import { DayTable, NotQueued } from './day-table';
import { shownSteps, timeAfter, whyLate } from './day-view';
import { Lanes } from './lanes';
import { PeopleSheet } from './people-sheet';

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
  expect(whyLate(steps, late)).toContain('Before it come');
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
