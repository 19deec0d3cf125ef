/** The computation by name: the same operations as the command line, open to whoever reaches this address. */
import { unreadable } from '@patient-edge/contract';
import { isOperation, unknownOperation, type DomainError } from '@patient-edge/core';
import { Router, type Response } from 'express';
import type { Compute } from '../compute/compute';
import { beyondLimits, LIMIT_MS } from './limits';

const refuse = (response: Response, status: number, error: DomainError | object): void => {
  response.status(status).json({ error });
};

export const calcRoutes = (compute: Compute): Router => {
  const router = Router();
  router.post('/calc/:operation', async (request, response) => {
    const { operation } = request.params;
    if (!isOperation(operation)) {
      response.status(404).json(unknownOperation(operation));
      return;
    }
    const input = request.body as unknown;
    const refused = unreadable(input) ?? beyondLimits(input);
    if (refused) {
      refuse(response, 422, { code: 'TOO_LARGE', ...refused });
      return;
    }
    const { json, isError } = await compute.calc(operation, input, LIMIT_MS);
    response
      .status(isError ? 422 : 200)
      .type('application/json')
      .send(json);
  });
  return router;
};
