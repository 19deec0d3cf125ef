/**
 * The angle gauge on the blade: every sample goes to the tracker, strokes it finds are counted and kept with the step. The
 * needle is moved by whoever listens, fifty times a second, without drawing the page anew.
 */
import { MOST_GAUGE_STROKES, type Job, type StepRecord } from '@patient-edge/contract';
import {
  bladeOutline,
  GaugeTracker,
  gaugeSummary,
  mm3PerStroke,
  perSide,
  recordingCsv,
  recordingOf,
  stationsAlongEdge,
  type GaugeNow,
  type GaugeSample,
  type GaugeSettings,
  type GaugeStroke,
  type GaugeSummary,
  type TwinStroke,
} from '@patient-edge/core';
import { useCallback, useEffect, useMemo, useRef, useState } from 'react';
import { isOffline, messageOf, request } from '../api/client';
import { queue as putInOutbox } from '../api/outbox';
import type { StepAtBench } from './use-step-at-work';

export const GAUGE_RATE_HZ = 50;
/** Strokes are sent together: one request for what a hand does in this time. */
const SEND_MS = 4000;
/** A recording is kept in the page; half an hour is enough, and is 2 MB as a file. */
const MOST_RECORDED = 30 * 60 * GAUGE_RATE_HZ;
const STATIONS = 40;
/** The edge has turned so far where its belly begins. */
const BELLY_DEG = 1;

const settingsOf = (job: Job, record: StepRecord): GaugeSettings => {
  const plannedDeg = record.step.angleDeg ?? job.plan!.angleDeg;
  const stations = stationsAlongEdge(bladeOutline(job.measures), perSide(plannedDeg), STATIONS);
  const turns = stations.map(({ turnDeg }) => Math.abs(turnDeg));
  const swingDeg = Math.max(...turns);
  const belly = turns.findIndex((turn) => turn > BELLY_DEG);
  return {
    rateHz: GAUGE_RATE_HZ,
    leanDeg: job.plan!.figures.primaryAngle.value,
    plannedDeg,
    // A straight edge has no belly: every place looks alike.
    bellyStart: belly < 0 ? 1 : belly / STATIONS,
    swingDeg: Math.max(BELLY_DEG, swingDeg),
  };
};

export interface Gauge {
  readonly isZeroed: boolean;
  readonly isZeroOld: boolean;
  readonly isStill: boolean;
  readonly plannedDeg: number;
  readonly strokes: readonly GaugeStroke[];
  readonly summary: GaugeSummary | null;
  /** The strokes as the twin cuts with them. */
  readonly asCut: readonly TwinStroke[];
  readonly problem: string | null;
  readonly setZero: () => void;
  readonly isRecording: boolean;
  readonly setRecording: (isRecording: boolean) => void;
  /** What was recorded, as a file. */
  readonly recording: () => string;
  /** Plays a recording as if it came from the gauge; false where it is none. */
  readonly replay: (csv: string) => boolean;
  readonly push: (sample: GaugeSample) => void;
  /** Hears every sample. */
  readonly onNow: (listener: (now: GaugeNow) => void) => () => void;
}

interface State {
  readonly isZeroed: boolean;
  readonly isZeroOld: boolean;
  readonly isStill: boolean;
}

export const useGauge = (
  job: Job,
  record: StepRecord,
  atWork: StepAtBench,
  /** Nothing is asked of the server for a gauge that is off. */
  isOn: boolean,
): Gauge => {
  const [settings] = useState(() => settingsOf(job, record));
  const [tracker] = useState(() => new GaugeTracker(settings));
  const [strokes, setStrokes] = useState<readonly GaugeStroke[]>([]);
  const [state, setState] = useState<State>({ isZeroed: false, isZeroOld: false, isStill: false });
  const [isRecording, setIsRecording] = useState(false);
  const listeners = useRef(new Set<(now: GaugeNow) => void>());
  const recorded = useRef<GaugeSample[]>([]);
  const recording = useRef(false);
  const count = useRef(atWork.stroke);
  useEffect(() => {
    count.current = atWork.stroke;
  });
  const { keep, problem } = useKept(job.id, record.id, isOn, setStrokes);

  const push = useCallback(
    (sample: GaugeSample): void => {
      if (recording.current && recorded.current.length < MOST_RECORDED)
        recorded.current.push(sample);
      const now = tracker.push(sample);
      for (const listener of listeners.current) listener(now);
      setState((before) =>
        before.isZeroed === now.isZeroed &&
        before.isZeroOld === now.isZeroOld &&
        before.isStill === now.isStill
          ? before
          : { isZeroed: now.isZeroed, isZeroOld: now.isZeroOld, isStill: now.isStill },
      );
      const { stroke } = now;
      if (!stroke) return;
      count.current(stroke.side);
      setStrokes((before) => [...before, stroke]);
      keep(stroke);
    },
    [tracker, keep],
  );
  const { step } = record;
  const asCut = useMemo(() => {
    const mm3 = mm3PerStroke(step);
    return strokes.map(({ side, meanDeg, from, to }) => ({
      side,
      angleDeg: Math.max(1, meanDeg),
      from,
      to,
      mm3,
    }));
  }, [strokes, step]);

  return {
    ...state,
    plannedDeg: settings.plannedDeg,
    strokes,
    summary: useMemo(() => gaugeSummary(strokes), [strokes]),
    asCut,
    problem,
    setZero: () => {
      if (tracker.setZero())
        setState((before) => ({ ...before, isZeroed: true, isZeroOld: false }));
    },
    isRecording,
    setRecording: (next) => {
      if (next) recorded.current = [];
      recording.current = next;
      setIsRecording(next);
    },
    recording: () => recordingCsv(recorded.current, GAUGE_RATE_HZ),
    replay: (csv) => {
      const samples = recordingOf(csv);
      if (!samples) return false;
      samples.forEach((sample, index) => {
        push(sample);
        // It begins on the stone, as it was recorded.
        if (index === 2 * GAUGE_RATE_HZ) tracker.setZero();
      });
      return true;
    },
    push,
    onNow: useCallback((listener) => {
      listeners.current.add(listener);
      return () => listeners.current.delete(listener);
    }, []),
  };
};

/** Strokes of this step kept before, and a queue of those that are new; a page that closes sends what it has. */
const useKept = (
  jobId: number,
  stepId: number,
  isOn: boolean,
  onKept: (strokes: (before: readonly GaugeStroke[]) => readonly GaugeStroke[]) => void,
) => {
  const path = `/jobs/${jobId}/steps/${stepId}/gauge-strokes`;
  const [problem, setProblem] = useState<string | null>(null);
  const queue = useRef<GaugeStroke[]>([]);
  const next = useRef<number | null>(null);
  const send = useCallback(async (): Promise<void> => {
    const strokes = queue.current.slice(0, MOST_GAUGE_STROKES);
    if (strokes.length === 0 || next.current === null) return;
    queue.current = queue.current.slice(strokes.length);
    const from = next.current;
    next.current += strokes.length;
    try {
      await request('POST', path, { from, strokes });
      setProblem(null);
    } catch (error) {
      if (isOffline(error)) {
        await putInOutbox({ kind: 'gauge', jobId, stepId, body: { from, strokes } });
        return;
      }
      // Kept in the page, and sent again under the same numbers.
      next.current = from;
      queue.current = [...strokes, ...queue.current];
      setProblem(messageOf(error));
    }
  }, [path, jobId, stepId]);
  useEffect(() => {
    if (!isOn) return;
    let isHere = true;
    // Once: turned off and on again, the page knows them already.
    if (next.current === null) {
      void request<GaugeStroke[]>('GET', path)
        .then((kept) => {
          if (!isHere) return;
          next.current = kept.length;
          onKept((before) => [...kept, ...before]);
        })
        .catch((error: unknown) => {
          if (isHere) setProblem(messageOf(error));
        });
    }
    const timer = setInterval(() => void send(), SEND_MS);
    return () => {
      isHere = false;
      clearInterval(timer);
      void send();
    };
  }, [path, isOn, onKept, send]);
  const keep = useCallback((stroke: GaugeStroke): void => {
    queue.current.push(stroke);
  }, []);
  return { keep, problem };
};
