/** A steel explains itself in the words of a colleague at the next bench. */
import { steelAngleShift } from './angle-shift';
import { DIAMOND_WORTH } from './first-guesses';
import type { BurrHabit, Steel } from './steels';
import { STRINGS } from './strings';

/** How many times quicker diamond takes this steel than a conventional abrasive of the same grain. */
export const diamondGain = (steel: Steel): number => steel.wearFactor / steel.wearFactorDiamond;

/**
 * Whether conventional stones are slow on it.
 *
 * @example
 * wantsDiamond(steel); // false
 */
export const wantsDiamond = (steel: Steel): boolean => diamondGain(steel) >= DIAMOND_WORTH;

const BURR_WORDS: Readonly<Record<BurrHabit, string>> = {
  clinging: STRINGS.theBurrIsBigAndHangs,
  moderate: STRINGS.anOrdinaryBurrItComesOff,
  light: STRINGS.aSmallBurrEasilyMissedFeel,
  releases: STRINGS.theBurrLetsGoEarlyDo,
  'flies off': STRINGS.hardlyABurrAtAllIt,
};

const wearWords = ({ wearFactor }: Steel): string =>
  wearFactor < 0.85
    ? STRINGS.softUnderTheStoneItGoes
    : wearFactor < 1.15
      ? STRINGS.itGrindsLikeAnOrdinaryKnife
      : wearFactor < 1.8
        ? STRINGS.slowerThanAnOrdinaryKnifeHave
        : STRINGS.hardGoingAConventionalStoneSkates;

const edgeWords = ({ edge }: Steel): string =>
  /chippy when thin/.test(edge)
    ? STRINGS.itChipsWhenItIsGround
    : /chippy/.test(edge)
      ? STRINGS.itChipsKeepTheAngleUp
      : /very tough/.test(edge)
        ? STRINGS.veryToughItBendsBeforeIt
        : /tough/.test(edge)
          ? STRINGS.aToughEdgeThatStandsA
          : /gummy/.test(edge)
            ? STRINGS.gummyItSmearsRatherThanCuts
            : /toothy/.test(edge)
              ? STRINGS.itsCarbidesKeepAnEdgeToothy
              : STRINGS.aSoundEdgeNoSurprises;

const rustWords = ({ stainless }: Steel): string =>
  ({
    yes: STRINGS.stainlessWashAndDry,
    semi: STRINGS.stainsIfLeftWetDryIt,
    no: STRINGS.itRustsDryItAtOnce,
    unknown: STRINGS.treatItAsIfItRusts,
  })[stainless];

/**
 * Short sentences: how it grinds, its burr, its edge, angle, finish, diamond, rust.
 *
 * @example
 * explainSteel(steel).length > 0; // true
 */
export const explainSteel = (steel: Steel): readonly string[] => {
  const shift = steelAngleShift(steel);
  const sign = shift.deltaDeg > 0 ? '+' : '−';
  return [
    wearWords(steel),
    BURR_WORDS[steel.burr],
    edgeWords(steel),
    shift.deltaDeg === 0
      ? STRINGS.theAngleFollowsTheUseThe
      : STRINGS.angleDegreesPerSide(sign, Math.abs(shift.deltaDeg), shift.reason),
    STRINGS.finerThanAboutMIsFor(steel.finestUsefulUm),
    wantsDiamond(steel)
      ? STRINGS.diamondIsTimesQuickerUseIt(diamondGain(steel).toFixed(1))
      : STRINGS.diamondIsNotNeeded,
    rustWords(steel),
  ];
};
