/**
 * Answers that stay open: a few a session, ended at sign-out, and ended within seconds when the session was ended
 * elsewhere.
 */
import type { Request, Response } from 'express';
import { ApiError } from './errors';

const MOST_A_SESSION = 3;
const LOOK_AGAIN_MS = 5000;

export interface Streams {
  /**
   * Opens an event stream; `onEnd` runs once, whoever ends it. Throws 429 beyond the most a session may have.
   */
  readonly open: (request: Request, response: Response, onEnd: () => void) => void;
  readonly endSession: (sessionId: string) => void;
  readonly endAll: () => void;
}

/** `isStillSignedIn` is asked every few seconds while a stream is open. */
export const createStreams = (isStillSignedIn: (request: Request) => Promise<boolean>): Streams => {
  const open = new Map<string, Set<() => void>>();
  const endSession = (sessionId: string): void => {
    for (const end of [...(open.get(sessionId) ?? [])]) end();
  };
  return {
    open: (request, response, onEnd) => {
      const { sessionID } = request;
      const ends = open.get(sessionID) ?? new Set();
      if (ends.size >= MOST_A_SESSION) {
        throw new ApiError(
          429,
          'TOO_MANY_STREAMS',
          `At most ${MOST_A_SESSION} live readings at once: close another window`,
        );
      }
      open.set(sessionID, ends);
      response.writeHead(200, {
        'Content-Type': 'text/event-stream',
        'Cache-Control': 'no-store',
        Connection: 'keep-alive',
      });
      response.flushHeaders();
      const end = (): void => {
        if (!ends.delete(end)) return;
        if (ends.size === 0) open.delete(sessionID);
        clearInterval(timer);
        response.end();
        onEnd();
      };
      const look = async (): Promise<void> => {
        try {
          if (await isStillSignedIn(request)) response.write(': still here\n\n');
          else end();
        } catch (error) {
          // Without its records nobody can say who this is.
          request.log.warn({ err: error }, 'a stream was ended: its session cannot be read');
          end();
        }
      };
      const timer = setInterval(() => void look(), LOOK_AGAIN_MS);
      ends.add(end);
      response.on('close', end);
    },
    endSession,
    endAll: () => {
      for (const sessionId of [...open.keys()]) endSession(sessionId);
    },
  };
};
