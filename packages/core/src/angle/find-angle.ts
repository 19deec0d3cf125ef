/**
 * Finding an angle on a rig: what ink, or light on the bevel, shows at three places after one or two light
 * passes, as what to change. Ink gone only at the shoulder is an angle too low, only at the edge one too
 * high; another answer at the tip than at the heel is the place of the jaws, since the angle falls with the
 * way from them.
 */
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
  `${turnDeg > 0 ? 'Raise' : 'Lower'} by ${Math.abs(turnDeg)}° and ink again.`;

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
      text: `Too ${slope > 0 ? 'high' : 'low'} at the tip for what the heel shows: slide the jaws ${Math.abs(slideMm)} mm towards the ${slideMm > 0 ? 'tip' : 'heel'}, then ink again.`,
    };
  }
  if (off.every((each) => each === 0)) {
    return {
      turnDeg: 0,
      slideMm: 0,
      isMatched: true,
      text: 'Matched at heel, middle and tip: lock it and write the figure down.',
    };
  }
  if (off[1] !== off[0] && off[0] === 0) {
    return {
      turnDeg: 0,
      slideMm: 0,
      isMatched: false,
      text: `Matched at both ends, ${off[1] > 0 ? 'high' : 'low'} in the middle: the bevel is not even. Keep the setting; the first stone evens it.`,
    };
  }
  const isEverywhere = off[1] === off[0];
  const turnDeg = -off[0] * (isEverywhere ? MOST_TURN_DEG : LEAST_TURN_DEG);
  return { turnDeg, slideMm: 0, isMatched: false, text: turnText(turnDeg) };
};
