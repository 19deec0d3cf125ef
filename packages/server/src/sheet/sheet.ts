/** The customer's sheet of a visit, from its record. */
import { longDayText, type Job, type ShopFormats, type TouchUp } from '@patient-edge/contract';
import {
  bladeKind,
  comeBackIn,
  customerSheet,
  verdictReasons,
  type CustomerSheet,
  type Steel,
} from '@patient-edge/core';

const DAY_MS = 24 * 60 * 60 * 1000;

interface SheetSources {
  readonly job: Job;
  readonly steel: Steel | null;
  readonly touchUps: readonly TouchUp[];
  /** Days its earlier edges lasted. */
  readonly livesDays: readonly number[];
  readonly formats: ShopFormats;
}

export const sheetOf = ({
  job,
  steel,
  touchUps,
  livesDays,
  formats,
}: SheetSources): CustomerSheet => {
  const worked = job.steps.filter(({ status, superseded }) => status === 'done' && !superseded);
  const ours = touchUps.filter(({ jobId }) => jobId === job.id);
  const figures = job.plan?.figures;
  const comeBack = comeBackIn(job.useId, livesDays, job.plan === null);
  const leaves = new Date(job.returnedAt ?? Date.now());
  const after = job.tests.findLast(({ phase }) => phase === 'after');
  return customerSheet({
    name: job.blade.name || bladeKind(job.measures.kindId).label,
    measures: job.measures,
    steel,
    steelName: job.steel,
    sharpness: job.sharpness,
    askedFor: job.askedFor,
    damage: job.damage,
    damageLeft: job.plan?.choices.chipsLeft ?? [],
    declineReason: job.declineReason,
    done: worked.map(({ step }) => step.operation),
    plan:
      job.plan && figures && worked.length > 0
        ? {
            angleDeg: job.plan.angleDeg,
            presentDeg: figures.presentAngle.value,
            behindBeforeMm: figures.behindEdgeBefore.value,
            behindAfterMm: figures.behindEdgeAfter.value,
            heightLostMm: figures.heightLost.value,
          }
        : null,
    touchedUp: ours.length > 0,
    before: job.tests.find(({ phase }) => phase === 'before')?.readings ?? null,
    after: after?.readings ?? null,
    testRemarks: job.verdict?.verdict === 'meets with remarks' ? verdictReasons(job.verdict) : [],
    rod: job.plan?.choices.practice.rod ?? 'between sharpenings',
    coins: ours.find(({ coins }) => coins !== null)?.coins ?? null,
    remarks: job.remarks,
    comeBack,
    comeBackDay: longDayText(
      new Date(leaves.getTime() + comeBack.days * DAY_MS).toISOString(),
      formats,
    ),
  });
};
