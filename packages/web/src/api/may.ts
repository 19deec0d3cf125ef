/** Whether whoever is signed in may do something: what they may not is not offered to them. */
import { INSTRUMENTS, type Instrument } from '@patient-edge/contract';
import { mayDo, type Action } from '@patient-edge/core';
import { useSession } from './session';

/** False while it is not known who asks. */
export const useMay = (action: Action): boolean => {
  const { data: session } = useSession();
  const role = session?.staff?.role;
  return role !== undefined && mayDo(role, action);
};

/** What the shop owns to measure with. */
export const useInstruments = (): readonly Instrument[] =>
  useSession().data?.instruments ?? INSTRUMENTS;
