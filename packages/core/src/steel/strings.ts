/** Strings of what a steel asks for. */
import { stringsOf } from '../text';

export const STRINGS = stringsOf('core/steel', {
  hardSteelWithCoarseCarbidesHrc: (hrcLow: number, hrcHigh: number) =>
    `hard steel with coarse carbides (${hrcLow}–${hrcHigh} HRC)`,
  toughFineGrainedSteelWellHardened: 'tough, fine-grained steel, well hardened',
  theSteelHasNoSayOf: 'the steel has no say of its own',
  theBurrIsBigAndHangs:
    'The burr is big and hangs on: light passes, both sides, several times, and look again.',
  anOrdinaryBurrItComesOff: 'An ordinary burr: it comes off with alternating light strokes.',
  aSmallBurrEasilyMissedFeel: 'A small burr, easily missed: feel along the whole length.',
  theBurrLetsGoEarlyDo: 'The burr lets go early; do not take that for the end of the work.',
  hardlyABurrAtAllIt:
    'Hardly a burr at all: it flies off on the stone. Judge by the light instead.',
  softUnderTheStoneItGoes: 'Soft under the stone: it goes fast, so look often.',
  itGrindsLikeAnOrdinaryKnife: 'It grinds like an ordinary knife.',
  slowerThanAnOrdinaryKnifeHave: 'Slower than an ordinary knife: have patience on the first stone.',
  hardGoingAConventionalStoneSkates:
    'Hard going: a conventional stone skates and glazes on its carbides.',
  itChipsWhenItIsGround: 'It chips when it is ground thin.',
  itChipsKeepTheAngleUp: 'It chips: keep the angle up and the pressure down.',
  veryToughItBendsBeforeIt: 'Very tough: it bends before it breaks.',
  aToughEdgeThatStandsA: 'A tough edge that stands a low angle.',
  gummyItSmearsRatherThanCuts: 'Gummy: it smears rather than cuts, and a coarse finish is right.',
  itsCarbidesKeepAnEdgeToothy: 'Its carbides keep an edge toothy long after it is polished.',
  aSoundEdgeNoSurprises: 'A sound edge, no surprises.',
  stainlessWashAndDry: 'Stainless: wash and dry.',
  stainsIfLeftWetDryIt: 'Stains if left wet: dry it at once.',
  itRustsDryItAtOnce: 'It rusts: dry it at once and oil it, and expect a patina.',
  treatItAsIfItRusts: 'Treat it as if it rusts until it has shown otherwise.',
  theAngleFollowsTheUseThe: 'The angle follows the use; the steel does not move it.',
  angleDegreesPerSide: (sign: string, deltaDeg: number, reason: string) =>
    `Angle ${sign}${deltaDeg}° per side: ${reason}.`,
  finerThanAboutMIsFor: (finestUsefulUm: number) =>
    `Finer than about ${finestUsefulUm} µm is for looks.`,
  diamondIsTimesQuickerUseIt: (diamondGain: string) =>
    `Diamond is ${diamondGain} times quicker: use it, lightly.`,
  diamondIsNotNeeded: 'Diamond is not needed.',
});
