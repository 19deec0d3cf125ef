/** A mail server on loopback that delivers nothing: whatever is sent to it lies in its box, the latest first. */
import { simpleParser } from 'mailparser';
import { SMTPServer } from 'smtp-server';

export interface MailInTheBox {
  readonly id: string;
  readonly at: string;
  readonly from: string;
  readonly to: string;
  readonly subject: string;
  readonly text: string;
}

export interface MailBox {
  readonly port: number;
  readonly mails: () => readonly MailInTheBox[];
  readonly close: () => Promise<void>;
}

/** The box holds so many; the oldest fall out. */
const MOST_MAILS = 200;

const addressesOf = (
  given: { readonly text: string } | readonly { readonly text: string }[] | undefined,
): string =>
  [given ?? []]
    .flat()
    .map(({ text }) => text)
    .join(', ');

/** Starts it on a free loopback port. */
export const startMailBox = (): Promise<MailBox> =>
  new Promise((resolve, reject) => {
    const mails: MailInTheBox[] = [];
    const server = new SMTPServer({
      authOptional: true,
      disabledCommands: ['STARTTLS', 'AUTH'],
      logger: false,
      onData: (stream, _session, done) => {
        simpleParser(stream)
          .then((mail) => {
            mails.unshift({
              id: mail.messageId ?? `${mails.length}`,
              at: new Date().toISOString(),
              from: addressesOf(mail.from),
              to: addressesOf(mail.to),
              subject: mail.subject ?? '',
              text: mail.text ?? '',
            });
            mails.length = Math.min(mails.length, MOST_MAILS);
            done();
          })
          .catch((error: unknown) =>
            done(error instanceof Error ? error : new Error(String(error))),
          );
      },
    });
    server.once('error', reject);
    const listening = server.listen(0, '127.0.0.1', () => {
      const address = listening.address();
      if (address === null || typeof address === 'string') {
        reject(new Error('The mail box has no port'));
        return;
      }
      // A client that hangs up in the middle is no fault of the box.
      server.off('error', reject);
      server.on('error', () => undefined);
      resolve({
        port: address.port,
        mails: () => mails,
        close: () => new Promise((done) => server.close(() => done())),
      });
    });
  });
