/** Words as codes, and their English in one place. */
export { textOf } from './english';
export { asMessage, asText, joined, ownText, say, type Message, type Text } from './say';
export { isOneLetterOff, plainLetters } from './spelling';
export { bandText } from './steps';
export { zoneLiftText } from './holding';
export {
  counted,
  localized,
  named,
  stringsOf,
  type Language,
  type SameShape,
  type AreaStrings,
} from './language';
