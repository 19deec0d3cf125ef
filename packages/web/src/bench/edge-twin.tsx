/** The edge as it is now by the model, beside what was planned, and where along it the apex is reached. */
import type { Job, StepRecord } from '@patient-edge/contract';
import {
  BLADE_SIDES,
  strokesWorked,
  ZONES,
  zoneAt,
  type BladeSide,
  type TwinBlade,
  type TwinStation,
  type TwinStroke,
  type Zone,
  named,
} from '@patient-edge/core';
import type { Remote } from 'comlink';
import { useMemo, useState } from 'react';
import styled from 'styled-components';
import { fixed, mm } from '../theme/format';
import { MutedText, Stack } from '../theme/layout';
import type { Option } from '../theme/options';
import { SegmentedControl } from '../theme/segmented-control';
import type { TwinAnswer, TwinQuestion, TwinWorker } from '../workers/twin-worker';
import { useWorkerQuery } from '../workers/use-worker-query';
import type { StepAtBench } from './use-step-at-work';
import { DrawingSheet } from '../theme/drawing';
import { STRINGS } from './strings';

const createTwinWorker = (): Worker =>
  new Worker(new URL('../workers/twin-worker.ts', import.meta.url), { type: 'module' });
const ask = (remote: Remote<TwinWorker>, question: TwinQuestion): Promise<TwinAnswer | null> =>
  remote.look(question);

const Drawn = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  & text {
    font: 400 15px var(--text);
    fill: var(--ink-soft);
  }
`;

const PLACES: readonly Option<Zone>[] = ZONES.map((id) => ({ id, label: named(id) }));
const CENTRES: Readonly<Record<Zone, number>> = { heel: 0.12, middle: 0.4, belly: 0.7, tip: 0.93 };

const bladeOf = (job: Job): TwinBlade | null => {
  const { measures, plan } = job;
  const angleDeg = plan?.figures.presentAngle.value ?? measures.presentAnglePerSideDeg;
  if (angleDeg === null || angleDeg <= 0) return null;
  const edge = job.steps.find(({ step }) => step.operation === 'edge')?.step;
  return {
    edgeLengthMm: measures.edgeLengthMm,
    heightsMm: [measures.heightHeelMm, measures.heightMiddleMm, measures.heightTipMm],
    spinesMm: [measures.spineHeelMm, measures.spineMiddleMm, measures.spineTipMm],
    thicknessBehindEdgeMm: measures.thicknessBehindEdgeMm,
    angleDeg,
    groundSide: edge?.sides.length === 1 ? edge.sides[0]!.side : null,
  };
};

const countedOf = (record: StepRecord) => ({
  right: record.strokesRight,
  left: record.strokesLeft,
});

interface EdgeTwinProps {
  readonly job: Job;
  readonly record: StepRecord;
  readonly atWork: StepAtBench;
  /** With a gauge, strokes as they were held; without, as they were meant. */
  readonly held?: readonly TwinStroke[];
}

export const EdgeTwin = ({ job, record, atWork, held }: EdgeTwinProps) => {
  const [place, setPlace] = useState<Zone>('middle');
  const { work } = atWork;
  const { strokesRight, strokesLeft, notes } = work;
  const blade = useMemo(() => bladeOf(job), [job]);
  const before = useMemo(
    () =>
      job.steps
        .filter(({ id, superseded }) => !superseded && id !== record.id)
        .flatMap((each) =>
          strokesWorked({ step: each.step, counted: countedOf(each), added: each.notes.added }),
        ),
    [job, record.id],
  );
  const question = useMemo((): TwinQuestion | null => {
    if (!blade) return null;
    const counted = { right: strokesRight, left: strokesLeft };
    const meant = strokesWorked({ step: record.step, counted, added: notes.added });
    return {
      blade,
      before,
      now: held && held.length > 0 ? held : meant,
      measuredMm: notes.readings.behindEdgeMm ?? null,
      at: CENTRES[place],
    };
  }, [blade, before, held, notes, place, record.step, strokesRight, strokesLeft]);
  const { answer, error } = useWorkerQuery<TwinWorker, TwinQuestion, TwinAnswer | null>(
    createTwinWorker,
    ask,
    question,
  );
  if (!blade || (answer === null && error === null)) return null;
  if (!answer) return <MutedText>{error}</MutedText>;
  const plannedDeg = record.step.angleDeg ?? job.plan!.angleDeg;
  return (
    <Stack $gap={8} as="section" aria-label={STRINGS.modelOfTheEdge}>
      <SegmentedControl
        label={STRINGS.modelOfTheEdgeAtThe}
        options={PLACES}
        value={place}
        onChange={setPlace}
      />
      <Across answer={answer} plannedDeg={plannedDeg} groundSide={blade.groundSide} place={place} />
      <Reached stations={answer.view.stations} sides={atWork.worked} />
      <MutedText>
        {STRINGS.aModelTheSteelThePlan(
          held && held.length > 0 ? STRINGS.atTheAnglesTheGaugeRead : STRINGS.atThePlannedAngle,
          answer.corrected === 1
            ? STRINGS.aCaliperReadingCorrectsIt
            : STRINGS.correctedByTheCaliperTo(Math.round(100 * answer.corrected)),
        )}
      </MutedText>
    </Stack>
  );
};

const WIDTH = 560;
const HEIGHT = 230;
const FLOOR = 214;

const pathOf = (
  points: readonly { readonly x: number; readonly y: number }[],
  scale: number,
): string =>
  points
    .map(
      ({ x, y }, index) =>
        `${index === 0 ? 'M' : 'L'}${WIDTH / 2 + x * scale} ${FLOOR - y * scale}`,
    )
    .join('');

const Across = ({
  answer: { original, outline },
  plannedDeg,
  groundSide,
  place,
}: {
  answer: TwinAnswer;
  plannedDeg: number;
  groundSide: BladeSide | null;
  place: Zone;
}) => {
  const apex = outline.reduce((low, each) => (each.y < low.y ? each : low));
  // The bevel as it came fills two thirds of the height.
  const bevelMm = original.reduce((low, { y }) => (y > 1e-9 && y < low ? y : low), original[0]!.y);
  const scale = Math.min(400, 150 / Math.max(0.2, bevelMm, apex.y * 2));
  const topMm = HEIGHT / scale;
  const reach = Math.tan((plannedDeg * Math.PI) / 180) * topMm;
  const planned = [
    { x: groundSide === 'left' ? apex.x : apex.x + reach, y: apex.y + topMm },
    apex,
    { x: groundSide === 'right' ? apex.x : apex.x - reach, y: apex.y + topMm },
  ];
  return (
    <DrawingSheet leastPx={440}>
      <Drawn
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={STRINGS.theEdgeAtTheByThe(named(place), mm(apex.y, 2), fixed(plannedDeg, 1))}
      >
        <path d={pathOf(outline, scale)} fill="var(--steel)" stroke="var(--ink)" strokeWidth={2} />
        <path
          d={pathOf(original, scale)}
          fill="none"
          stroke="var(--cut)"
          strokeDasharray="5 4"
          strokeWidth={1.5}
        />
        <path
          d={pathOf(planned, scale)}
          fill="none"
          stroke="var(--accent)"
          strokeDasharray="10 4"
          strokeWidth={1.5}
        />
        <text x={10} y={20}>
          {STRINGS.now}
        </text>
        <text x={10} y={40} fill="var(--cut)">
          {STRINGS.asItCame}
        </text>
        <text x={10} y={60}>
          {STRINGS.planned(fixed(plannedDeg, 1))}
        </text>
        <text x={WIDTH - 10} y={20} textAnchor="end">
          {STRINGS.apexUp(mm(apex.y, 3))}
        </text>
      </Drawn>
    </DrawingSheet>
  );
};

/** Zones in which the worked face meets the apex nearly everywhere, as a person would say it. */
const reachedText = (stations: readonly TwinStation[], side: BladeSide): string => {
  const missing = ZONES.filter((zone) =>
    stations.some(({ share, reached }) => zoneAt(share) === zone && !reached[side]),
  );
  if (missing.length === 0) return STRINGS.reachedAllAlong;
  return missing.length === ZONES.length
    ? STRINGS.notReachedYet
    : STRINGS.notYetAt(missing.join(', '));
};

const LANE_WIDTH = 600;

const Reached = ({
  stations,
  sides,
}: {
  stations: readonly TwinStation[];
  sides: readonly BladeSide[];
}) => (
  <Stack $gap={2}>
    {BLADE_SIDES.filter((side) => sides.includes(side)).map((side) => (
      <div key={side}>
        <p>
          <b>{STRINGS.apex(named(side))}</b> {reachedText(stations, side)}
        </p>
        <Drawn viewBox={`0 0 ${LANE_WIDTH} 14`} preserveAspectRatio="none" aria-hidden>
          <rect width={LANE_WIDTH} height={14} fill="var(--line-soft)" />
          {stations.map(({ share, reached }) =>
            reached[side] ? (
              <rect
                key={share}
                x={share * LANE_WIDTH - LANE_WIDTH / stations.length / 2}
                width={LANE_WIDTH / stations.length + 0.5}
                height={14}
                fill="var(--steel-deep)"
              />
            ) : null,
          )}
        </Drawn>
      </div>
    ))}
  </Stack>
);
