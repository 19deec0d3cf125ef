/** What the customer is told when the blade goes back. */
export { careAdvice } from './care';
