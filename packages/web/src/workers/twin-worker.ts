/** The twin of the blade on the bench, away from the page: kept between questions, so that a stroke costs one cut. */
import {
  correctedShare,
  Twin,
  type TwinBlade,
  type TwinStroke,
  type TwinView,
} from '@patient-edge/core';
import { expose } from 'comlink';

export interface TwinQuestion {
  readonly blade: TwinBlade;
  /** Of steps that are done. */
  readonly before: readonly TwinStroke[];
  /** Of the step at work; what is only added to is not cut again. */
  readonly now: readonly TwinStroke[];
  /** Read by caliper behind the edge in this step, mm; null where nothing was. */
  readonly measuredMm: number | null;
  /** Where the section is looked at, as a share of the edge. */
  readonly at: number;
}

export interface TwinAnswer {
  readonly view: TwinView;
  readonly original: readonly { readonly x: number; readonly y: number }[];
  readonly outline: readonly { readonly x: number; readonly y: number }[];
  /** What the model's steel was multiplied by for the caliper; 1 without. */
  readonly corrected: number;
}

/** The caliper's jaws reach this far above the edge. */
const CALIPER_MM = 1;

interface Held {
  readonly key: string;
  readonly twin: Twin;
  readonly cut: TwinStroke[];
}
let held: Held | null = null;

const isSame = (a: TwinStroke, b: TwinStroke | undefined): boolean =>
  b !== undefined &&
  a.side === b.side &&
  a.angleDeg === b.angleDeg &&
  a.from === b.from &&
  a.to === b.to &&
  a.mm3 === b.mm3;

const cutWith = (blade: TwinBlade, strokes: readonly TwinStroke[]): Twin => {
  const twin = new Twin(blade);
  for (const stroke of strokes) twin.stroke(stroke);
  return twin;
};

const shareFor = ({ blade, before, now, measuredMm, at }: TwinQuestion): number => {
  if (measuredMm === null) return 1;
  const beforeMm = cutWith(blade, before).thicknessAt(at, CALIPER_MM);
  const modelledMm = cutWith(blade, [...before, ...now]).thicknessAt(at, CALIPER_MM);
  return beforeMm === null || modelledMm === null
    ? 1
    : correctedShare({ beforeMm, modelledMm, measuredMm });
};

const api = {
  look: (question: TwinQuestion): TwinAnswer | null => {
    const { blade, before, now, at } = question;
    const corrected = shareFor(question);
    const strokes = [...before, ...now.map((each) => ({ ...each, mm3: each.mm3 * corrected }))];
    const key = JSON.stringify(blade);
    const isAdded =
      held?.key === key &&
      held.cut.length <= strokes.length &&
      held.cut.every((stroke, index) => isSame(stroke, strokes[index]));
    if (!isAdded || !held) held = { key, twin: new Twin(blade), cut: [] };
    for (const stroke of strokes.slice(held.cut.length)) {
      held.twin.stroke(stroke);
      held.cut.push(stroke);
    }
    const outline = held.twin.outlineAt(at);
    const original = new Twin(blade, 1).outlineAt(at);
    if (!outline || !original) return null;
    return { view: held.twin.look(), original, outline, corrected };
  },
};
export type TwinWorker = typeof api;

expose(api);
