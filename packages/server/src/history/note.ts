/** A line in the history of a customer, a stone or the shop itself, by whoever asked. */
import { say, type Message } from '@patient-edge/core';
import type { Request } from 'express';
import type { Queryable } from '../database/pool';
import { staffOf } from '../http/request';
import { addShopEvent } from './queries';

type Note = (db: Queryable, request: Request, id: number, message: Message) => Promise<unknown>;

const noteOf =
  (subject: 'customer' | 'stone' | 'shop'): Note =>
  (db, request, id, message) =>
    addShopEvent(db, { staffId: staffOf(request).id, subject, subjectId: id, message });

export const noteCustomer = noteOf('customer');
export const noteStone = noteOf('stone');

const ofShop = noteOf('shop');
export const noteShop = (db: Queryable, request: Request, message: Message) =>
  ofShop(db, request, 0, message);

/** The same of something that was changed, as a person would call it: "the price list". */
export const noteChanged = (db: Queryable, request: Request, what: string) =>
  noteShop(db, request, say('event.shop-changed', { what }));
