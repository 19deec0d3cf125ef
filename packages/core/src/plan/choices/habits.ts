/** What of a plan's choices is a habit of the shop, and what a template hands on to the next of its kind. */
import { DEFAULT_CHOICES, type PlanChoices } from './choices';

/**
 * The schools and patterns, with everything of one blade put back to where a plan begins.
 *
 * @example
 * habitsOf({ ...DEFAULT_CHOICES, angleDeg: 17 }).angleDeg; // null
 */
export const habitsOf = (choices: PlanChoices): PlanChoices => ({
  ...DEFAULT_CHOICES,
  approach: choices.approach,
  maxRatio: choices.maxRatio,
  direction: choices.direction,
  burrPolicy: choices.burrPolicy,
  school: choices.school,
  finishing: { ...choices.finishing, stropId: null },
  pattern: choices.pattern,
  practice: choices.practice,
  thinDepth: choices.thinDepth,
  kind: {
    ...DEFAULT_CHOICES.kind,
    serrationWay: choices.kind.serrationWay,
    axeService: choices.kind.axeService,
  },
});

/**
 * All but what was this one blade's: its chips, and the rim its back was tapped out for.
 *
 * @example
 * templateOf({ ...DEFAULT_CHOICES, chipsLeft: ['a'] }).chipsLeft; // []
 */
export const templateOf = (choices: PlanChoices): PlanChoices => ({
  ...choices,
  chipsLeft: [],
  kind: { ...choices.kind, tapForRimMm: null },
});
