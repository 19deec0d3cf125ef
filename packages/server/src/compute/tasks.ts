/** What is computed away from the thread that answers requests. Plain data in, plain data out. */
import type { Job, PlanRecord, ShopFormats } from '@patient-edge/contract';
import {
  calculateAll,
  isCalcError,
  planBlade,
  type BladePlan,
  type AnyOperation,
  type PlanInput,
  type Result,
} from '@patient-edge/core';
import { drawYears, type YearsPaper } from '../blades/draw-years';
import { drawTag, drawTicket, type LabelFacts } from '../labels/draw';
import { drawReceipt, drawStatement, type ReceiptFacts, type StatementFacts } from '../money/draw';
import { drawSheet, type SheetPaper } from '../sheet/draw';
import { drawBenchCard } from '../plan/bench-card';
import { STRINGS } from './strings';

interface CardFacts {
  readonly job: Job;
  readonly plan: PlanRecord;
  readonly formats: ShopFormats;
}

/** The answer of a computation as text, written where it was computed: writing 59 MB blocks too. */
export interface CalcText {
  readonly json: string;
  readonly isError: boolean;
}

/** An answer longer than this is for the command line, letters. */
export const LONGEST_ANSWER = 4_000_000;

const calc = ({ operation, input }: { operation: AnyOperation; input: unknown }): CalcText => {
  const answer = calculateAll(operation, input);
  const json = JSON.stringify(answer);
  if (json.length > LONGEST_ANSWER) {
    const message = STRINGS.theAnswerHasLettersAtMost(json.length, LONGEST_ANSWER);
    return {
      json: JSON.stringify({ error: { code: 'TOO_LARGE', message, field: 'input' } }),
      isError: true,
    };
  }
  // In a list each input stands for itself; the list as such was answered.
  return { json, isError: !Array.isArray(answer) && isCalcError(answer) };
};

export const TASKS = {
  calc,
  plan: (input: PlanInput): Result<BladePlan> => planBlade(input),
  // Drawing letters takes longer than any sum.
  tag: (facts: LabelFacts): Promise<Buffer> => drawTag(facts),
  ticket: (facts: LabelFacts): Promise<Buffer> => drawTicket(facts),
  card: ({ job, plan, formats }: CardFacts): Promise<Buffer> => drawBenchCard(job, plan, formats),
  receipt: (facts: ReceiptFacts): Promise<Buffer> => drawReceipt(facts),
  statement: (facts: StatementFacts): Promise<Buffer> => drawStatement(facts),
  sheet: (paper: SheetPaper): Promise<Buffer> => drawSheet(paper),
  years: (paper: YearsPaper): Promise<Buffer> => drawYears(paper),
};

export type DrawingName = 'tag' | 'ticket' | 'card' | 'receipt' | 'statement' | 'sheet' | 'years';
export type TaskName = keyof typeof TASKS;
export interface Task<Name extends TaskName = TaskName> {
  readonly name: Name;
  readonly input: Parameters<(typeof TASKS)[Name]>[0];
}
