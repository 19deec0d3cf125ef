/** The finish a customer asks for: a number on a scale, very fine, or as it came; told in µm, and never ignored. */
import { GRIT_SCALES, micrometresOf, type GritScale } from '../../abrasive';
import type { Use } from '../../blade';
import { numberAnswer, wantsItAsItCame, type Answers } from '../../intake';
import type { Steel } from '../../steel';
import { AS_IT_CAME_RATIO, SHEEN_UM } from './first-guesses';
import { STRINGS } from './strings';

export interface FinishWish {
  /** Grain of the last stone asked for. */
  readonly um: number;
  /** In the words it was asked in: "JIS 2000", "very fine", "as it came". */
  readonly asked: string;
  /** Window for the last stone; a named grain has none of its own. */
  readonly windowUm: readonly [finest: number, coarsest: number] | null;
}

const scaleOf = (answers: Answers): GritScale | null =>
  GRIT_SCALES.find((scale) => scale === answers['finishWishScale']) ?? null;

/**
 * The wish, or null where none was told. A number without a scale is micrometres; "very fine" without a number is as
 * fine as steel and use carry; the maker's finish is as fine as it came, by its sheen, and no finer.
 */
export const finishWishOf = (
  answers: Answers,
  use: Pick<Use, 'finishUm'>,
  steel: Pick<Steel, 'finestUsefulUm'>,
): FinishWish | null => {
  if (wantsItAsItCame(answers)) {
    const sheen = String(answers['sheen'] ?? '');
    const um = Object.entries(SHEEN_UM).find(([name]) => name === sheen)?.[1] ?? SHEEN_UM.satin;
    return { um, asked: 'as it came', windowUm: [um / 1.15, um * AS_IT_CAME_RATIO] };
  }
  if (answers['finishWish'] !== 'very fine') return null;
  const scale = scaleOf(answers);
  const grit = numberAnswer(answers, 'finishWishGrit');
  const onScale = scale !== null && grit !== null ? micrometresOf(scale, grit) : null;
  if (onScale?.ok) return { um: onScale.value, asked: `${scale} ${grit}`, windowUm: null };
  const named = numberAnswer(answers, 'finishWishUm');
  if (named !== null) return { um: named, asked: STRINGS.m(named), windowUm: null };
  const um = Math.max(use.finishUm[0], steel.finestUsefulUm);
  return { um, asked: 'very fine', windowUm: null };
};
