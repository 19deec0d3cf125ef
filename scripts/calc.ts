/** `./patient-edge calc OPERATION`: one JSON object, or a list of them, in; the same out. */
import { readFileSync } from 'node:fs';
import {
  calculateAll,
  isCalcError,
  isOperation,
  unknownOperation,
  type CalcAnswer,
} from '@patient-edge/core';

const NOT_COMPUTED = 2;

const answer = (name: string | undefined): CalcAnswer | CalcAnswer[] => {
  if (name === undefined || !isOperation(name)) return unknownOperation(name ?? '');
  let input: unknown;
  try {
    input = JSON.parse(readFileSync(0, 'utf8'));
  } catch (error) {
    return {
      error: {
        code: 'INVALID_INPUT',
        message: `The input is not JSON: ${error instanceof Error ? error.message : String(error)}`,
        field: 'input',
      },
    };
  }
  return calculateAll(name, input);
};

const given = answer(process.argv[2]);
process.stdout.write(`${JSON.stringify(given)}\n`);
if (!Array.isArray(given) && isCalcError(given)) process.exitCode = NOT_COMPUTED;
