/**
 * One step at work, on the whole screen: what to hold, strokes, clock, burr and the way out stay in sight; steps, remedies
 * and instructions share one place beside them.
 */
import { textOf } from '../theme/text';
import type { Job, StepRecord } from '@patient-edge/contract';

import { Suspense, useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { useFullScreen } from '../theme/full-screen';
import { lazyPart } from '../theme/lazy-part';
import { QuietButton } from '../theme/buttons';
import { Notice } from '../theme/notice';
import { BenchSigns } from './bench-signs';
import { InHand } from './in-hand';
import { LeaveStep, useLeaveStep } from './leave-step';
import { useParked } from './parked';
import { StepCard } from './step-card';
import { StepControls } from './step-controls';
import { StepFacts } from './step-facts';
import { StepsList } from './steps-list';
import { TrayBar } from './tray-bar';
import { TopLine, type BenchPanel } from './top-line';
import { useBenchKeys } from './use-bench-keys';
import { useBenchTools } from './use-bench-tools';
import { useGauge } from './use-gauge';
import { useTray } from './use-tray';
import { useStepAtWork } from './use-step-at-work';
import { STRINGS } from './strings';

/** The queue comes after the step: the work is to be there at once. */
const NextLine = lazyPart(() => import('../day/next-line'));

const Screen = styled.div`
  flex: 1;
  min-height: 0;
  display: grid;
  grid-template:
    'top top' 'facts controls' 'panel controls' minmax(0, 1fr) 'panel done' auto 'next done' 64px /
    minmax(0, 1.1fr) minmax(0, 1fr);
  gap: 8px 26px;
  font-size: 19px;
  & > [data-top] {
    grid-area: top;
  }
  & > [data-facts] {
    grid-area: facts;
  }
  & > [data-panel] {
    grid-area: panel;
    overflow: hidden auto;
    overscroll-behavior: contain;
    padding-bottom: 8px;
  }
  /* What is pressed with a wet hand is large, in the lists too. */
  & > [data-top] button,
  & > [data-panel] > section button {
    min-height: 56px;
  }
  & > [data-controls] {
    grid-area: controls;
    overflow: hidden auto;
    overscroll-behavior: contain;
  }
  & > [data-done] {
    grid-area: done;
    align-self: end;
  }
  /* Room for what comes next, before it is known: nothing moves when it comes. */
  & > [data-next] {
    grid-area: next;
    display: grid;
    grid-template-columns: minmax(0, 1fr);
    align-content: center;
    min-height: 64px;
  }
  @media (max-width: 900px) {
    grid-template:
      'top' auto 'facts' auto 'panel' minmax(24px, 1fr) 'controls' minmax(0, auto)
      'done' auto 'next' auto / minmax(0, 1fr);
    gap: 6px;
  }
  /* On a telephone what was asked for lies over the rest until it is closed. */
  @media (max-width: 560px) {
    font-size: 17px;
    grid-template:
      'top top' auto 'facts facts' auto 'panel panel' minmax(24px, 1fr) 'controls controls'
      minmax(0, auto) 'done then' auto 'next next' minmax(20px, auto) / minmax(0, 1fr) auto;
    /* The press that leads there stands beside Done, what it leads to in a line below. */
    & > [data-next],
    & > [data-next] > div {
      display: contents;
    }
    & > [data-next] > div > p {
      grid-area: next;
    }
    & > [data-next] > div > button {
      grid-area: then;
    }
    & > [data-panel='over'] {
      position: fixed;
      inset: 0;
      z-index: 20;
      background: var(--page);
      padding: 12px 14px;
    }
  }
`;

interface StepAtWorkProps {
  readonly job: Job;
  readonly record: StepRecord;
  readonly position: number;
  readonly total: number;
}

export const StepAtWork = ({ job, record, position, total }: StepAtWorkProps) => {
  useFullScreen();
  const atWork = useStepAtWork(job, record);
  const [tools] = useBenchTools();
  const gauge = useGauge(job, record, atWork, tools.gauge);
  const [panel, setPanel] = useState<BenchPanel>(null);
  const toggle = (next: BenchPanel): void => setPanel(panel === next ? null : next);
  const close = (): void => setPanel(null);
  const tray = useTray(job);
  const leaving = useLeaveStep(job, record.id, atWork, tray?.afterStep);
  const { park, cameBack } = useParking(job, record, atWork);
  const navigate = useNavigate();
  const { next, turn } = atWork;
  const goOn = (): void => {
    if (next.does === 'start') atWork.toggleClock();
    else if (next.does === 'burr') atWork.burrAlong(next.side, next.finding);
    else if (next.does === 'show') {
      atWork.dispatch({ type: 'shown', code: next.code, value: true });
    } else leaving.done();
  };
  useBenchKeys({
    stroke: () => atWork.stroke(turn),
    right: () => atWork.stroke('right'),
    left: () => atWork.stroke('left'),
    tenMore: () => atWork.stroke(turn, 10),
    swap: atWork.swap,
    clock: atWork.toggleClock,
    undo: atWork.undo,
    burr: atWork.burrAt,
    along: atWork.burrAlong,
    goOn,
    done: () => leaving.done(),
    steps: () => toggle('steps'),
    signs: () => toggle('signs'),
    details: () => toggle('details'),
    park,
    nextBlade: () => tray?.toNext(),
  });
  return (
    <Screen>
      <div data-top="">
        <TopLine
          job={job}
          position={position}
          total={total}
          panel={panel}
          onPanel={toggle}
          onPark={park}
        />
        {tray && <TrayBar job={job} tray={tray} />}
        <InHand job={job} />
        {cameBack && <Notice>{STRINGS.backFromTheCounterTheClock}</Notice>}
      </div>
      <div data-facts="">
        <StepFacts step={record.step} atWork={atWork} />
      </div>
      <div data-panel={panel === null ? '' : 'over'}>
        {panel === 'steps' && <StepsList job={job} onClose={close} />}
        {panel === 'signs' && (
          <BenchSigns job={job} record={record} atWork={atWork} onClose={close} />
        )}
        {(panel === null || panel === 'details') && (
          <>
            {panel === 'details' && <QuietButton onPress={close}>{STRINGS.close}</QuietButton>}
            <StepCard job={job} record={record} atWork={atWork} gauge={gauge} />
          </>
        )}
      </div>
      <div data-controls="">
        <StepControls job={job} record={record} atWork={atWork} gauge={gauge} />
      </div>
      <div data-done="">
        <LeaveStep stepId={record.id} leaving={leaving} atWork={atWork} onGoOn={goOn} />
      </div>
      {!tray && (
        <div data-next="">
          <Suspense fallback={null}>
            <NextLine
              job={job}
              stepId={record.id}
              onTo={(jobId) =>
                leaving.done(async () => {
                  await navigate(`/jobs/${jobId}/bench`);
                })
              }
            />
          </Suspense>
        </div>
      )}
    </Screen>
  );
};

/** A customer: the clock stands and the counter opens; whoever comes back finds the same step, its clock as it was. */
const useParking = (
  job: Job,
  record: StepRecord,
  atWork: ReturnType<typeof useStepAtWork>,
): { readonly park: () => void; readonly cameBack: boolean } => {
  const [parked, setParked] = useParked();
  const navigate = useNavigate();
  const [cameBack] = useState(parked?.jobId === job.id && parked.wasRunning);
  const resumed = useRef(false);
  const { setRunning } = atWork;
  useEffect(() => {
    if (parked?.jobId !== job.id || resumed.current) return;
    resumed.current = true;
    setParked(null);
    if (parked.wasRunning) setRunning(true);
  }, [parked, job.id, setParked, setRunning]);
  const park = (): void => {
    resumed.current = true;
    const wasRunning = atWork.running;
    atWork.setRunning(false);
    setParked({
      jobId: job.id,
      text: STRINGS.tagTagNumberTitle(job.tagNumber, textOf(record.step.title)),
      wasRunning,
    });
    void navigate('/take-in');
  };
  return { park, cameBack };
};
