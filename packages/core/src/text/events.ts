/** The English of the history of a job, one entry a code; see `steps.ts`. */
import { counted } from './language';

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
/** 28 Nov 2026, of a day written YYYY-MM-DD; anything else as it is. */
const plainDay = (isoDay: string): string => {
  const [, year, month, day] = /^(\d{4})-(\d{2})-(\d{2})$/.exec(isoDay) ?? [];
  return day === undefined ? isoDay : `${Number(day)} ${MONTHS[Number(month) - 1]} ${year}`;
};

export const EVENT_ENGLISH = {
  'event.taken-in': ({
    kind,
    tag,
    promisedOn,
  }: {
    kind: string;
    tag: number;
    promisedOn: string;
  }) => `took in ${kind} on tag ${tag}, promised for ${plainDay(promisedOn)}`,
  'event.promised': ({ day, place }: { day: string; place: string }) =>
    `promised for ${plainDay(day)}${place === '' ? '' : `, ${place}`}`,
  'event.corrected': 'corrected the intake; the plan has to be made again',
  'event.photographed': 'added a photograph',
  'event.photograph-deleted': 'deleted a photograph',
  'event.asked': ({ question, answer }: { question: string; answer: string }) =>
    `asked: “${question}” The answer was ${answer}`,
  'event.estimated': ({ range }: { range: string }) => `estimated ${range}`,
  'event.agreed': ({ range }: { range: string }) => `customer agreed to ${range}`,
  'event.agreement-withdrawn': ({ range }: { range: string }) =>
    `no longer agreed; estimated ${range}`,
  'event.planned': ({
    angleDeg,
    inclusiveDeg,
    steps,
    changes,
    reason,
  }: {
    angleDeg: number;
    inclusiveDeg: number;
    steps: number;
    changes: number;
    reason: string;
  }) =>
    [
      `approved a plan: ${angleDeg.toFixed(1)}° per side (${inclusiveDeg.toFixed(1)}° inclusive), ${counted(steps, 'step', 'steps')}`,
      changes > 0 ? `, ${changes} changed by hand` : '',
      reason === '' ? '' : `: ${reason}`,
    ].join(''),
  'event.back-to-step': ({ step }: { step: string }) => `went back to “${step}”`,
  'event.taken-over': ({ from }: { from: string }) => `took over from ${from}`,
  'event.replanned': ({ measured, steps }: { measured: string; steps: number }) =>
    `planned the rest again, ${measured}: ${counted(steps, 'step', 'steps')} left`,
  'event.started': 'started work; cautions read',
  'event.step-done': ({ step, right, left }: { step: string; right: number; left: number }) =>
    `${step}: done, ${right} right and ${left} left`,
  'event.check-skipped': ({ step, reason }: { step: string; reason: string }) =>
    `${step}: check skipped (${reason})`,
  'event.step-reopened': ({ step }: { step: string }) => `went back to “${step}”`,
  'event.touched-up': ({
    rung,
    stone,
    isEnough,
    note,
  }: {
    rung: string;
    stone: string;
    isEnough: boolean;
    note: string;
  }) =>
    [
      `touched up: ${rung}${stone === '' ? '' : ` (${stone})`}, ${isEnough ? 'enough' : 'not enough'}`,
      note === '' ? '' : `: ${note}`,
    ].join(''),
  'event.passed': ({ verdict, note }: { verdict: string; note: string }) =>
    `tested: ${verdict}${note === '' ? '' : `: ${note}`}`,
  'event.sent-back': ({ step, note }: { step: string; note: string }) =>
    `failed the test, back to “${step}”${note === '' ? '' : `: ${note}`}`,
  'event.pass-undone': 'undid the pass: the edge is under test again',
  'event.declined': ({ reason }: { reason: string }) => `declined: ${reason}`,
  'event.decline-undone': 'took it on again: it is not declined any more',
  'event.handed-over': ({ tag }: { tag: number }) => `handed over by tag ${tag}, edge covered`,
  'event.handed-back': ({ tag }: { tag: number }) =>
    `handed back without work by tag ${tag}, edge covered`,
  'event.price-set': ({ price, reason }: { price: string; reason: string }) =>
    `set the price to ${price}${reason === '' ? '' : `: ${reason}`}`,
  'event.complaint': ({ words }: { words: string }) =>
    `something is wrong${words === '' ? '' : `: ${words}`}`,
  'event.complaint-settled': ({ onTheHouse, reason }: { onTheHouse: string; reason: string }) =>
    `complaint settled, ${onTheHouse}${reason === '' ? '' : `: ${reason}`}`,
  'event.page-revoked': 'closed the customer’s page',
  'event.customer-added': 'added the customer',
  'event.customer-changed': 'changed the customer’s details',
  'event.customer-merged': 'merged another customer into this one',
  'event.customer-erased': 'erased the customer’s details',
  'event.stone-added': 'added the stone',
  'event.stone-changed': 'changed the stone',
  'event.stone-retired': 'retired the stone',
  'event.stone-flattened': ({ plate, lostMm }: { plate: string; lostMm: number }) =>
    `flattened it on ${plate}, ${lostMm.toFixed(2)} mm taken`,
  'event.flattening-undone': 'undid the last flattening',
  'event.stones-imported': ({ added, changed }: { added: number; changed: number }) =>
    `imported stones: ${added} added, ${changed} changed`,
  'event.shop-changed': ({ what }: { what: string }) => `changed ${what}`,
  'event.person-added': ({ name, role }: { name: string; role: string }) =>
    `added ${name} as ${role}`,
  'event.person-changed': ({ name, what }: { name: string; what: string }) => `${name}: ${what}`,
  'event.hand-over-undone': 'undid the hand-over: the blade is in the shop',
} as const;
