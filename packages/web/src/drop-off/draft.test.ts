import { dropOffSchema, validate, type BladeRecord } from '@patient-edge/contract';
import { usualMeasuresOf } from '@patient-edge/core';
import { jobOf } from '../../test/jobs';
import { dropStored, writeStored } from '../api/stored';
import {
  bladeAfter,
  DRAFT,
  emptyBlade,
  freeTag,
  fromRecord,
  newDraft,
  openDraft,
  problemsOf,
  toDropOffBody,
  whatItBrings,
  type BladeValues,
} from './draft';

const blade = (part: Partial<BladeValues> = {}): BladeValues => ({
  ...emptyBlade(),
  tagNumber: '12',
  promisedOn: '2026-12-01',
  ...part,
});
const record = (part: Partial<BladeRecord> = {}): BladeRecord => ({
  blade: { id: 5, name: 'No. 3', steel: 'SUS420J2', measures: usualMeasuresOf('fillet', 190) },
  customer: { id: 9, name: 'Smokehouse', trade: '', phone: '', note: '', edgesLiked: '' },
  visits: [],
  lastJob: null,
  wish: '',
  ...part,
});

afterEach(() => localStorage.clear());

test('what is typed makes a body the server takes', () => {
  const { customer } = newDraft();
  const body = toDropOffBody(
    {
      ...customer,
      customerIsNew: true,
      newCustomer: { ...customer.newCustomer, name: 'Ilse Fender' },
    },
    [blade({ edgeLengthMm: '190,5' }), blade({ tagNumber: '13', bladeId: '5' })],
  );
  const checked = validate(dropOffSchema, body);
  expect(checked.ok).toBe(true);
  // A telephone left empty is none.
  expect(body.newCustomer!.phones).toEqual([]);
  expect(body.blades[0]).toMatchObject({ edgeLengthMm: 190.5, heightHeelMm: null, bladeId: null });
  expect(body.blades[1]).toMatchObject({ bladeId: 5, tagNumber: 13 });
});

test('the next blade is of the kind and for the day of the one before, under the next free tag', () => {
  const next = bladeAfter(blade({ kindId: 'fillet', bladeName: 'No. 1', askedFor: 'Fine' }), '13');
  expect(next).toMatchObject({ kindId: 'fillet', promisedOn: '2026-12-01', tagNumber: '13' });
  expect([next.bladeName, next.askedFor, next.bladeId]).toEqual(['', '', '']);
  expect(freeTag(12, [blade(), blade({ tagNumber: '13' })])).toBe('14');
  // Neither one of the list nor one that hangs in the shop, round the corner too.
  expect(freeTag(12, [blade()], [13, 14])).toBe('15');
  expect(freeTag(9999, [], [9999, 1])).toBe('2');
  expect(freeTag(10_000, [], [])).toBe('1');
});

test.each([
  ['no tag', { tagNumber: '' }, 'tagNumber'],
  ['a tag beyond all tags', { tagNumber: '10000' }, 'tagNumber'],
  ['a tag already on the list', { tagNumber: '40' }, 'tagNumber'],
  ['no date', { promisedOn: '' }, 'promisedOn'],
  ['a length that is none', { edgeLengthMm: 'long' }, 'edgeLengthMm'],
  ['a height beyond all blades', { heightHeelMm: '900' }, 'heightHeelMm'],
  ['the same known blade twice', { bladeId: '7' }, 'kindId'],
] as const)('%s keeps a blade off the list, told beside its field', (_, part, field) => {
  const others = [blade({ tagNumber: '40', bladeId: '7' })];
  expect(problemsOf(blade(part), others).map((each) => each.field)).toEqual([field]);
  expect(problemsOf(blade(), others)).toEqual([]);
});

test('a blade known from before fills the line with what is known of it', () => {
  const visit = {
    jobId: 3,
    tagNumber: 4,
    stage: 'returned' as const,
    declined: false,
    takenInAt: '2026-09-02T08:00:00Z',
    returnedAt: '2026-09-05T08:00:00Z',
    anglePerSideDeg: 16.5,
    measures: usualMeasuresOf('fillet', 190),
    rimMm: null,
    ridgeMm: null,
    steelLostMm3: 20,
    workedSeconds: 600,
    stones: ['Red stone'],
    forceBeforeGf: null,
    forceAfterGf: null,
  };
  const known = record({
    visits: [visit],
    lastJob: jobOf({ useId: 'boning', cuts: 'salmon', holding: 'two coins' }),
  });
  expect(fromRecord(known)).toMatchObject({ bladeId: '5', kindId: 'fillet', cuts: 'salmon' });
  const words = whatItBrings(known).text;
  for (const part of ['2 Sept 2026', '16.5° per side · 33.0° inclusive', 'Red stone', 'two coins'])
    expect(words).toContain(part);
  expect(whatItBrings(record()).text).toContain('Its record comes with it');
});

test('a draft of an older form is opened with what it lacks, and the blade in hand goes before it', () => {
  localStorage.setItem(
    `patient-edge ${DRAFT}`,
    JSON.stringify({
      key: 'kept',
      next: { bladeName: 'Half typed' },
      blades: [{ tagNumber: '3' }],
    }),
  );
  const opened = openDraft(null);
  expect(opened.key).toBe('kept');
  expect(opened.next).toMatchObject({ bladeName: 'Half typed', kindId: 'chef' });
  expect(opened.blades[0]).toMatchObject({ tagNumber: '3', sharpness: 'dull' });
  expect(openDraft(record()).customer).toMatchObject({ customerIsNew: false, customerId: '9' });
  expect(openDraft(record()).next.bladeName).toBe('No. 3');
});

test('a draft kept before customers were called customers is read all the same', () => {
  writeStored(DRAFT, { owner: { ownerIsNew: false, customerId: '12' }, blades: [] });
  expect(openDraft(null).customer).toMatchObject({ customerIsNew: false, customerId: '12' });
  dropStored(DRAFT);
});
