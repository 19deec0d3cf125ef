/** The job of the page, as its frame has read it. */
import type { Job } from '@patient-edge/contract';
import { useOutletContext } from 'react-router';

export const useCurrentJob = (): Job => useOutletContext<Job>();
