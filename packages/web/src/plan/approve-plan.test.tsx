import type { Job } from '@patient-edge/contract';
import { DEFAULT_CHOICES, planBlade, STEELS, type BladePlan } from '@patient-edge/core';
import { screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { planInput } from '../../../core/test/blades';
import { jobOf } from '../../test/jobs';
import { refusal, session, showPage } from '../../test/pages';
import { ApprovePlan } from './approve-plan';

const made = planBlade(planInput());
const plan = (made as { value: BladePlan }).value;

const show = (
  part: Partial<Job> = {},
  answer: unknown = null,
  disabled = false,
  seconds = plan.work.seconds,
) => {
  const job = { ...jobOf(), ...part };
  return showPage(
    <ApprovePlan
      job={job}
      plan={{ ...plan, work: { ...plan.work, seconds } }}
      choicesNow={() => ({ ...DEFAULT_CHOICES, angleDeg: 17 })}
      problem={disabled ? 'The rack is empty' : null}
    />,
    {
      'GET /session': session('bench'),
      'GET /steels': STEELS,
      [`PUT /jobs/${job.id}/plan`]: answer ?? job,
    },
    job,
  );
};
const approve = (name = 'Approve plan') => screen.findByRole('button', { name });

describe('approving a plan', () => {
  beforeEach(() => localStorage.clear());

  test('sends what is chosen now, on the version that was seen, and forgets the draft', async () => {
    const job = jobOf();
    localStorage.setItem(`patient-edge plan choices ${job.id}`, '{"angleDeg":17}');
    const { asked } = show({ stage: 'taken in', plan: null, version: 4 });
    await userEvent.click(await approve());
    await waitFor(() =>
      expect(asked.find(({ method }) => method === 'PUT')?.body).toEqual({
        version: 4,
        choices: { ...DEFAULT_CHOICES, angleDeg: 17 },
        reason: '',
      }),
    );
    await waitFor(() =>
      expect(localStorage.getItem(`patient-edge plan choices ${job.id}`)).toBeNull(),
    );
  });

  test('changed while another wrote: the conflict is said, and the draft stays', async () => {
    const job = jobOf();
    localStorage.setItem(`patient-edge plan choices ${job.id}`, '{"angleDeg":17}');
    show(
      { stage: 'taken in', plan: null },
      refusal(409, { code: 'CONFLICT', message: 'This blade was changed since you looked.' }),
    );
    await userEvent.click(await approve());
    expect((await screen.findByRole('alert')).textContent).toContain('changed since you looked');
    expect(localStorage.getItem(`patient-edge plan choices ${job.id}`)).not.toBeNull();
  });

  test('without stones that lead there cannot be pressed', async () => {
    const { asked } = show({ stage: 'taken in', plan: null }, null, true);
    const button = await approve();
    expect(button.getAttribute('disabled')).not.toBeNull();
    await userEvent.click(button);
    expect(asked.filter(({ method }) => method === 'PUT')).toEqual([]);
  });

  test('hours on one blade are not begun by one press', async () => {
    const { asked } = show({ stage: 'taken in', plan: null }, null, false, 3 * 3600);
    const button = await approve();
    expect(button.getAttribute('disabled')).not.toBeNull();
    await userEvent.click(screen.getByText(/^3.0 hours on one blade/));
    await userEvent.click(button);
    await waitFor(() => expect(asked.some(({ method }) => method === 'PUT')).toBe(true));
  });

  test('is over once the blade is back with its customer', () => {
    show({ stage: 'returned' });
    expect(screen.getByText(/This plan is closed: the blade is returned/)).toBeTruthy();
    expect(screen.queryByRole('button', { name: /^Approve/ })).toBeNull();
  });
});
