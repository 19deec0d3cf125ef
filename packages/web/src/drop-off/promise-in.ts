/** A day and its place, into the blade that is being written down. */
import type { UseFormReturn } from 'react-hook-form';
import type { Promised } from '../intake/promised-on';
import type { BladeValues } from './draft';

export const promiseIn = (
  { setValue, clearErrors }: UseFormReturn<BladeValues>,
  { promisedOn, placeId }: Promised,
): void => {
  setValue('promisedOn', promisedOn, { shouldDirty: true });
  setValue('placeId', placeId, { shouldDirty: true });
  clearErrors('promisedOn');
};
