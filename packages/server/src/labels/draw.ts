/** The tag that hangs on a blade, and the ticket its customer takes home. */
import { dayText, moneyRange, type Job, type ShopFormats } from '@patient-edge/contract';
import { bladeKind, findUse, totalOf } from '@patient-edge/core';
import numberToWords from 'number-to-words';
import QRCode from 'qrcode';
import { Page } from './page';
import { silhouette } from './silhouette';
import { STRINGS } from './strings';

export interface LabelFacts {
  readonly job: Job;
  readonly shopName: string;
  readonly currency: string;
  readonly formats: ShopFormats;
  /** Where the job is found, by those who work here. */
  readonly address: string;
  /** Where its customer finds it; null where the shop is not reached from outside: no code is printed then. */
  readonly pageAddress: string | null;
}

/** "forty-seven": a digit misread on a wet tag is caught by its word. */
export const tagInWords = (tagNumber: number): string => numberToWords.toWords(tagNumber);

const qr = (
  page: Page,
  address: string,
  at: { xMm: number; yMm: number; sideMm: number },
): void => {
  const { modules } = QRCode.create(address, { errorCorrectionLevel: 'M' });
  page.squares(modules.size, (row, column) => modules.get(row, column) === 1, at);
};

const nameOf = (job: Job): string => job.blade.name || bladeKind(job.measures.kindId).label;

/** 62 by 29 mm, as label rolls are. */
export const drawTag = ({ job, address, formats }: LabelFacts): Promise<Buffer> => {
  const page = new Page(STRINGS.tag(job.tagNumber), 62, 29, formats);
  qr(page, address, { xMm: 2, yMm: 2, sideMm: 25 });
  const at = { xMm: 30, widthMm: 30.5 } as const;
  page.write(String(job.tagNumber), { xMm: 30, yMm: 1.2, sizeMm: 9, weight: 'bold' });
  page.write(tagInWords(job.tagNumber), { ...at, yMm: 12, sizeMm: 2.9 });
  page.write(nameOf(job), { ...at, yMm: 18.2, sizeMm: 3, weight: 'bold' });
  page.write(STRINGS.for(dayText(job.promisedOn, formats)), { ...at, yMm: 22.6, sizeMm: 3 });
  return page.finish();
};

/** A6: what was brought, what was found, what was asked and agreed, and whom to hand it to. */
export const drawTicket = ({
  job,
  shopName,
  currency,
  formats,
  pageAddress,
}: LabelFacts): Promise<Buffer> => {
  const page = new Page(STRINGS.ticketOfTag(job.tagNumber), 105, 148, formats);
  const all = { xMm: 8, widthMm: 89 } as const;
  page.write(shopName, { xMm: 8, yMm: 7, sizeMm: 4.2, weight: 'bold', widthMm: 60 });
  page.write(STRINGS.tag(job.tagNumber), { xMm: 8, yMm: 14, sizeMm: 8, weight: 'bold' });
  page.write(tagInWords(job.tagNumber), { xMm: 8, yMm: 24, sizeMm: 3.2, widthMm: 60 });
  if (pageAddress !== null) {
    qr(page, pageAddress, { xMm: 73, yMm: 7, sideMm: 24 });
    page.write(STRINGS.howItStands, { xMm: 73, yMm: 31.5, sizeMm: 2.4 });
  }
  silhouette(page, job.measures, { xMm: 8, yMm: 33, widthMm: 89, heightMm: 16 });
  let y = 53;
  const say = (label: string, text: string, lines = 1): void => {
    if (text === '' || y > 128) return;
    page.write(label, { xMm: 8, yMm: y, sizeMm: 2.9, widthMm: 22 });
    const below = page.write(text, { xMm: 31, yMm: y, sizeMm: 3.2, widthMm: 66, lines });
    y = below + 1;
  };
  say(STRINGS.customer, job.customer.name);
  say(STRINGS.blade, `${nameOf(job)}, ${job.steel}`, 2);
  say(STRINGS.forAlone, findUse(job.useId).label);
  say(STRINGS.askedFor, job.askedFor, 2);
  say(STRINGS.promised, dayText(job.promisedOn, formats));
  say(
    STRINGS.foundOnIt,
    job.damage.map(({ kind, fromMm }) => STRINGS.atMm(kind, Math.round(fromMm))).join(', '),
    3,
  );
  if (job.estimate) {
    const { lowMinor, highMinor } = totalOf(job.estimate.lines);
    const agreed = job.estimate.agreedBy === null ? '' : STRINGS.agreedWith(job.estimate.agreedBy);
    say(STRINGS.estimate, `${moneyRange(lowMinor, highMinor, currency)}${agreed}`, 2);
  }
  for (const { text, answer, name } of job.consents)
    say(STRINGS.asked, `${text} ${name}: ${answer}`, 3);
  page.line(
    [
      [8, 136],
      [60, 136],
    ],
    0.2,
  );
  page.write(STRINGS.customer, { xMm: 8, yMm: 137, sizeMm: 2.6 });
  page.write(STRINGS.handedOverAgainstThisTagOnly, {
    ...all,
    yMm: 142,
    sizeMm: 2.6,
  });
  return page.finish();
};
