import type { Customer, FoundBlade } from '@patient-edge/contract';
import type { BladeMeasures } from '@patient-edge/core';
import { CUSTOMER_COLUMNS } from '../customers/queries';
import { select, type Queryable } from '../database/pool';
import { MEASURE_COLUMNS, measuresOf } from '../jobs/rows';

/** More than these are not read in a list that changes with every letter. */
export const MOST_FOUND = 20;

interface FoundRow extends BladeMeasures, Omit<FoundBlade, 'measures'> {}

/** The few blades chosen first, so that customer and latest visit are read of these alone. */
const bladesAmong = (
  chosen: string,
): string => `SELECT b.id, b.name, c.id AS customerId, c.name AS customer,
  IF(j.tag_in_use IS NULL, NULL, j.id) AS jobId, j.tag_in_use AS tagNumber, ${MEASURE_COLUMNS}
  FROM (${chosen} LIMIT ${MOST_FOUND}) found JOIN blade b ON b.id = found.id
    JOIN customer c ON c.id = b.customer_id
    JOIN job j ON j.id = (SELECT MAX(id) FROM job WHERE blade_id = b.id)`;

/** The same with customers: their first telephone is read of the few alone. */
const customersAmong = (chosen: string): string => `SELECT ${CUSTOMER_COLUMNS}
  FROM (${chosen} LIMIT ${MOST_FOUND}) found JOIN customer c ON c.id = found.id
  WHERE c.erased_at IS NULL`;

const toFound = (row: FoundRow): FoundBlade => ({
  id: row.id,
  name: row.name,
  measures: measuresOf(row),
  customerId: row.customerId,
  customer: row.customer,
  jobId: row.jobId,
  tagNumber: row.tagNumber,
});

/** Customers whose name or trade has words that begin so (`+words*` of a full-text search). */
export const customersByWords = (db: Queryable, words: string): Promise<Customer[]> =>
  select<Customer>(
    db,
    customersAmong(`SELECT id FROM customer
      WHERE MATCH (name, trade) AGAINST (? IN BOOLEAN MODE) AND erased_at IS NULL`),
    [words],
  );

/** Customers whose name begins so: for the first letters, which no full-text index holds. */
export const customersByStart = (db: Queryable, start: string): Promise<Customer[]> =>
  select<Customer>(
    db,
    `${customersAmong('SELECT id FROM customer WHERE name LIKE ? AND erased_at IS NULL ORDER BY name')}
     ORDER BY c.name`,
    [start],
  );

/** Customers with a telephone whose digits begin or end so. */
export const customersByPhone = (
  db: Queryable,
  digits: string,
  backwards: string,
): Promise<Customer[]> =>
  select<Customer>(
    db,
    customersAmong(`(SELECT customer_id AS id FROM customer_phone WHERE digits LIKE ? LIMIT ${MOST_FOUND})
      UNION (SELECT customer_id FROM customer_phone WHERE digits_backwards LIKE ? LIMIT ${MOST_FOUND})`),
    [digits, backwards],
  );

/** Blades whose name begins so. */
export const bladesByStart = async (db: Queryable, start: string): Promise<FoundBlade[]> =>
  (
    await select<FoundRow>(
      db,
      bladesAmong('SELECT id FROM blade WHERE name LIKE ? ORDER BY name'),
      [start],
    )
  ).map(toFound);

export const bladesByWords = async (db: Queryable, words: string): Promise<FoundBlade[]> =>
  (
    await select<FoundRow>(
      db,
      bladesAmong('SELECT id FROM blade WHERE MATCH (name) AGAINST (? IN BOOLEAN MODE)'),
      [words],
    )
  ).map(toFound);

/** The blades that had this tag, the one it hangs on now or hung on last before the others. */
export const bladeByTag = async (db: Queryable, tagNumber: number): Promise<FoundBlade[]> =>
  (
    await select<FoundRow>(
      db,
      bladesAmong(
        'SELECT blade_id AS id, MAX(id) AS last_id FROM job WHERE tag_number = ? GROUP BY blade_id ORDER BY last_id DESC',
      ),
      [tagNumber],
    )
  ).map(toFound);
