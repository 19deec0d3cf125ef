/** What the operator decides about a plan, as it is sent. */
import Joi from 'joi';
import {
  ANGLE_LIMITS_DEG,
  APPROACHES,
  BLADE_PARTS,
  BONDS,
  BURR_POLICIES,
  DIRECTIONS,
  FINISHING_SURFACES,
  MOST_IN_CHAIN,
  MOST_STROP_STROKES,
  MOST_UNDER_DEG,
  PROGRESSION_SCHOOLS,
  SLURRIES,
  STROP_BACKS,
  type Finishing,
  type PartChain,
  type PlanChoices,
} from '@patient-edge/core';
import { number, oneOf, openNumber, text, yesOrNo } from './schema-parts';
import { MOST_STONES } from './wire';

const stoneId = (label: string) => text(label, 20);
const finishWindow = Joi.array()
  .ordered(
    number().min(0.1).max(800).required().label('Finest, µm'),
    number().min(Joi.ref('0')).max(800).required().label('Coarsest, µm'),
  )
  .label('Finish window');

const partChainSchema = Joi.object<PartChain>({
  part: oneOf('Part of the blade', BLADE_PARTS),
  stones: Joi.array()
    .items(stoneId('Stone'))
    .min(1)
    .max(MOST_IN_CHAIN)
    .allow(null)
    .required()
    .label('Stones'),
  bond: Joi.string()
    .valid(...BONDS)
    .allow(null)
    .required()
    .label('Bond'),
  finishUm: finishWindow.allow(null).required(),
  faceMm: openNumber('Width of the face, mm', 0.02, 80),
  direction: oneOf('Direction', DIRECTIONS),
  slurry: oneOf('Slurry', SLURRIES),
});

const finishingSchema = Joi.object<Finishing>({
  on: oneOf('Finished on', FINISHING_SURFACES),
  stropId: stoneId('Strop').allow(null).required(),
  back: oneOf('Back of the strop', STROP_BACKS),
  underDeg: number().min(0).max(MOST_UNDER_DEG).required().label('Under the bevel, °'),
  strokes: number().integer().min(1).max(MOST_STROP_STROKES).required().label('Strokes a side'),
});

const [lowestAngle, highestAngle] = ANGLE_LIMITS_DEG;
export const choicesSchema = Joi.object<PlanChoices>({
  approach: oneOf('Approach', APPROACHES),
  angleDeg: number()
    .min(lowestAngle)
    .max(highestAngle)
    .allow(null)
    .required()
    .label('Angle per side, °'),
  chipsLeft: Joi.array().items(text('Chip', 40)).max(60).required().label('Chips left in'),
  thin: yesOrNo().allow(null).required().label('Thinning'),
  finishUm: finishWindow.allow(null).required(),
  maxRatio: number().greater(1).max(100).allow(null).required().label('Largest jump'),
  direction: oneOf('Direction', DIRECTIONS),
  burrPolicy: oneOf('Burr policy', BURR_POLICIES),
  school: oneOf('School of the progression', PROGRESSION_SCHOOLS),
  first: stoneId('First stone').allow(null).required(),
  skip: Joi.array().items(stoneId('Stone')).max(MOST_STONES).required().label('Done without'),
  through: Joi.array().items(stoneId('Stone')).max(20).required().label('Insisted on'),
  chains: Joi.array()
    .items(partChainSchema)
    .max(BLADE_PARTS.length)
    .unique('part')
    .required()
    .label('Chains'),
  finishing: finishingSchema.required().label('Finishing'),
  machineId: stoneId('Machine').allow(null).required(),
});
