/** What a browser has and the tests' stand-in for one has not. */
import { TextDecoder, TextEncoder } from 'node:util';

Object.assign(globalThis, { TextEncoder, TextDecoder });
if (!('CSS' in globalThis)) {
  Object.assign(globalThis, {
    CSS: { escape: (text: string) => text.replaceAll(/[^\w-]/g, '\\$&') },
  });
}
// The stand-in knows no scrolling; what scrolls is looked at in a real browser.
Object.assign(globalThis, { scrollTo: () => undefined });
if (typeof Element !== 'undefined')
  Object.assign(Element.prototype, { scrollIntoView: () => undefined });
