/** The first guesses of every room. */
import { ABRASIVE_GUESSES } from '../src/abrasive/first-guesses';
import { ANGLE_GUESSES } from '../src/angle/first-guesses';
import { BENCH_GUESSES } from '../src/bench/first-guesses';
import { EDGETEST_GUESSES } from '../src/edgetest/first-guesses';
import { HANDOVER_GUESSES } from '../src/handover/first-guesses';
import { INTAKE_GUESSES } from '../src/intake/first-guesses';
import { JUDGE_GUESSES } from '../src/judge/first-guesses';
import { LISTEN_GUESSES } from '../src/listen/first-guesses';
import { MACHINE_GUESSES } from '../src/machine/first-guesses';
import { PLAN_CHOICES_GUESSES } from '../src/plan/choices/first-guesses';
import { PLAN_COMPARE_GUESSES } from '../src/plan/compare/first-guesses';
import { PLAN_CUTS_GUESSES } from '../src/plan/cuts/first-guesses';
import { PLAN_KINDS_GUESSES } from '../src/plan/kinds/first-guesses';
import { PLAN_STEPS_GUESSES } from '../src/plan/steps/first-guesses';
import { PRICE_GUESSES } from '../src/price/first-guesses';
import { STEEL_GUESSES } from '../src/steel/first-guesses';
import type { FirstGuesses } from '../src/units/first-guess';

export const ROOMS: readonly (readonly [room: string, guesses: FirstGuesses])[] = [
  ['abrasive', ABRASIVE_GUESSES],
  ['angle', ANGLE_GUESSES],
  ['bench', BENCH_GUESSES],
  ['edgetest', EDGETEST_GUESSES],
  ['handover', HANDOVER_GUESSES],
  ['intake', INTAKE_GUESSES],
  ['judge', JUDGE_GUESSES],
  ['listen', LISTEN_GUESSES],
  ['machine', MACHINE_GUESSES],
  ['plan/choices', PLAN_CHOICES_GUESSES],
  ['plan/compare', PLAN_COMPARE_GUESSES],
  ['plan/cuts', PLAN_CUTS_GUESSES],
  ['plan/kinds', PLAN_KINDS_GUESSES],
  ['plan/steps', PLAN_STEPS_GUESSES],
  ['price', PRICE_GUESSES],
  ['steel', STEEL_GUESSES],
];
