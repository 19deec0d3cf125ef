/** A steel explains itself in the words of a colleague at the next bench. */
import { steelAngleShift } from './angle-shift';
import { DIAMOND_WORTH } from './first-guesses';
import type { BurrHabit, Steel } from './steels';

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
  clinging:
    'The burr is big and hangs on: light passes, both sides, several times, and look again.',
  moderate: 'An ordinary burr: it comes off with alternating light strokes.',
  light: 'A small burr, easily missed: feel along the whole length.',
  releases: 'The burr lets go early; do not take that for the end of the work.',
  'flies off': 'Hardly a burr at all: it flies off on the stone. Judge by the light instead.',
};

const wearWords = ({ wearFactor }: Steel): string =>
  wearFactor < 0.85
    ? 'Soft under the stone: it goes fast, so look often.'
    : wearFactor < 1.15
      ? 'It grinds like an ordinary knife.'
      : wearFactor < 1.8
        ? 'Slower than an ordinary knife: have patience on the first stone.'
        : 'Hard going: a conventional stone skates and glazes on its carbides.';

const edgeWords = ({ edge }: Steel): string =>
  /chippy when thin/.test(edge)
    ? 'It chips when it is ground thin.'
    : /chippy/.test(edge)
      ? 'It chips: keep the angle up and the pressure down.'
      : /very tough/.test(edge)
        ? 'Very tough: it bends before it breaks.'
        : /tough/.test(edge)
          ? 'A tough edge that stands a low angle.'
          : /gummy/.test(edge)
            ? 'Gummy: it smears rather than cuts, and a coarse finish is right.'
            : /toothy/.test(edge)
              ? 'Its carbides keep an edge toothy long after it is polished.'
              : 'A sound edge, no surprises.';

const rustWords = ({ stainless }: Steel): string =>
  ({
    yes: 'Stainless: wash and dry.',
    semi: 'Stains if left wet: dry it at once.',
    no: 'It rusts: dry it at once and oil it, and expect a patina.',
    unknown: 'Treat it as if it rusts until it has shown otherwise.',
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
      ? 'The angle follows the use; the steel does not move it.'
      : `Angle ${sign}${Math.abs(shift.deltaDeg)}° per side: ${shift.reason}.`,
    `Finer than about ${steel.finestUsefulUm} µm is for looks.`,
    wantsDiamond(steel)
      ? `Diamond is ${diamondGain(steel).toFixed(1)} times quicker: use it, lightly.`
      : 'Diamond is not needed.',
    rustWords(steel),
  ];
};
