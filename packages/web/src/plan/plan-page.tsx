/** Assess and plan: along and across, with everything following the operator's choices at once. */
import type { Job } from '@patient-edge/contract';
import type { BladePlan, PlanChoices, PlanInput } from '@patient-edge/core';
import { useCallback, useEffect, useRef, useState } from 'react';
import styled from 'styled-components';
import { useBlade } from '../api/hooks';
import { Unmeasured } from '../intake/unmeasured';
import { UnsavedNotice } from '../intake/unsaved-notice';
import { useCurrentJob } from '../jobs/current-job';
import { AsItCame } from '../judge/as-it-came';
import { ActionButton } from '../theme/buttons';
import { Failed } from '../theme/failed';
import { Panel, Row, Stack } from '../theme/layout';
import { QuietLink } from '../theme/links';
import { Notice } from '../theme/notice';
import { LotNotice } from '../trials/lot-notice';
import { usePlan } from '../workers/use-plan';
import { AlongSheet } from './along-sheet';
import { AngleControl } from './angle-control';
import { HoldingSheet } from './holding-sheet';
import { HowSure } from './how-sure';
import { LastVisit } from './last-visit';
import { OrderSheet } from './order-sheet';
import { OutputsSheet } from './outputs-sheet';
import { PlanBar } from './plan-bar';
import { RackSheet } from './rack-sheet';
import { SchoolsSheet } from './schools-sheet';
import { SectionSheet } from './section-sheet';
import { usePlanChoices, usePlanInput } from './use-plan-input';
import { STRINGS } from './strings';

const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1.15fr) minmax(0, 1fr);
  gap: 16px;
  @media (max-width: 900px) {
    grid-template-columns: 1fr;
  }
`;
/** What moves with the angle is laid out and painted within its own sheet: the page is long. */
const Sheets = styled(Stack)`
  & section {
    contain: layout paint;
  }
  /* What has the focus is never under the bar. */
  & :is(a, button, input, textarea) {
    scroll-margin-block-end: 130px;
  }
`;
const PlanPage = () => {
  const job = useCurrentJob();
  const { choices, setChoices, isReady } = usePlanChoices(job);
  const input = usePlanInput(job, choices);
  const { answer: result, error, retry } = usePlan(isReady ? input : null);
  // What is told of the last visit stands above the rest: it comes with the plan, or the plan moves under the hand.
  const { data: record, error: noRecord } = useBlade(job.blade.id);
  if (error !== null) return <Failed error={error} retry={retry} />;
  if (!result || !(record ?? noRecord)) return <p role="status">{STRINGS.workingOutThePlan}</p>;
  if (!result.ok) {
    return (
      <Stack>
        <Notice tone="cut" alert>
          {result.error.message}
        </Notice>
        <Row>
          {result.error.field?.startsWith('choices.thinBands') && (
            <ActionButton onPress={() => setChoices({ ...choices, thinBands: null })}>
              {STRINGS.bandsAsUsual}
            </ActionButton>
          )}
          {result.error.field?.startsWith('choices.thinTo') && (
            <ActionButton
              onPress={() => setChoices({ ...choices, thinTo: { at5Mm: null, at10Mm: null } })}
            >
              {STRINGS.thicknessByFallingAngles}
            </ActionButton>
          )}
          {choices.angleDeg !== null && result.error.field?.startsWith('choices') ? (
            <ActionButton
              onPress={() => setChoices({ ...choices, angleDeg: null, approach: null })}
            >
              {STRINGS.backToTheAdvisedAngle}
            </ActionButton>
          ) : (
            <>
              <QuietLink to={`/jobs/${job.id}/intake`}>{STRINGS.goToIntake}</QuietLink>
              <QuietLink to={`/rack/progression?job=${job.id}`}>
                {STRINGS.progressionOfThisBlade}
              </QuietLink>
            </>
          )}
        </Row>
      </Stack>
    );
  }
  return (
    <Planned
      job={job}
      last={record?.lastJob ?? null}
      plan={result.value}
      choices={choices}
      onChoices={setChoices}
      input={input!}
    />
  );
};

interface PlannedProps {
  readonly job: Job;
  /** The last visit that was worked; null where there was none. */
  readonly last: Job | null;
  readonly plan: BladePlan;
  readonly choices: PlanChoices;
  readonly onChoices: (next: PlanChoices) => void;
  readonly input: PlanInput;
}

const Planned = ({ job, last, plan, choices, onChoices, input }: PlannedProps) => {
  const { rack, machine } = input;
  const latest = useRef(choices);
  useEffect(() => {
    latest.current = choices;
  });
  const set = useCallback(
    (part: Partial<PlanChoices>): void => onChoices({ ...latest.current, ...part }),
    [onChoices],
  );
  const setMachine = useCallback((machineId: string | null) => set({ machineId }), [set]);
  const setHandFrom = useCallback((handFromUm: number | null) => set({ handFromUm }), [set]);
  const choicesNow = useCallback(() => latest.current, []);
  // While the angle is being moved the two pictures beside it follow; the rest follows when it stops.
  const [moving, setMoving] = useState(false);
  const [calm, setCalm] = useState({ plan, choices, input });
  if (!moving && (calm.plan !== plan || calm.input !== input)) setCalm({ plan, choices, input });
  const shared = { job, plan: calm.plan, choices: calm.choices, onChoices: set };
  return (
    <Sheets $gap={16}>
      <UnsavedNotice job={job} />
      <Unmeasured job={job} />
      <AsItCame job={job} text={STRINGS.aimForThis} />
      {job.trial && <LotNotice lot={job.trial} choices={calm.choices} onChoices={set} />}
      <LastVisit job={job} last={last} rack={rack} choices={calm.choices} onChoices={set} />
      <Two>
        <Panel aria-label={STRINGS.angle}>
          <AngleControl
            plan={plan}
            restingDeg={calm.plan.angle.angleDeg}
            onChoices={set}
            onMoving={setMoving}
          />
        </Panel>
        <SectionSheet job={job} plan={plan} resting={calm.plan} />
      </Two>
      <OrderSheet {...shared} rack={rack} />
      <AlongSheet {...shared} rack={rack} />
      <HoldingSheet
        plan={calm.plan}
        machineId={calm.choices.machineId}
        onMachine={setMachine}
        handFromUm={calm.choices.handFromUm}
        onHandFrom={setHandFrom}
      />
      <RackSheet {...shared} rack={rack} machine={machine} />
      <SchoolsSheet choices={calm.choices} onChoices={set} />
      <OutputsSheet
        job={job}
        hasLifts={calm.plan.work.steps.some(({ lifts }) => lifts.length > 0)}
        sides={calm.plan.work.held.flatMap(({ side }) => side ?? [])}
        onChoices={onChoices}
      />
      <HowSure job={job} input={calm.input} shoulderLabel={calm.plan.section.shoulderLabel} />
      <PlanBar job={job} plan={calm.plan} rack={rack} choicesNow={choicesNow} />
    </Sheets>
  );
};

export default PlanPage;
