/** Those who bring blades. */
import { customerSchema, type CustomerRecord } from '@patient-edge/contract';
import { Router } from 'express';
import type { Pool } from 'mysql2/promise';
import { bladesOfCustomer } from '../blades/queries';
import { notFound } from '../http/errors';
import { allow, bodyOf, pathId } from '../http/request';
import { changeCustomer, findCustomer, listCustomers } from './queries';

export const customerRoutes = (pool: Pool): Router => {
  const router = Router();

  router.get('/customers', allow(), async (_request, response) => {
    response.json(await listCustomers(pool));
  });

  router.get('/customers/:id', allow(), async (request, response) => {
    const id = pathId(request, 'id', 'This owner');
    const customer = await findCustomer(pool, id);
    if (!customer) throw notFound('This owner');
    const record: CustomerRecord = { customer, blades: await bladesOfCustomer(pool, id) };
    response.json(record);
  });

  router.put('/customers/:id', allow('owner', 'counter', 'bench'), async (request, response) => {
    const id = pathId(request, 'id', 'This owner');
    const body = bodyOf(customerSchema, request);
    if (!(await findCustomer(pool, id))) throw notFound('This owner');
    await changeCustomer(pool, id, body);
    response.json({ id, ...body });
  });

  return router;
};
