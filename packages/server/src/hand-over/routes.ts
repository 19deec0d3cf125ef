/** Handing the blade back: to its owner, by the tag in the owner's hand. */
import { returnSchema } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { invalid } from '../http/errors';
import { allow, bodyOf, pathId, staffOf } from '../http/request';
import { changeJob, mustBeAt } from '../jobs/job';
import { addEvent, setReturned } from '../jobs/queries';

export const handOverRoutes = (pool: Pool): Router => {
  const router = Router();

  router.post('/jobs/:id/return', allow(), async (request, response) => {
    const staff = staffOf(request);
    const { version, tagNumber, sheathed, remarks, holding } = bodyOf(returnSchema, request);
    const job = await changeJob(
      pool,
      pathId(request, 'id', 'This blade'),
      version,
      async (on, row) => {
        mustBeAt(row, ['ready'], 'Handing over');
        if (tagNumber !== row.tagNumber) {
          throw invalid([
            {
              field: 'tagNumber',
              message: `Tag ${tagNumber} is not this blade’s: it hangs on tag ${row.tagNumber}`,
            },
          ]);
        }
        if (!sheathed) {
          throw invalid([
            {
              field: 'sheathed',
              message: 'Sheath, wrap or guard the edge before it is handed over',
            },
          ]);
        }
        await setReturned(on, row.id, { remarks, holding }, new Date());
        await addEvent(on, {
          jobId: row.id,
          staffId: staff.id,
          kind: 'returned',
          text: `handed over to ${row.customerName} by tag ${tagNumber}, edge covered`,
        });
      },
    );
    response.json(job);
  });

  return router;
};
