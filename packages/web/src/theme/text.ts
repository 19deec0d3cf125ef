/** What the core says, in the shop's units: apart, so that pages without it do not load its words. */
import { textOf as englishOf, type Text } from '@patient-edge/core';
import { inUnits } from './format';

export const textOf = (text: Text): string => inUnits(englishOf(text));
