import { DEFAULT_CHOICES } from '@patient-edge/core';
import {
  choicesSchema,
  finishStepSchema,
  readingsSchema,
  stoneSchema,
  toRack,
  validate,
  workSchema,
} from './index';
import { stoneBody, stoneOnRack } from '../test/stones';
import Joi from 'joi';

const fieldsOf = (checked: ReturnType<typeof validate>): Record<string, string> =>
  checked.ok
    ? {}
    : Object.fromEntries(checked.fields.map(({ field, message }) => [field, message]));

const stone = stoneBody();

describe('what is refused at the door', () => {
  test('names the field, the limit and the value', () => {
    expect(fieldsOf(validate(stoneSchema, { ...stone, um: 0 }))).toEqual({
      um: 'Median grain, µm must be at least 0.05; 0 was given',
    });
  });

  test('tells every wrong field at once', () => {
    expect(Object.keys(fieldsOf(validate(stoneSchema, {})))).toHaveLength(25);
  });

  test.each([
    ['text for a number', { um: '30' }, 'um'],
    ['not a number', { um: NaN }, 'um'],
    ['infinity', { um: Infinity }, 'um'],
    ['a number too absurd', { um: 1e12 }, 'um'],
    ['text for yes or no', { retired: 'no' }, 'retired'],
    ['an abrasive nobody sells', { abrasive: 'sand' }, 'abrasive'],
    ['a name of blanks', { name: '   ' }, 'name'],
    ['a name too long', { name: 'x'.repeat(61) }, 'name'],
    ['an unknown field', { colour: 'grey' }, 'colour'],
    ['null', { name: null }, 'name'],
  ])('%s', (_what, part, field) => {
    expect(Object.keys(fieldsOf(validate(stoneSchema, { ...stone, ...part })))).toEqual([field]);
  });

  test.each([undefined, null, 'text', 7, []])('a body that is %p', (body) => {
    expect(validate(stoneSchema, body).ok).toBe(false);
  });

  test('a rule across fields says itself where it belongs', () => {
    const schema = Joi.object({ a: Joi.number() })
      .custom((_value, helpers) => helpers.error('odd', { field: 'a.b' }))
      .messages({ odd: 'does not fit' });
    expect(fieldsOf(validate(schema, { a: 1 }))).toEqual({ 'a.b': 'does not fit' });
  });
});

describe('what is let through', () => {
  test('the choices a plan begins with', () => {
    expect(validate(choicesSchema, DEFAULT_CHOICES).ok).toBe(true);
  });

  test('a finish window, finest first', () => {
    expect(validate(choicesSchema, { ...DEFAULT_CHOICES, finishUm: [3, 8] }).ok).toBe(true);
    expect(validate(choicesSchema, { ...DEFAULT_CHOICES, finishUm: [8, 3] }).ok).toBe(false);
    expect(validate(choicesSchema, { ...DEFAULT_CHOICES, finishUm: [8] }).ok).toBe(false);
  });

  test('a step left with no reason, or with a real one', () => {
    expect(validate(finishStepSchema, { version: 0, overrideReason: null }).ok).toBe(true);
    expect(validate(finishStepSchema, { version: 0, overrideReason: 'no' }).ok).toBe(false);
  });

  test('work with some zones felt and others not', () => {
    const work = {
      revision: 0,
      strokesRight: 1,
      strokesLeft: 0,
      workedSeconds: 0.5,
      runningSeconds: null,
    };
    expect(validate(workSchema, { ...work, burr: { right: { heel: 'clear' }, left: {} } }).ok).toBe(
      true,
    );
    expect(
      validate(workSchema, { ...work, burr: { right: { point: 'clear' }, left: {} } }).ok,
    ).toBe(false);
  });

  test('readings of all four zones and no others', () => {
    const zone = { classes: { light: 'dark' }, forceGf: [200] };
    const all = { heel: zone, middle: zone, belly: zone, tip: zone };
    const body = { version: 1, phase: 'after' };
    expect(validate(readingsSchema, { ...body, readings: all }).ok).toBe(true);
    expect(
      validate(readingsSchema, {
        ...body,
        readings: { ...all, tip: { ...zone, forceGf: [1, 2, 3, 4] } },
      }).ok,
    ).toBe(false);
    expect(validate(readingsSchema, { ...body, readings: { heel: zone } }).ok).toBe(false);
    const read = (part: object) =>
      validate(readingsSchema, { ...body, readings: { ...all, ...part } });
    expect(read({ blade: { tip: 'stays put' }, media: { paper: 'newsprint, sliced' } }).ok).toBe(
      true,
    );
    // What is read zone by zone is not read of the blade, nor on a paper nobody knows.
    expect(read({ blade: { light: 'dark' } }).ok).toBe(false);
    expect(read({ media: { paper: 'wallpaper' } }).ok).toBe(false);
    expect(read({ tip: { classes: { light: 'bright' }, forceGf: [] } }).ok).toBe(false);
  });
});

test('the rack for the planner leaves out what is retired', () => {
  const used = stoneOnRack();
  expect(toRack([used, { ...used, id: 4, retired: true }]).map(({ id }) => id)).toEqual(['3']);
});
