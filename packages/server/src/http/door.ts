/** What is refused before anything is read: foreign hosts, foreign origins, bodies that are no JSON. */
import { randomBytes } from 'node:crypto';
import type { RequestHandler, Response } from 'express';
import helmet from 'helmet';
import { ApiError, forbidden } from './errors';
import { STRINGS } from './strings';

/** How the shop is reached; on its own machine it needs to know nothing of it. */
export interface Reach {
  /** Names beside those of this machine, without port. */
  readonly hosts: readonly string[];
  /** Addresses of a proxy in front, as Express takes them; null when there is none. */
  readonly proxy: string | null;
}

export const ONLY_HERE: Reach = { hosts: [], proxy: null };

const OF_THIS_MACHINE = ['localhost', '127.0.0.1', '[::1]'];
const NAME = String.raw`(\[[0-9a-f:.]+\]|[a-z0-9.-]{1,253})`;
const NAME_ALONE = new RegExp(`^${NAME}$`, 'i');
const NAME_AND_PORT = new RegExp(String.raw`^${NAME}(?::\d{1,5})?$`, 'i');

/** The name of a Host header, without its port; undefined when it is none. */
const nameOf = (host: string | undefined): string | undefined =>
  NAME_AND_PORT.exec(host ?? '')?.[1]?.toLowerCase();

/**
 * The reach from the environment: names separated by commas, and the proxy. Throws when a name is none.
 */
export const reachFrom = (hosts: string | undefined, proxy: string | undefined): Reach => {
  const names = (hosts ?? '').split(',').map((name) => name.trim().toLowerCase());
  for (const name of names) {
    if (name !== '' && !NAME_ALONE.test(name))
      throw new Error(
        `PATIENT_EDGE_HOSTS must be host names separated by commas; "${name}" was given`,
      );
  }
  return { hosts: names.filter((name) => name !== ''), proxy: proxy ? proxy : null };
};

/**
 * Only names the shop is known by: a page of elsewhere that has its own name point to this machine gets nothing.
 */
export const knownHost = ({ hosts }: Reach): RequestHandler => {
  const known = new Set([...OF_THIS_MACHINE, ...hosts]);
  return (request, _response, next) => {
    // What the proxy says it was, too, where there is one.
    const names = [nameOf(request.get('Host')), nameOf(request.host)];
    if (!names.every((name) => name !== undefined && known.has(name)))
      throw new ApiError(421, 'UNKNOWN_HOST', 'The shop is not known by this name');
    next();
  };
};

/** The one thing that comes as a file. */
const isPhotograph = (path: string): boolean => /\/photographs$/.test(path);

const isForeign = (origin: string, host: string): boolean => {
  try {
    return new URL(origin).host !== host;
  } catch {
    // "null", or no address at all.
    return true;
  }
};

/** Writes come from our own pages only: the cookie is SameSite, and the browser says where a request began. */
export const sameOriginWrites: RequestHandler = (request, _response, next) => {
  if (request.method === 'GET' || request.method === 'HEAD') return next();
  const site = request.get('Sec-Fetch-Site');
  const origin = request.get('Origin');
  const foreign =
    site === undefined
      ? origin !== undefined && isForeign(origin, request.host ?? '')
      : site !== 'same-origin' && site !== 'none';
  if (foreign) throw forbidden(STRINGS.writesAreAcceptedFromThisApplication);
  const isFile = isPhotograph(request.path) && request.is('multipart/form-data');
  if (request.method !== 'DELETE' && !isFile && !request.is('application/json')) {
    throw new ApiError(415, 'NOT_JSON', 'The body must be JSON');
  }
  next();
};

const nonceOf = (response: object): string => {
  const { locals } = response as Response;
  return locals['nonce'] as string;
};

/** Everything but the nonce is the same for every answer, and is put together once. */
const policy = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'none'"],
      scriptSrc: ["'self'"],
      styleSrc: ["'self'", (_request, response) => `'nonce-${nonceOf(response)}'`],
      imgSrc: ["'self'", 'data:', 'blob:'],
      fontSrc: ["'self'"],
      connectSrc: ["'self'"],
      workerSrc: ["'self'"],
      manifestSrc: ["'self'"],
      baseUri: ["'none'"],
      formAction: ["'self'"],
      frameAncestors: ["'none'"],
    },
  },
  // Served over plain HTTP on loopback; a proxy in front sets its own.
  strictTransportSecurity: false,
});

/** A fresh nonce a page, and a policy under which nothing foreign runs. */
export const contentPolicy: RequestHandler = (request, response, next) => {
  response.locals['nonce'] = randomBytes(16).toString('base64');
  policy(request, response, next);
};
