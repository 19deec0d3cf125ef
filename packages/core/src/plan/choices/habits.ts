/** What of a plan's choices is a habit of the shop, and what a template hands on to the next of its kind. */
import { DEFAULT_CHOICES, type PlanChoices } from './choices';
import type { OwnPatterns } from './own-patterns';

/** Rounds laid for an operation; those of one step are that plan's alone. */
const byOperation = (own: OwnPatterns | null): OwnPatterns | null => {
  const kept = Object.entries(own ?? {}).filter(([name]) => !/ \d+$/.test(name));
  return kept.length === 0 ? null : Object.fromEntries(kept);
};

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
  series: choices.series?.map((part) => ({ ...part, stoneId: null })) ?? null,
  handFromUm: choices.handFromUm,
  ownPatterns: byOperation(choices.ownPatterns),
  force: choices.force,
  order: choices.order,
  refineFace: choices.refineFace,
  deburrRaiseDeg: choices.deburrRaiseDeg,
  microStrokes: choices.microStrokes,
  pattern: choices.pattern,
  practice: choices.practice,
  thinDepth: choices.thinDepth,
  kind: {
    ...DEFAULT_CHOICES.kind,
    fingerOrder: choices.kind.fingerOrder,
    ridgeForm: choices.kind.ridgeForm,
    backTurn: choices.kind.backTurn,
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
  highSpotVisits: null,
  kind: { ...choices.kind, tapForRimMm: null },
});
