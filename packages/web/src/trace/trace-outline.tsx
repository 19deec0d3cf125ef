/**
 * The outline of a blade off its photograph: scale by a rectangle or two points, then edge and spine by
 * clicks from heel to tip. The figures follow every point.
 */
import type { Job, Photograph } from '@patient-edge/contract';
import {
  curveThrough,
  fail,
  readOutline,
  thinned,
  traceOutline,
  type PicturePoint,
  type Result,
  type Scaling,
  type TracedOutline,
} from '@patient-edge/core';
import { useDeferredValue, useMemo, useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { readStored, writeStored } from '../api/stored';
import { keepDraft, keptDraft } from '../intake/draft';
import { fromJob, withOutline } from '../intake/values';
import { fixed, mm, parseNumber } from '../theme/format';
import { ActionButton, QuietButton } from '../theme/buttons';
import { Figures, Row, Panel, MutedText, Stack } from '../theme/layout';
import { Notice } from '../theme/notice';
import { SegmentedControl } from '../theme/segmented-control';
import { NumberEntry } from '../theme/number-entry';
import { BesidePicture } from './beside-picture';
import { PictureCanvas } from './picture-canvas';
import { PointsLayer } from './points-layer';
import { STRINGS } from './strings';

const Read = styled.dl`
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 2px 12px;
  & dd {
    font-family: var(--figures);
    text-align: right;
  }
`;

const STEPS = [
  { id: 'scale', label: STRINGS.scale },
  { id: 'edge', label: STRINGS.edge },
  { id: 'spine', label: STRINGS.spine },
] as const;
type Step = (typeof STEPS)[number]['id'];

const LAYERS = [
  { id: 'scale', name: 'Scale point', colour: 'var(--good)' },
  { id: 'edge', name: 'Edge point', colour: 'var(--accent)' },
  { id: 'spine', name: 'Spine point', colour: 'var(--cut)' },
] as const;

const WAYS = [
  { id: 'rectangle', label: STRINGS.rectangle },
  { id: 'two points', label: STRINGS.twoPoints },
] as const;

/** A bank card, ISO/IEC 7810 ID-1. */
const CARD_MM = { width: '85.6', height: '53.98' } as const;
const MOST_POINTS = 120;

/** Everything set on a picture so far; kept on this device. */
interface Trace {
  readonly way: Scaling['way'];
  readonly widthMm: string;
  readonly heightMm: string;
  readonly distanceMm: string;
  readonly scale: readonly PicturePoint[];
  readonly edge: readonly PicturePoint[];
  readonly spine: readonly PicturePoint[];
}
const NEW_TRACE: Trace = {
  way: 'rectangle',
  widthMm: CARD_MM.width,
  heightMm: CARD_MM.height,
  distanceMm: '100',
  scale: [],
  edge: [],
  spine: [],
};

const HINTS: Readonly<Record<Step, string>> = {
  scale: '',
  edge: STRINGS.clickAlongTheEdgeFromHeel,
  spine: STRINGS.clickAlongTheSpineFromHeel,
};

/** The curve that is laid through the clicks, on the picture. */
const smooth = (points: readonly PicturePoint[]): PicturePoint[] =>
  curveThrough(points.map(({ x, y }) => [x, y] as const)).map(([x, y]) => ({ x, y }));

const positive = (typed: string): number | null => {
  const value = parseNumber(typed);
  return value !== null && value > 0 && value <= 2000 ? value : null;
};

const scalingOf = (trace: Trace): Result<Scaling> => {
  const [a, b, c, d] = trace.scale;
  if (trace.way === 'two points') {
    const distanceMm = positive(trace.distanceMm);
    if (distanceMm === null)
      return fail('INVALID_INPUT', STRINGS.distanceMustBeFrom0To(trace.distanceMm));
    if (!a || !b) return fail('INVALID_INPUT', STRINGS.clickTheTwoPointsOfKnown);
    return { ok: true, value: { way: 'two points', points: [a, b], distanceMm } };
  }
  const [widthMm, heightMm] = [positive(trace.widthMm), positive(trace.heightMm)];
  if (widthMm === null || heightMm === null)
    return fail('INVALID_INPUT', STRINGS.widthAndHeightOfTheRectangle);
  if (!a || !b || !c || !d) return fail('INVALID_INPUT', STRINGS.clickTheFourCornersOfThe);
  return { ok: true, value: { way: 'rectangle', corners: [a, b, c, d], widthMm, heightMm } };
};

const outlineOf = (trace: Trace): Result<TracedOutline> => {
  const scaling = scalingOf(trace);
  if (!scaling.ok) return scaling;
  const curves = traceOutline(scaling.value, trace.edge, trace.spine);
  if (!curves.ok) return curves;
  return {
    ok: true,
    value: {
      source: 'photograph',
      edge: thinned(curves.value.edge, MOST_POINTS),
      spine: thinned(curves.value.spine, MOST_POINTS),
    },
  };
};

interface TraceOutlineProps {
  readonly job: Job;
  readonly photograph: Photograph;
}

export const TraceOutline = ({ job, photograph }: TraceOutlineProps) => {
  const { id, widthPx, heightPx } = photograph;
  const name = `trace of photograph ${id}`;
  const [trace, setTrace] = useState<Trace>(() => ({ ...NEW_TRACE, ...readStored<Trace>(name) }));
  const [step, setStep] = useState<Step>('scale');
  const navigate = useNavigate();
  const set = (part: Partial<Trace>): void => {
    const next = { ...trace, ...part };
    setTrace(next);
    writeStored(name, next);
  };
  // The figures may come a frame after the point; the point itself may not wait for them.
  const settled = useDeferredValue(trace);
  const outline = useMemo(() => outlineOf(settled), [settled]);
  const wanted = trace.way === 'rectangle' ? 4 : 2;
  const point = (at: PicturePoint): void => {
    if (step !== 'scale') {
      set({ [step]: [...trace[step], at] });
      return;
    }
    const scale = trace.scale.length >= wanted ? [at] : [...trace.scale, at];
    set({ scale });
    if (scale.length === wanted && trace.edge.length === 0) setStep('edge');
  };
  const use = async (): Promise<void> => {
    if (!outline.ok) return;
    const values = keptDraft(job) ?? fromJob(job);
    const filled = withOutline(outline.value);
    keepDraft(job.id, { ...values, ...filled, held: { ...values.held, ...filled.held } });
    await navigate(`/jobs/${job.id}/intake#measures`);
  };
  return (
    <BesidePicture>
      <PictureCanvas
        src={`/api/photographs/${id}/full.jpg`}
        widthPx={widthPx}
        heightPx={heightPx}
        label={STRINGS.photographClickToSetPointsPlus}
        onPoint={point}
      >
        {(view) => (
          <>
            {LAYERS.map(({ id: layer, name: called, colour }) => (
              <PointsLayer
                key={layer}
                name={called}
                colour={colour}
                view={view}
                points={trace[layer]}
                {...(layer === 'scale' ? {} : { line: smooth(trace[layer]) })}
                closed={layer === 'scale' && trace.scale.length === 4}
                onMove={(index, to) =>
                  set({ [layer]: trace[layer].map((each, at) => (at === index ? to : each)) })
                }
                onRemove={(index) => set({ [layer]: trace[layer].filter((_, at) => at !== index) })}
              />
            ))}
          </>
        )}
      </PictureCanvas>
      <Panel>
        <Stack $gap={12}>
          <SegmentedControl
            label={STRINGS.whatTheClicksSet}
            options={STEPS.map((each) => ({
              ...each,
              label: `${each.label} ${trace[each.id].length}`,
            }))}
            value={step}
            onChange={setStep}
          />
          {step === 'scale' ? (
            <Stack $gap={8}>
              <SegmentedControl
                label={STRINGS.scaleFromA}
                options={WAYS}
                value={trace.way}
                onChange={(way) => set({ way, scale: [] })}
              />
              {trace.way === 'rectangle' ? (
                <Row $gap={8} $align="end">
                  <div style={{ width: 130 }}>
                    <NumberEntry
                      label={STRINGS.longSideMm}
                      value={trace.widthMm}
                      onChange={(widthMm) => set({ widthMm })}
                    />
                  </div>
                  <div style={{ width: 130 }}>
                    <NumberEntry
                      label={STRINGS.shortSideMm}
                      value={trace.heightMm}
                      onChange={(heightMm) => set({ heightMm })}
                    />
                  </div>
                  <MutedText>{STRINGS.aBankCardAsItStands}</MutedText>
                </Row>
              ) : (
                <NumberEntry
                  label={STRINGS.distanceOfThePointsMm}
                  value={trace.distanceMm}
                  onChange={(distanceMm) => set({ distanceMm })}
                  hint={STRINGS.twoMarksOfARulerThe}
                />
              )}
            </Stack>
          ) : (
            <MutedText>{HINTS[step]}</MutedText>
          )}
          <Row $gap={8}>
            <QuietButton
              isDisabled={trace[step].length === 0}
              onPress={() => set({ [step]: trace[step].slice(0, -1) })}
            >
              {STRINGS.undoLastPoint}
            </QuietButton>
            <QuietButton isDisabled={trace[step].length === 0} onPress={() => set({ [step]: [] })}>
              {STRINGS.startAgain}
            </QuietButton>
          </Row>
          {outline.ok ? (
            <ReadOff outline={outline.value} />
          ) : (
            <Notice>{outline.error.message}.</Notice>
          )}
          <ActionButton isDisabled={!outline.ok} onPress={() => void use()}>
            {STRINGS.useThisOutline}
          </ActionButton>
        </Stack>
      </Panel>
    </BesidePicture>
  );
};

const ReadOff = ({ outline }: { outline: TracedOutline }) => {
  const read = readOutline(outline);
  const rows: readonly (readonly [string, string])[] = [
    [STRINGS.edgeHeelToTip, `${mm(read.edgeLengthMm, 1)}`],
    [STRINGS.alongItsCurve, `${mm(read.edgeArcMm, 1)}`],
    [STRINGS.heightAtHeel, `${mm(read.heightHeelMm, 1)}`],
    [STRINGS.halfWay, `${mm(read.heightMiddleMm, 1)}`],
    [STRINGS.nearTheTip, `${mm(read.heightTipMm, 1)}`],
    [STRINGS.bellyBegins, `${mm(read.bellyStartMm, 0)}`],
    [STRINGS.tipAboveTheHeel, `${mm(read.tipRiseMm, 1)}`],
    [STRINGS.theEdgeTurnsBy, `${fixed(read.turnDeg, 0)}°`],
  ];
  return (
    <Read>
      {rows.map(([label, value]) => (
        <div key={label} style={{ display: 'contents' }}>
          <dt>{label}</dt>
          <dd>
            <Figures>{value}</Figures>
          </dd>
        </div>
      ))}
    </Read>
  );
};
