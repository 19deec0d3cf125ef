/** Words as codes, and their English in one place. */
export { textOf } from './english';
export { asMessage, asText, joined, ownText, say, type Message, type Text } from './say';
export { isOneLetterOff, plainLetters } from './spelling';
export { bandText } from './steps';
export { zoneLiftText } from './holding';
export { inWords, named, wordsOf, type Language, type SameShape, type Wording } from './language';
