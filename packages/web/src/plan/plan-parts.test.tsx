import {
  learnedTimes,
  DEFAULT_CHOICES,
  habitsOf,
  NO_SIZES,
  planBlade,
  usualMeasuresOf,
  bladeKind,
  type Answers,
  type BladePlan,
  type Machine,
  type PlanChoices,
  type PlanInput,
  textOf,
} from '@patient-edge/core';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { RACK } from '../../../core/test/blades';
import { jobOf } from '../../test/jobs';
import { showPage } from '../../test/pages';
import { HoldingSheet } from './holding-sheet';
import { KindChoicesFields, KindFacts, TipField } from './kind-sheet';
import { ThinningFields } from './thinning-fields';
import { SchoolsSheet } from './schools-sheet';
import { SectionSheet } from './section-sheet';
import { StepList } from './step-list';

const RAZOR_STONE = { ...RACK[2]!, id: 'finest', name: 'Finest', um: 0.6 };

interface Given {
  readonly kindId?: string;
  readonly answers?: Answers;
  readonly machine?: Machine | null;
}
const planFor = (
  choices: PlanChoices,
  { kindId = 'chef', answers = {}, machine = null }: Given,
) => {
  const { usual } = bladeKind(kindId);
  const input: PlanInput = {
    measures: usualMeasuresOf(kindId, usual.edgeLengthMm),
    steel: {
      designation: 'plain',
      standard: '',
      steelClass: 'carbon',
      stainless: 'no',
      composition: '',
      hrcLow: 56,
      hrcHigh: 58,
      wearFactor: 1,
      wearFactorDiamond: 1,
      finestUsefulUm: 1,
      burr: 'moderate',
      edge: 'sound',
    },
    useId: usual.use,
    sharpness: 'dull',
    carefulHands: false,
    damage: [],
    answers,
    rack: [...RACK, RAZOR_STONE],
    machine,
    choices: { ...choices, maxRatio: null },
  };
  const planned = planBlade(input);
  if (!planned.ok) throw new Error(planned.error.message);
  return planned.value;
};

/** A part of the page with choices of its own, planned anew at each change. */
const Planned = ({
  given = {},
  from = {},
  children,
}: {
  given?: Given;
  from?: Partial<PlanChoices>;
  children: (
    plan: BladePlan,
    choices: PlanChoices,
    onChoices: (part: Partial<PlanChoices>) => void,
  ) => React.ReactNode;
}) => {
  const [choices, setChoices] = useState<PlanChoices>({ ...DEFAULT_CHOICES, ...from });
  const set = (part: Partial<PlanChoices>): void => setChoices({ ...choices, ...part });
  return <>{children(planFor(choices, given), choices, set)}</>;
};

const showSteps = (given: Given = {}, from: Partial<PlanChoices> = {}) =>
  render(
    <Planned given={given} from={from}>
      {(plan, choices, onChoices) => (
        <StepList
          plan={plan}
          rack={RACK}
          choices={choices}
          onChoices={onChoices}
          times={learnedTimes(plan, RACK, null)}
        />
      )}
    </Planned>,
  );
const user = userEvent.setup();
const press = (name: string | RegExp) => user.click(screen.getByRole('button', { name }));
const titles = (): (string | null)[] =>
  within(screen.getByRole('list', { name: 'Operations' }))
    .getAllByRole('listitem')
    .map((item) => item.getAttribute('aria-label'));

describe('the operations of a plan', () => {
  test('tell side, angle, pressure and strokes; the rest on asking', async () => {
    showSteps();
    const [edge] = screen.getAllByText(/right 18.0°, left 18.0°/, { selector: 'small' });
    expect(edge!.textContent).toContain('edge-trailing');
    expect(screen.queryByText('Before going on')).toBeNull();
    await press(/^More of Set the edge/);
    expect(screen.getByText('Before going on')).toBeTruthy();
    expect(screen.getByText(/^Burr everywhere, tip back/)).toBeTruthy();
  });

  test('are changed with a reason, never without, and the change can be undone', async () => {
    showSteps();
    await press(/^More of Set the edge/);
    await press(/^Edit: Set the edge/);
    await user.type(await screen.findByLabelText('Changed to'), '9000');
    await press('Save change');
    expect(screen.getByText(/from 0 to 5000; "9000" was given/)).toBeTruthy();
    expect(screen.getByText(/A reason of at least 3 letters/)).toBeTruthy();
    await user.clear(screen.getByLabelText('Changed to'));
    await user.type(screen.getByLabelText('Changed to'), '21');
    await user.type(screen.getByLabelText('Reason'), 'narrow heel');
    await press('Save change');
    expect(screen.getByText('21 a side')).toBeTruthy();
    expect(screen.getByText(/changed: narrow heel/)).toBeTruthy();
    await press('Undo the change of strokes');
    expect(screen.queryByText('21 a side')).toBeNull();
  });

  test('one left out is told and can be put back', async () => {
    showSteps(
      {},
      { changes: [{ step: 'strop 1', what: 'left out', to: '', reason: 'no leather' }] },
    );
    expect(titles().some((title) => title!.startsWith('Strop'))).toBe(false);
    expect(screen.getByText(/^Left out: Strop on Strop/)).toBeTruthy();
    await press('Restore step');
    expect(titles().some((title) => title!.startsWith('Strop'))).toBe(true);
  });

  test('a change without a step is kept in sight until it is taken away', async () => {
    showSteps(
      {},
      { changes: [{ step: 'refine 9', what: 'strokes', to: '5', reason: 'as before' }] },
    );
    expect(screen.getByText(/has no step now: strokes of refine 9 to 5/)).toBeTruthy();
    await press('Remove');
    expect(screen.queryByText(/has no step now/)).toBeNull();
  });

  test('a step of one’s own stands where it was put, and nothing typed is lost on a refusal', async () => {
    showSteps();
    await press('Add a step');
    await user.type(await screen.findByLabelText('Title'), 'Look under the glass');
    await press('Add step');
    expect(screen.getByText('What to do, at least 3 letters')).toBeTruthy();
    expect(screen.getByLabelText<HTMLInputElement>('Title').value).toBe('Look under the glass');
    await user.type(screen.getByLabelText('What to do'), 'Is the chip gone?');
    await user.type(screen.getByLabelText('Reason'), 'it is disputed');
    await press('Add step');
    expect(titles()[0]).toBe('Look under the glass');
  });
});

describe('the section step by step', () => {
  test('goes from as it came to the last stage, drawn and as a table', async () => {
    render(
      <Planned from={{ thin: true }}>
        {(plan) => <SectionSheet job={jobOf()} plan={plan} resting={plan} />}
      </Planned>,
    );
    const table = screen.getByRole('table');
    expect(
      within(table)
        .getAllByRole('rowheader')
        .map(({ textContent }) => textContent),
    ).toEqual(['As it came', 'Jointing', 'Thinning', 'Edge bevel']);
    expect(screen.getByText('3 of 3: Edge bevel')).toBeTruthy();
    expect(screen.getByRole('button', { name: 'The next stage' })).toHaveProperty('disabled', true);
    await press('The stage before');
    expect(screen.getByText('2 of 3: Thinning')).toBeTruthy();
    expect(screen.getByRole('img', { name: /^Section half way along, Thinning/ })).toBeTruthy();
  });
});

describe('what only one kind has', () => {
  const fields = (kindId: string, given: Given = {}) =>
    render(
      <Planned given={{ kindId, ...given }}>
        {(plan, choices, onChoices) => (
          <>
            <KindFacts plan={plan} />
            <KindChoicesFields
              job={jobOf({ measures: usualMeasuresOf(kindId, 100) })}
              choices={choices}
              onChoices={onChoices}
            />
            <p>{plan.work.steps.map(({ title }) => textOf(title)).join('; ')}</p>
          </>
        )}
      </Planned>,
    );

  test('a razor: layers of tape, within limits, and its angle follows', async () => {
    fields('razor');
    expect(screen.getByText('7.9°')).toBeTruthy();
    const tape = screen.getByLabelText('Layers of tape on the spine');
    await user.clear(tape);
    await user.type(tape, '9');
    expect(screen.getByText('From 0 to 4, whole; "9" was given')).toBeTruthy();
    await user.clear(tape);
    await user.type(tape, '2');
    expect(screen.getByText('8.5°')).toBeTruthy();
  });

  test('a one-sided blade: tapped out only when a rim is typed', async () => {
    fields('leather');
    expect(screen.queryByText(/Tap the back out by/)).toBeNull();
    await user.type(screen.getByLabelText('Tap the back out for a rim of, mm'), '1.5');
    expect(screen.getByText(/Tap the back out by [\d.]+ mm/)).toBeTruthy();
    expect(screen.getByText('Steel to be moved')).toBeTruthy();
    await user.clear(screen.getByLabelText('Tap the back out for a rim of, mm'));
    expect(screen.queryByText(/Tap the back out by/)).toBeNull();
  });

  test('a kitchen knife has nothing of the sort', () => {
    fields('chef');
    expect(screen.queryByRole('radiogroup')).toBeNull();
  });

  test('a missing tip asks which way it is brought back', () => {
    const broken = {
      id: 't',
      kind: 'missing tip',
      side: 'both',
      fromMm: 200,
      lengthMm: 4,
      depthMm: 4,
    } as const;
    render(
      <Planned>
        {(_plan, choices, onChoices) => (
          <TipField job={jobOf({ damage: [broken] })} choices={choices} onChoices={onChoices} />
        )}
      </Planned>,
    );
    expect(screen.getByRole('radio', { name: /Spine to edge/ })).toHaveProperty('checked', true);
  });
});

describe('thinning', () => {
  test('shows its bands once it is wanted, and takes a thickness', async () => {
    render(
      <Planned>
        {(plan, choices, onChoices) => (
          <ThinningFields plan={plan} rack={RACK} choices={choices} onChoices={onChoices} />
        )}
      </Planned>,
    );
    expect(screen.queryByRole('group', { name: /^Bands/ })).toBeNull();
    await user.click(screen.getByText(/^Thin it/));
    await press('Bands and stones');
    const bands = () => screen.getByRole('group', { name: 'Bands, from the edge up' });
    await screen.findByRole('group', { name: 'Bands, from the edge up' });
    expect(within(bands()).getAllByLabelText(/^Band \d, °$/)).toHaveLength(2);
    // What each takes stands beside it, and follows what is typed.
    const taken = () => within(bands()).getAllByText(/mm³, \d+ a side/)[0]!.textContent;
    const before = taken();
    const stop = screen.getByLabelText('Stop behind the edge at, mm');
    await user.type(stop, '0.25');
    expect(taken()).not.toBe(before);
    expect(screen.getByText(/^0.25 mm behind the edge after it/)).toBeTruthy();
    await press('Add band');
    expect(within(bands()).getAllByLabelText(/^Band \d, °$/)).toHaveLength(3);
    await press('Reset bands');
    expect(within(bands()).getAllByLabelText(/^Band \d, °$/)).toHaveLength(2);
  });

  test('a band that does not fall is told beside its field, and not taken', async () => {
    const seen: PlanChoices[] = [];
    render(
      <Planned from={{ thin: true }}>
        {(plan, choices, onChoices) => {
          seen.push(choices);
          return <ThinningFields plan={plan} rack={RACK} choices={choices} onChoices={onChoices} />;
        }}
      </Planned>,
    );
    await press('Bands and stones');
    const second = await screen.findByLabelText('Band 2, °');
    await user.clear(second);
    await user.type(second, '12');
    expect(screen.getByText(/^From .* to .*; "12" was given/)).toBeTruthy();
    expect(seen.every(({ thinBands }) => (thinBands?.[1]?.angleDeg ?? 0) < 12)).toBe(true);
  });
});

describe('where good practitioners disagree', () => {
  test('a choice changes the plan’s practice; the habits are sent without the blade’s own', async () => {
    const habits = { choices: DEFAULT_CHOICES, version: 0 };
    const page = showPage(
      <Planned from={{ angleDeg: 19 }}>
        {(plan, choices, onChoices) => (
          <>
            <SchoolsSheet choices={choices} onChoices={onChoices} />
            <p>{plan.work.steps.map(({ title }) => textOf(title)).join('; ')}</p>
          </>
        )}
      </Planned>,
      { 'GET /habits': habits, 'PUT /habits': { ...habits, version: 1 } },
    );
    expect(await screen.findByText('as usual in this shop')).toBeTruthy();
    await press('Habits');
    await user.click(await screen.findByRole('button', { name: /Old edge$/ }));
    await user.click(await screen.findByRole('option', { name: 'push it back first' }));
    expect(await screen.findByText(/Push the rolled steel back/)).toBeTruthy();
    expect(screen.getByText('1 changed from usual')).toBeTruthy();
    await press('Save as shop habits');
    expect(await screen.findByText('Saved. The next plan starts from these.')).toBeTruthy();
    const sent = page.asked.find(({ method }) => method === 'PUT')!.body;
    const practice = { ...DEFAULT_CHOICES.practice, oldEdge: 'push it back first' as const };
    expect(sent).toEqual({ version: 0, choices: habitsOf({ ...DEFAULT_CHOICES, practice }) });
  });
});

describe('holding the angle', () => {
  const rail: Machine = {
    name: 'Rail',
    kind: 'guide rail',
    sizes: { ...NO_SIZES, railOffsetMm: 7 },
    cuts: [],
  };
  test('speaks in the terms of what the shop owns', async () => {
    showPage(
      <Planned given={{ machine: rail }}>
        {(plan) => (
          <HoldingSheet
            plan={plan}
            machineId="3"
            onMachine={() => {}}
            handFromUm={null}
            onHandFrom={() => {}}
          />
        )}
      </Planned>,
      { 'GET /machines': [] },
    );
    await press('Holding the angle');
    expect(await screen.findByText(/Clip it parallel to the edge/)).toBeTruthy();
    expect(screen.getByRole('img', { name: /^Angle along the edge/ })).toBeTruthy();
  });

  test('a razor is not lifted at all', async () => {
    showPage(
      <Planned given={{ kindId: 'razor' }}>
        {(plan) => (
          <HoldingSheet
            plan={plan}
            machineId={null}
            onMachine={() => {}}
            handFromUm={null}
            onHandFrom={() => {}}
          />
        )}
      </Planned>,
      { 'GET /machines': [] },
    );
    await press('Holding the angle');
    expect(await screen.findByText(/Spine and edge both lie on the stone/)).toBeTruthy();
    expect(screen.queryByRole('list', { name: /^Lift of the spine/ })).toBeNull();
  });
});
