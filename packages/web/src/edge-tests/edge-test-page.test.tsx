import type { Job } from '@patient-edge/contract';
import { readingsOf, type EdgeReadings } from '@patient-edge/core';
import { screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { jobOf } from '../../test/jobs';
import { refusal, showPage, type Asked } from '../../test/pages';
import { stepOf } from '../../test/steps';
import EdgeTestPage from './edge-test-page';

const keen = readingsOf(() => ({
  classes: { light: 'dark', paper: 'cuts clean' },
  forceGf: [150, 155, 160],
}));
const step = stepOf(
  { id: 31, status: 'done', strokesRight: 20, strokesLeft: 20, workedSeconds: 80, revision: 2 },
  { title: 'Set the edge on Brown' },
);
const tested = (readings: EdgeReadings | null, part: Partial<Job> = {}): Job =>
  jobOf({
    stage: 'testing',
    steps: [step],
    tests: readings ? [{ phase: 'after', round: 1, readings }] : [],
    ...part,
  });
const show = (job: Job, answers: Record<string, unknown> = {}) =>
  showPage(
    <EdgeTestPage />,
    {
      'GET /shop': { jobs: [] },
      'GET /confirmed-causes': {},
      'GET /own-faults': { own: [] },
      'GET /devices': { scale: false, force: false, gauge: false, mailBox: false },
      ...answers,
    },
    job,
  );
const at = (zone: string) =>
  within(screen.getByRole('region', { name: `Readings at the ${zone}` }));
const written = (asked: readonly Asked[]): Asked[] =>
  asked.filter(({ method }) => method !== 'GET');

beforeEach(() => localStorage.clear());

describe('the edge test', () => {
  test('a keen edge passes, and goes to its customer', async () => {
    const job = tested(keen);
    const page = show(job, { 'POST /jobs/7/verdict': { ...job, stage: 'ready' } });
    expect(screen.getByRole('heading', { name: /^Verdict: meets/ })).toBeTruthy();
    await userEvent.click(screen.getByRole('button', { name: 'Pass: ready for the customer' }));
    await waitFor(() => expect(written(page.asked)).toHaveLength(1));
    expect(written(page.asked)[0]!.body).toEqual({
      version: 3,
      backToStepId: null,
      cause: null,
      note: '',
    });
  });

  test('a zone nobody tested is not passed', () => {
    show(tested({ ...keen, tip: { classes: {}, forceGf: [] } }));
    expect(screen.queryByRole('button', { name: /^Passed/ })).toBeNull();
    expect(screen.getByRole('img', { name: /tip not tested/ })).toBeTruthy();
  });

  test('light on the edge sends it back to the bench, to the step that cures it', async () => {
    const glint = { ...keen, belly: { ...keen.belly, classes: { light: 'glint' } } };
    const job = tested(glint);
    const page = show(job, { 'POST /jobs/7/verdict': { ...job, stage: 'on the bench', round: 2 } });
    expect(screen.getByRole('heading', { name: /^Verdict: back to the bench/ })).toBeTruthy();
    await userEvent.type(screen.getByLabelText('Note'), 'belly glints');
    await userEvent.click(screen.getByRole('button', { name: /^Back to/ }));
    await waitFor(() => expect(written(page.asked)).toHaveLength(1));
    expect(written(page.asked)[0]!.body).toEqual({
      version: 3,
      backToStepId: 31,
      cause: 'apex not reached',
      note: 'belly glints',
    });
  });

  test('a force that is none is told with its limits, and nothing can be kept meanwhile', async () => {
    show(tested(keen));
    const first = at('heel').getByLabelText<HTMLInputElement>('1');
    await userEvent.clear(first);
    await userEvent.type(first, '9000');
    expect(at('heel').getByText('1 to 2000 gf; "9000" was given')).toBeTruthy();
    expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Save readings' }).disabled).toBe(
      true,
    );
  });

  test('three forces far apart are to be read again', async () => {
    show(tested(keen));
    const third = at('middle').getByLabelText<HTMLInputElement>('3');
    await userEvent.clear(third);
    await userEvent.type(third, '320');
    expect(at('middle').getByText(/spread too wide, repeat/)).toBeTruthy();
  });

  test('read by two at once: what was typed here stays, through a closed page too', async () => {
    const job = tested(keen);
    const page = show(job, {
      'PUT /jobs/7/readings': refusal(409, {
        code: 'CONFLICT',
        message: 'This blade was changed since you looked (Wil: tested).',
      }),
    });
    const first = at('tip').getByLabelText<HTMLInputElement>('1');
    await userEvent.clear(first);
    await userEvent.type(first, '171');
    await userEvent.click(screen.getByRole('button', { name: 'Save readings' }));
    expect(await screen.findByText(/was changed since you looked/)).toBeTruthy();
    expect(at('tip').getByLabelText<HTMLInputElement>('1').value).toBe('171');
    expect(localStorage.getItem('patient-edge tests 7 after 1')).toContain('171');
    page.answers['PUT /jobs/7/readings'] = { ...job, version: 5 };
    await userEvent.click(screen.getByRole('button', { name: 'Save readings' }));
    await waitFor(() => expect(localStorage.getItem('patient-edge tests 7 after 1')).toBeNull());
  });

  test('before the work it is read as it came; at the bench only looked at', () => {
    show(jobOf({ stage: 'on the bench', steps: [step] }));
    expect(screen.getByText(/Test it after the last step/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: 'Save readings' })).toBeNull();
    expect(screen.getAllByText('Light: not done')).toHaveLength(4);
  });
});
