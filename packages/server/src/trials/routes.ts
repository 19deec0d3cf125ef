/** Trials: begun with a seed, blades drawn into them by lot before the work, stopped when enough is known. */
import { randomInt } from 'node:crypto';
import {
  stopTrialSchema,
  trialBladesSchema,
  trialSchema,
  type TrialBody,
} from '@patient-edge/contract';
import { drawLot, otherArm, SCHOOL_QUESTIONS } from '@patient-edge/core';
import { Router, type Request } from 'express';
import type { Pool, PoolConnection } from 'mysql2/promise';
import { inTransaction } from '../database/pool';
import { noteChanged } from '../history/note';
import { conflict, invalid, notFound } from '../http/errors';
import { allow, bodyOf, mayDo, pathId, staffOf } from '../http/request';
import {
  addTrial,
  addTrialBlade,
  bladeToDraw,
  countDraws,
  lastJobId,
  lockTrial,
  stopTrial,
  type DrawnBlade,
  type TrialRow,
} from './queries';
import { readTrials } from './sheet';
import { STRINGS } from './strings';

const mustBeAsked = ({ question, firstSchool, secondSchool }: TrialBody): void => {
  const known = SCHOOL_QUESTIONS.find(({ id }) => id === question);
  if (!known) throw invalid([{ field: 'question', message: STRINGS.notAQuestion(question) }]);
  for (const [field, school] of Object.entries({ firstSchool, secondSchool }))
    if (!known.schools.some(({ id }) => id === school))
      throw invalid([{ field, message: STRINGS.notASchool(school, known.label) }]);
};

const running = async (db: PoolConnection, request: Request): Promise<TrialRow> => {
  const trial = await lockTrial(db, pathId(request, 'id', STRINGS.thisTrial));
  if (!trial) throw notFound(STRINGS.thisTrial);
  if (trial.stoppedAt !== null) throw conflict(STRINGS.itWasStopped);
  return trial;
};

const bladesToDraw = async (
  db: PoolConnection,
  bladeIds: readonly number[],
): Promise<DrawnBlade[]> => {
  const blades: DrawnBlade[] = [];
  for (const [index, id] of bladeIds.entries()) {
    const blade = await bladeToDraw(db, id);
    if (!blade) throw notFound(STRINGS.thisBlade);
    if (blade.trialId !== null)
      throw invalid([{ field: `bladeIds.${index}`, message: STRINGS.inAnother }]);
    blades.push(blade);
  }
  const [one, other] = blades;
  if (one && other && (one.customerId !== other.customerId || one.kind !== other.kind))
    throw invalid([{ field: 'bladeIds', message: STRINGS.notAlike }]);
  return blades;
};

export const trialRoutes = (pool: Pool): Router => {
  const router = Router();
  const answer = async () => readTrials(pool, new Date());

  router.get('/trials', allow(), async (_request, response) => {
    response.json(await answer());
  });

  router.post('/trials', mayDo('change habits'), async (request, response) => {
    const body = bodyOf(trialSchema, request);
    mustBeAsked(body);
    await inTransaction(pool, async (db) => {
      await addTrial(db, body, randomInt(1, 2 ** 31), staffOf(request).id);
      await noteChanged(db, request, STRINGS.theTrials);
    });
    response.status(201).json(await answer());
  });

  router.post('/trials/:id/blades', mayDo('change habits'), async (request, response) => {
    const { way, bladeIds } = bodyOf(trialBladesSchema, request);
    await inTransaction(pool, async (db) => {
      const trial = await running(db, request);
      const blades = await bladesToDraw(db, bladeIds);
      const next = (await lastJobId(db)) + 1;
      const lot = drawLot(trial.seed, trial.draws);
      for (const [index, { id, openJobId }] of blades.entries())
        await addTrialBlade(
          db,
          trial.id,
          id,
          way,
          index === 0 ? lot : otherArm(lot),
          openJobId ?? next,
        );
      await countDraws(db, trial.id, trial.draws + 1);
    });
    response.status(201).json(await answer());
  });

  router.post('/trials/:id/stop', mayDo('change habits'), async (request, response) => {
    const { reason } = bodyOf(stopTrialSchema, request);
    await inTransaction(pool, async (db) => {
      const trial = await running(db, request);
      await stopTrial(db, trial.id, staffOf(request).id, reason);
      await noteChanged(db, request, STRINGS.theTrials);
    });
    response.json(await answer());
  });

  return router;
};
