/** Why a button that saves is grey: beside it, while nothing is changed. */
import { MutedText } from './layout';
import { STRINGS } from './strings';

export const NoChanges = () => <MutedText>{STRINGS.noChanges}</MutedText>;
