/** A trial as the shop sees it: what it says, who may stop it, and what a lot asks of a plan. */
import type { Trial, TrialLot } from '@patient-edge/contract';
import { DEFAULT_CHOICES, SCHOOL_QUESTIONS } from '@patient-edge/core';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { showPage } from '../../test/pages';
import { LotNotice } from './lot-notice';
import TrialsPage from './trials-page';

const OLD_EDGE = SCHOOL_QUESTIONS.find(({ id }) => id === 'oldEdge')!;

const trial = (part: Partial<Trial> = {}): Trial => ({
  id: 3,
  question: 'oldEdge',
  firstSchool: 'remove the minimum',
  secondSchool: 'take it off first',
  note: 'Kitchen knives of the school only',
  seed: 4711,
  begunAt: '2026-09-01T08:00:00Z',
  begunBy: 'Ansa',
  stoppedAt: null,
  stopReason: '',
  blades: [
    {
      bladeId: 8,
      blade: 'Long one',
      customerId: 2,
      customer: 'School kitchen',
      way: 'pair',
      beginsWith: 'second',
      drawnAt: '2026-09-02T08:00:00Z',
    },
  ],
  result: {
    longerProbability: 0.04,
    lives: { first: 6, second: 7 },
    ended: { first: 5, second: 6 },
    isEnough: true,
    logRankChi2: 4.1,
    p: 0.04,
  },
  otherwise: 2,
  ...part,
});
const session = (role: string) => ({ staff: { id: 1, name: 'Ansa', role }, currency: 'EUR' });

test('says the likelier way with how many lives, what does not count, and which blade got which', async () => {
  showPage(<TrialsPage />, { 'GET /session': session('owner'), 'GET /trials': [trial()] });
  const card = await screen.findByRole('region', { name: /^Old edge: / });
  expect(within(card).getAllByRole('heading', { level: 3 })[0]!.textContent).toBe(
    '96 % that “take it off first” lasts longer than “remove the minimum” here',
  );
  expect(card.textContent).toContain('7 edges against 6; 11 of them dull again.');
  expect(card.textContent).toContain('Enough is known: the trial can stop.');
  expect(card.textContent).toContain('2 visits were not done as drawn and do not count.');
  const row = within(card).getByRole('row', { name: /Long one/ });
  expect(row.textContent).toContain('take it off first');
});

test('says nothing before each way has a blade that went home', async () => {
  showPage(<TrialsPage />, {
    'GET /session': session('owner'),
    'GET /trials': [trial({ result: null })],
  });
  expect(await screen.findByText(/No result yet/)).toBeTruthy();
  expect(screen.queryByText(/%/)).toBeNull();
});

test('is stopped with a reason by who may change habits, and by nobody else', async () => {
  const stopped = trial({ stoppedAt: '2026-11-28T08:00:00Z', stopReason: 'enough is known' });
  const page = showPage(<TrialsPage />, {
    'GET /session': session('owner'),
    'GET /trials': [trial()],
    'POST /trials/3/stop': [stopped],
  });
  const user = userEvent.setup();
  await user.click(await screen.findByRole('button', { name: 'Stop the trial' }));
  expect(screen.getByRole('textbox', { name: 'Reason' })).toHaveProperty(
    'value',
    'enough is known',
  );
  await user.click(screen.getByRole('button', { name: 'Stop trial' }));
  expect(await screen.findByText(/^Started.*Stopped .*: enough is known$/)).toBeTruthy();
  expect(page.asked.find(({ method }) => method === 'POST')!.body).toEqual({
    reason: 'enough is known',
  });
  expect(screen.queryByRole('button', { name: 'Stop the trial' })).toBeNull();
});

test('is begun with two ways that differ', async () => {
  const page = showPage(<TrialsPage />, {
    'GET /session': session('owner'),
    'GET /trials': [],
    'POST /trials': [trial()],
  });
  const user = userEvent.setup();
  await user.click(await screen.findByRole('button', { name: 'Start a trial' }));
  await user.type(screen.getByLabelText(/What you want to know/), 'Which lasts');
  await user.click(screen.getByRole('button', { name: 'Start trial' }));
  await screen.findByRole('region', { name: /^Old edge: / });
  const sent = page.asked.find(({ method }) => method === 'POST')!.body as Record<string, string>;
  expect(sent['note']).toBe('Which lasts');
  expect(sent['firstSchool']).not.toBe(sent['secondSchool']);
});

test('the counter may read it only', async () => {
  showPage(<TrialsPage />, { 'GET /session': session('counter'), 'GET /trials': [trial()] });
  await screen.findByRole('region', { name: /^Old edge: / });
  for (const name of ['Stop the trial', 'Start a trial'])
    expect(screen.queryByRole('button', { name })).toBeNull();
});

describe('the lot of a blade', () => {
  const lot: TrialLot = {
    trialId: 3,
    question: 'oldEdge',
    school: 'take it off first',
    other: 'remove the minimum',
    drawnAt: '2026-09-02T08:00:00Z',
  };
  const asDrawn = OLD_EDGE.set(DEFAULT_CHOICES, lot.school);

  test('that the plan follows is only said', () => {
    render(<LotNotice lot={lot} choices={asDrawn} onChoices={() => undefined} />);
    expect(screen.getByText(/Trial, old edge: “take it off first”/)).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });

  test('that it does not is put right by a press', async () => {
    const choices = OLD_EDGE.set(DEFAULT_CHOICES, lot.other);
    const onChoices = jest.fn();
    render(<LotNotice lot={lot} choices={choices} onChoices={onChoices} />);
    expect(screen.getByText(/This plan differs \(“remove the minimum”\)/)).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Use what was drawn' }));
    expect(OLD_EDGE.of({ ...choices, ...(onChoices.mock.calls[0] as [object])[0] })).toBe(
      lot.school,
    );
  });

  test('cannot be put right where the plan stands', () => {
    const choices = OLD_EDGE.set(DEFAULT_CHOICES, lot.other);
    render(<LotNotice lot={lot} choices={choices} onChoices={null} />);
    expect(screen.getByText(/the visit will not count/)).toBeTruthy();
    expect(screen.queryByRole('button')).toBeNull();
  });
});
