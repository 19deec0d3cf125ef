/** A line in the history of the shop itself, by whoever asked. */
import { say, type Message } from '@patient-edge/core';
import type { Request } from 'express';
import type { Queryable } from '../database/pool';
import { staffOf } from '../http/request';
import { addShopEvent } from './queries';

export const noteShop = (db: Queryable, request: Request, message: Message) =>
  addShopEvent(db, { staffId: staffOf(request).id, subject: 'shop', subjectId: 0, message });

/** The same of something that was changed, as a person would call it: "the price list". */
export const noteChanged = (db: Queryable, request: Request, what: string) =>
  noteShop(db, request, say('event.shop-changed', { what }));
