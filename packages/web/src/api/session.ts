/** Who is signed in, read before anything else. */
import type { SessionInfo } from '@patient-edge/contract';
import useSWR, { type SWRConfiguration } from 'swr';
import { ApiFailure, request } from './client';

/** A refusal stays one; a lost connection is tried again. */
export const SWR_SETTINGS: SWRConfiguration = {
  shouldRetryOnError: (error: unknown) =>
    error instanceof ApiFailure && (error.status === 0 || error.status >= 500),
  errorRetryInterval: 2000,
  revalidateOnFocus: true,
};

export const useSession = () =>
  useSWR<SessionInfo, ApiFailure>('/session', (path: string) => request<SessionInfo>('GET', path), {
    // Asked for by every part that shows what somebody may: what is known is taken, and looked at again each minute.
    revalidateIfStale: false,
    refreshInterval: 60_000,
  });
