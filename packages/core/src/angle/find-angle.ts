/**
 * Finding an angle on a rig: what ink, or light on the bevel, shows at three places after one or two light
 * passes, as what to change. Ink gone only at the shoulder is an angle too low, only at the edge one too
 * high; another answer at the tip than at the heel is the place of the jaws, since the angle falls with the
 * way from them.
 */
import { STRINGS } from './strings';
export const INK_PLACES = ['heel', 'middle', 'tip'] as const;
export type InkPlace = (typeof INK_PLACES)[number];
export const INK_SEEN = ['shoulder', 'across', 'edge'] as const;
export type InkSeen = (typeof INK_SEEN)[number];
export type InkAlong = Readonly<Record<InkPlace, InkSeen | null>>;

/** A try is changed by so much at most: less is lost in the arm's play, more jumps over the match. */
const LEAST_TURN_DEG = 0.3;
const MOST_TURN_DEG = 0.5;
const LEAST_SLIDE_MM = 3;
const MOST_SLIDE_MM = 5;

export interface AngleCorrection {
  /** Degrees to add to the setting: negative lowers it; 0 leaves it. */
  readonly turnDeg: number;
  /** Millimetres to move the jaws towards the tip: negative is towards the heel; 0 leaves them. */
  readonly slideMm: number;
  readonly isMatched: boolean;
  readonly text: string;
}

/** Too low, matched, too high. */
const OFF: Readonly<Record<InkSeen, -1 | 0 | 1>> = { shoulder: -1, across: 0, edge: 1 };

const turnText = (turnDeg: number): string =>
  STRINGS.byDegreesAndInkAgain(turnDeg > 0 ? STRINGS.raise : STRINGS.lower, Math.abs(turnDeg));

/**
 * What to change next, in degrees and millimetres; null until all three places were looked at. The jaws go
 * first: moving them changes the angle everywhere, so it is sought again after that.
 *
 * @example
 * findAngle({ heel: 'edge', middle: 'edge', tip: 'edge' })?.turnDeg; // -0.5
 */
export const findAngle = ({ heel, middle, tip }: InkAlong): AngleCorrection | null => {
  if (heel === null || middle === null || tip === null) return null;
  const off = [OFF[heel], OFF[middle], OFF[tip]] as const;
  // Higher at the tip than at the heel: the jaws sit too near the tip.
  const slope = off[2] - off[0];
  if (slope !== 0) {
    const slideMm = -Math.sign(slope) * (Math.abs(slope) > 1 ? MOST_SLIDE_MM : LEAST_SLIDE_MM);
    return {
      turnDeg: 0,
      slideMm,
      isMatched: false,
      text: STRINGS.tooAtTheTipForWhat(
        slope > 0 ? STRINGS.high : STRINGS.low,
        Math.abs(slideMm),
        slideMm > 0 ? STRINGS.tip : STRINGS.heel,
      ),
    };
  }
  if (off.every((each) => each === 0)) {
    return {
      turnDeg: 0,
      slideMm: 0,
      isMatched: true,
      text: STRINGS.matchedAtHeelMiddleAndTip,
    };
  }
  if (off[1] !== off[0] && off[0] === 0) {
    return {
      turnDeg: 0,
      slideMm: 0,
      isMatched: false,
      text: STRINGS.matchedAtBothEndsInThe(off[1] > 0 ? STRINGS.high : STRINGS.low),
    };
  }
  const isEverywhere = off[1] === off[0];
  const turnDeg = -off[0] * (isEverywhere ? MOST_TURN_DEG : LEAST_TURN_DEG);
  return { turnDeg, slideMm: 0, isMatched: false, text: turnText(turnDeg) };
};
