/** What the customer is told when the blade goes back, and written before and after. */
export { careAdvice } from './care';
export { houseRule, type HouseRule } from './on-the-house';
export { comeBackIn, type ComeBack } from './come-back';
export { customerSheet, type CustomerSheet, type SheetFacts, type SheetPart } from './sheet';
export {
  BLANKS,
  fillTemplate,
  MESSAGE_KINDS,
  unknownBlanks,
  USUAL_TEMPLATES,
  type Blank,
  type Filling,
  type MessageKind,
  type MessageTemplate,
  type MessageTemplates,
} from './messages';
