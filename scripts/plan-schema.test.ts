/** The schemas in the docs are those of the code, and the code obeys them. `UPDATE_DOCS=1` writes them anew. */
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { Ajv } from 'ajv';
import { BLADE_KIND_IDS, calculateAll, type CalcAnswer } from '../packages/core/src/index';
import { planFileSchema, planOperationSchema } from './plan-schema';

const DOCS = join(__dirname, '..', 'docs');

test.each([
  ['plan.schema.json', planFileSchema],
  ['calc-plan.schema.json', planOperationSchema],
])('%s is as the code has it', (name, schema) => {
  const path = join(DOCS, name);
  if (process.env['UPDATE_DOCS'] === '1') writeFileSync(path, `${JSON.stringify(schema)}\n`);
  expect(JSON.parse(readFileSync(path, 'utf8'))).toEqual(JSON.parse(JSON.stringify(schema)));
});

const ajv = new Ajv({ allErrors: true, allowUnionTypes: true });
ajv.addSchema({ $id: 'plan', ...planOperationSchema });
const isInput = ajv.getSchema('plan#/definitions/input')!;
const isOutput = ajv.getSchema('plan#/definitions/output')!;

test.each(BLADE_KIND_IDS)('%s: question and answer obey the schema', (kindId) => {
  const input = { blade: { kindId }, rack: 'demo' };
  expect([isInput(input), isInput.errors]).toEqual([true, null]);
  const answer = calculateAll('plan', input);
  expect([isOutput(answer), isOutput.errors]).toEqual([true, null]);
});

test.each([
  ['a field nobody knows', { blade: { kindId: 'chef' }, rack: 'demo', colour: 1 }],
  ['a kind that is none', { blade: { kindId: 'spoon' }, rack: 'demo' }],
  [
    'a question of another kind',
    { blade: { kindId: 'chef', answers: { pitchMm: 8 } }, rack: 'demo' },
  ],
  ['a stone without a grain', { blade: { kindId: 'chef' }, rack: [{ id: 'a', kind: 'file' }] }],
  [
    'a school nobody follows',
    { blade: { kindId: 'chef' }, rack: 'demo', choices: { practice: { micro: 'sometimes' } } },
  ],
])('what the schema refuses the operation refuses: %s', (_what, input) => {
  expect(isInput(input)).toBe(false);
  expect(calculateAll('plan', input) as CalcAnswer).toHaveProperty('error.code', 'INVALID_INPUT');
});
