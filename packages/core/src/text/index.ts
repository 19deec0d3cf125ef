/** Words as codes, and their English in one place. */
export { asMessage, asText, joined, ownText, say, textOf, type Message, type Text } from './say';
export { bandText } from './steps';
