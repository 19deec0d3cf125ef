import type { Job, StepRecord } from '@patient-edge/contract';
import { ownText, withStepDefaults, type PlanStep } from '@patient-edge/core';
import { screen } from '@testing-library/react';
import type { ComponentProps } from 'react';
import { jobOf } from '../../test/jobs';
import { showPage } from '../../test/pages';
import { StepCard } from './step-card';
import { StepFacts } from './step-facts';
import type { Gauge } from './use-gauge';
import type { StepAtBench } from './use-step-at-work';

const stepOf = (part: Partial<PlanStep> = {}): PlanStep => ({
  ...withStepDefaults({
    operation: 'edge',
    title: 'Set the edge on Grey stone',
    instruction: 'Full length, even pressure.',
    seconds: 300,
    stoneId: '4',
    strokesPerSide: 60,
    angleDeg: 18,
    check: 'Burr along the whole edge',
  }),
  ...part,
});

const side = (name: 'right' | 'left', angleDeg: number | null) => ({
  side: name,
  angleDeg,
  lifts: [],
  strokes: 60,
});

const Both = (props: ComponentProps<typeof StepCard>) => (
  <>
    <StepFacts step={props.record.step} atWork={props.atWork} />
    <StepCard {...props} />
  </>
);

/** What of the work the card looks at. */
const show = (step: PlanStep, part: Partial<StepAtBench> = {}, job: Job = jobOf()) =>
  showPage(
    <Both
      job={job}
      record={{ step } as StepRecord}
      gauge={{ asCut: [] } as unknown as Gauge}
      atWork={
        { turn: 'right', angleDeg: step.angleDeg, lifts: [], ahead: [], ...part } as StepAtBench
      }
    />,
    { 'GET /stones': [], 'GET /devices': {} },
  );

const angle = () => screen.getByText('18.0°').parentElement!.textContent;

describe('the card of a step', () => {
  test('says what to do and what to look for', () => {
    show(stepOf());
    expect(screen.getByRole('heading', { level: 1 }).textContent).toBe(
      'Set the edge on Grey stone',
    );
    expect(screen.getByText('Full length, even pressure.')).toBeTruthy();
    expect(screen.getByText('Look for').nextElementSibling!.textContent).toBe(
      'Burr along the whole edge',
    );
  });

  test('says nothing of what the step has not', () => {
    show(stepOf({ cooling: null, before: null, caution: null, pattern: null }));
    for (const name of ['Cooling', 'Before going on', 'Pattern', 'Pressure'])
      expect(screen.queryByText(name)).toBeNull();
  });

  test.each([
    ['both sides alike', [side('right', 18), side('left', 18)], '18.0° per side · 36.0° inclusive'],
    [
      'each its own',
      [side('right', 14), side('left', 20)],
      '18.0° on the right · 20.0° on the left',
    ],
    ['one side', [side('right', 18)], '18.0° on the right'],
    ['a face beside a bevel', [side('right', 18), side('left', null)], '18.0° on the right'],
    ['flat on the face', [side('right', null)], '18.0° on the face'],
  ])('tells the angle of %s', (_what, sides, told) => {
    show(stepOf({ sides }));
    expect(angle()).toBe(told);
  });

  test('on the outline the edge stands upright', () => {
    show(stepOf({ operation: 'outline' }));
    expect(angle()).toContain('upright');
  });

  test('a caution stands out; a setting of the machine is said, however old the step', () => {
    show(stepOf({ caution: ownText('Keep it cool.') }));
    expect(screen.getByText('Keep it cool.')).toBeTruthy();
  });

  test('a setting kept as prose before wording had codes is said as it was', () => {
    const kept = withStepDefaults({
      operation: 'edge',
      seconds: 60,
      stoneId: '4',
      strokesPerSide: 20,
      setting: {
        setDeg: 17,
        words: 'Set Table to 17.0°.',
        why: { rule: '', inputs: [], source: '' },
      },
    });
    show(kept);
    expect(screen.getByText('Set Table to 17.0°.')).toBeTruthy();
  });
});
