import type { Customer, CustomerBody } from '@patient-edge/contract';
import { change, select, type Queryable } from '../database/pool';

const COLUMNS = 'id, name, trade, phone, note';

export const listCustomers = (on: Queryable): Promise<Customer[]> =>
  select<Customer>(on, `SELECT ${COLUMNS} FROM customer ORDER BY name, id`);

export const findCustomer = async (on: Queryable, id: number): Promise<Customer | undefined> =>
  (await select<Customer>(on, `SELECT ${COLUMNS} FROM customer WHERE id = ?`, [id]))[0];

export const addCustomer = async (on: Queryable, body: CustomerBody): Promise<number> =>
  (
    await change(on, 'INSERT INTO customer (name, trade, phone, note) VALUES (?, ?, ?, ?)', [
      body.name,
      body.trade,
      body.phone,
      body.note,
    ])
  ).insertId;

export const changeCustomer = (on: Queryable, id: number, body: CustomerBody) =>
  change(on, 'UPDATE customer SET name = ?, trade = ?, phone = ?, note = ? WHERE id = ?', [
    body.name,
    body.trade,
    body.phone,
    body.note,
    id,
  ]);
