/** The computation by name: the same operations as the command line, open to whoever reaches this address. */
import { calculateAll, isCalcError, isOperation, unknownOperation } from '@patient-edge/core';
import { Router } from 'express';

export const calcRoutes = (): Router => {
  const router = Router();
  router.post('/calc/:operation', (request, response) => {
    const { operation } = request.params;
    if (!isOperation(operation)) {
      response.status(404).json(unknownOperation(operation));
      return;
    }
    const answer = calculateAll(operation, request.body as unknown);
    // In a list each input stands for itself; the list as such was answered.
    response.status(!Array.isArray(answer) && isCalcError(answer) ? 422 : 200).json(answer);
  });
  return router;
};
