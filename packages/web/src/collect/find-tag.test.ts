import type { BoardJob, ReadyBlade } from '@patient-edge/contract';
import fc from 'fast-check';
import { findTag, readCode, shareOut } from './find-tag';

const TOKEN = 'a'.repeat(43);

test.each([
  [' 47 ', { is: 'tag', tagNumber: 47 }],
  ['http://localhost:4870/jobs/12', { is: 'job', jobId: 12 }],
  [`https://edge.example/v/${TOKEN}`, { is: 'page', token: TOKEN }],
  ['47a', null],
  ['12345', null],
  ['javascript:alert(1)', null],
  ['https://elsewhere.example/jobs/12/delete', null],
  [`https://edge.example/v/${TOKEN}x`, null],
])('reads %p', (text, read) => {
  expect(readCode(text)).toEqual(read);
});

const ready = { tagNumber: 4, jobId: 9 } as ReadyBlade;
const atBench = { tagNumber: 5, jobId: 10, customer: 'Pernel', stage: 'on the bench' } as BoardJob;

test('a tag leads to its blade, or says why it is not handed over', () => {
  expect(findTag({ tagNumber: 4 }, [ready], [])).toEqual({ ok: true, blade: ready });
  expect(findTag({ jobId: 9 }, [ready], [])).toEqual({ ok: true, blade: ready });
  expect(findTag({ tagNumber: 5 }, [ready], [atBench])).toEqual({
    ok: false,
    says: 'Tag 5 hangs on Pernel’s blade, which is on the bench: not ready yet',
  });
  expect(findTag({ tagNumber: 6 }, [ready], [atBench])).toEqual({
    ok: false,
    says: 'No blade in the shop hangs on tag 6',
  });
});

test('a part payment is shared out in order: never more for a blade than is to pay, and none of it lost', () => {
  fc.assert(
    fc.property(fc.array(fc.nat(5000), { maxLength: 6 }), fc.nat(40_000), (owed, amount) => {
      const shared = shareOut(
        owed.map((toPayMinor) => ({ toPayMinor })),
        amount,
      );
      const total = owed.reduce((sum, each) => sum + each, 0);
      const paid = shared.reduce((sum, { amountMinor }) => sum + amountMinor, 0);
      return (
        shared.every(({ amountMinor, toPayMinor }) => amountMinor <= toPayMinor) &&
        paid === Math.min(total, amount)
      );
    }),
  );
});
