/** How this shop writes days, hours and measures: known with the session, before any page is drawn. */
import { USUAL_FORMATS, type ShopFormats } from '@patient-edge/contract';

let current: ShopFormats = USUAL_FORMATS;

export const formats = (): ShopFormats => current;

/** Pages drawn before keep what they said: whoever sets it draws them anew. */
export const setFormats = (next: ShopFormats): void => {
  current = next;
};
