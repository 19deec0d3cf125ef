import type { Job, PlanRecord, StepRecord } from '@patient-edge/contract';
import {
  DEFAULT_CHOICES,
  planBlade,
  usualMeasuresOf,
  type BladePlan,
  type PlanChoices,
} from '@patient-edge/core';
import { screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { planInput, RACK } from '../../../core/test/blades';
import { jobOf } from '../../test/jobs';
import { showPage } from '../../test/pages';
import { stepOf } from '../../test/steps';
import { LastVisit } from './last-visit';

const made = (planBlade(planInput()) as { value: BladePlan }).value;
const worked = made.work.steps.map((step, index): StepRecord => ({
  ...stepOf({ id: index + 1, status: 'done', workedSeconds: 240 }),
  step,
  strokesRight: step.stoneId === null ? 0 : 41,
  strokesLeft: step.stoneId === null ? 0 : 39,
}));
const lastTime = jobOf({
  id: 3,
  stage: 'returned',
  returnedAt: '2026-03-02T10:00:00.000Z',
  holding: 'long jaw',
  rigSetting: { jawMm: 88, ruleMarkMm: 103, block: '2' },
  plan: {
    choices: { ...DEFAULT_CHOICES, direction: 'edge-leading', chipsLeft: ['old'] },
    angleDeg: 17,
    setAgain: 'By hand, 17.0° per side',
  } as unknown as PlanRecord,
  steps: worked,
});

const CHEF = { ...usualMeasuresOf('chef', 210), thicknessBehindEdgeMm: 0.61 };
const show = (last: Job | null, rack = RACK, measures = CHEF) => {
  const onChoices = jest.fn();
  showPage(
    <LastVisit
      job={jobOf({ measures })}
      last={last}
      rack={rack}
      choices={DEFAULT_CHOICES}
      onChoices={onChoices}
    />,
    {},
  );
  return onChoices;
};

test('tells how it was held and worked, and what has changed since', async () => {
  show(lastTime);
  await userEvent.click(await screen.findByRole('button', { name: 'Last visit' }));
  expect(await screen.findByText('By hand, 17.0° per side')).toBeTruthy();
  expect(
    screen.getByText('Rig: jaws 88 mm from the heel, mark 103 mm on the rule, block 2'),
  ).toBeTruthy();
  const steps = screen.getByRole('list', { name: 'Steps of the last visit' });
  expect(within(steps).getAllByText(/41 right, 39 left, 4 min/).length).toBeGreaterThan(1);
  expect(screen.getByText(/^Since then: behind the edge .* mm, now 0.61 mm/)).toBeTruthy();
});

test('plans the same angle, direction and stones, and leaves out what was that visit’s alone', async () => {
  const onChoices = show(lastTime);
  await userEvent.click(await screen.findByRole('button', { name: 'Last visit' }));
  await userEvent.click(await screen.findByRole('button', { name: 'Plan as last time' }));
  const stones = made.work.steps
    .filter(({ operation }) => operation === 'edge' || operation === 'refine')
    .map(({ stoneId }) => stoneId);
  expect(onChoices).toHaveBeenCalledWith(
    expect.objectContaining({
      angleDeg: 17,
      direction: 'edge-leading',
      chipsLeft: [],
      chains: [expect.objectContaining({ part: 'edge', stones })],
    }),
  );
});

test('a razor that kept its flat V is planned from the fine stone it was left on', async () => {
  const onChoices = show(lastTime, RACK, { ...usualMeasuresOf('razor', 65) });
  await userEvent.click(await screen.findByRole('button', { name: 'Last visit' }));
  await userEvent.click(await screen.findByRole('button', { name: 'Plan as last time' }));
  const stones = made.work.steps
    .filter(({ operation }) => operation === 'edge' || operation === 'refine')
    .map(({ stoneId }) => stoneId);
  const [[chosen]] = onChoices.mock.calls as [[PlanChoices]];
  expect(chosen.kind.razorStart).toBe('refresh');
  expect(chosen.chains).toMatchObject([{ part: 'edge', stones: stones.slice(-1) }]);
});

test('a stone sold since is told, and not planned with', async () => {
  const sold = made.work.steps.find(({ operation }) => operation === 'edge')!.stoneId;
  const onChoices = show(
    lastTime,
    RACK.filter(({ id }) => id !== sold),
  );
  await userEvent.click(await screen.findByRole('button', { name: 'Last visit' }));
  expect(await screen.findByText(/no longer on the rack/)).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'Plan as last time' }));
  const [{ chains }] = onChoices.mock.calls[0] as [{ chains: { stones: string[] }[] }];
  expect(chains[0]?.stones ?? []).not.toContain(sold);
});

test('a first visit shows nothing of the sort', () => {
  show(null);
  expect(screen.queryByRole('button', { name: 'Last visit' })).toBeNull();
});
