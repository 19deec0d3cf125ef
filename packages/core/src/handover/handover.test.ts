import fc from 'fast-check';
import {
  BLADE_KIND_IDS,
  comeBackIn,
  customerSheet,
  DEMO_PRICES,
  bladeKind,
  fillTemplate,
  findSteel,
  MESSAGE_KINDS,
  readingsOf,
  suggestedPriceMinor,
  toPayMinor,
  unknownBlanks,
  USE_IDS,
  usualMeasuresOf,
  USUAL_TEMPLATES,
  type Filling,
  type SheetFacts,
} from '../index';

describe('what is to pay', () => {
  test('the price, less discount and payments, and never below nothing', () => {
    expect(toPayMinor({ priceMinor: 1200, discountMinor: 200, paidMinor: 400 })).toBe(600);
    expect(toPayMinor({ priceMinor: 1200, discountMinor: 1200, paidMinor: 1 })).toBe(0);
  });

  test('a suggested price never leaves what was agreed, and never falls with the minutes', () => {
    const facts = {
      kind: bladeKind('chef'),
      edgeLengthMm: 200,
      damage: [],
      thin: false,
      scallops: null,
    };
    fc.assert(
      fc.property(
        fc.nat(20_000),
        fc.nat(20_000),
        fc.nat(5_000),
        fc.nat(5_000),
        (seconds, more, lowMinor, range) => {
          const agreed = { lowMinor, highMinor: lowMinor + range };
          const price = suggestedPriceMinor(DEMO_PRICES, facts, seconds, agreed)!;
          const longer = suggestedPriceMinor(DEMO_PRICES, facts, seconds + more, agreed)!;
          return price >= lowMinor && price <= agreed.highMinor && longer >= price;
        },
      ),
    );
    expect(suggestedPriceMinor({ ...DEMO_PRICES, prices: [] }, facts, 600, null)).toBeNull();
  });
});

describe('when to come back', () => {
  test('by its own edges where there are two, else as its use goes; a touch-up lasts half as long', () => {
    expect(comeBackIn('general-soft', [80, 100])).toEqual({ days: 90, fromLives: 2 });
    expect(comeBackIn('general-soft', [80])).toEqual({ days: 150, fromLives: 0 });
    expect(comeBackIn('general-soft', [], true)).toEqual({ days: 75, fromLives: 0 });
    expect(comeBackIn('boning', []).days).toBeLessThan(comeBackIn('bread', []).days);
  });

  test('every use has its days', () => {
    for (const use of USE_IDS) expect(comeBackIn(use, []).days).toBeGreaterThanOrEqual(20);
  });
});

const FILLING: Filling = {
  customer: 'Pernel',
  blades: 'Bread knife',
  tags: '12',
  price: 'EUR 12.00',
  place: '',
  page: '',
  shop: 'The boat',
  address: 'Berth 4\nOsier Wharf',
  phone: '0555',
};

describe('messages', () => {
  test.each(MESSAGE_KINDS)(
    'the usual one when it is %s has no blank left, and no empty line for nothing',
    (kind) => {
      const { subject, body } = fillTemplate(USUAL_TEMPLATES[kind], FILLING);
      expect(`${subject}\n${body}`).not.toMatch(/[{}]|undefined|\n\n\n/);
      expect(body).toContain('Pernel');
      expect(body.endsWith('The boat\nBerth 4\nOsier Wharf\n0555')).toBe(true);
    },
  );

  test('what nobody knows is named; a subject stays one line whatever is put into it', () => {
    expect(unknownBlanks('{customer} {name} {tags} {}')).toEqual(['{name}', '{}']);
    const { subject, body } = fillTemplate(
      { subject: 'For {customer}', body: '{name} {toString}' },
      { ...FILLING, customer: 'Per\r\nBcc: nel' },
    );
    expect(subject).toBe('For Per Bcc: nel');
    expect(body).toBe('{name} {toString}');
  });

  test('a name with a blank in it is not filled a second time', () => {
    expect(
      fillTemplate({ subject: 'x', body: '{customer}' }, { ...FILLING, customer: '{phone}' }).body,
    ).toBe('{phone}');
  });
});

const facts = (part: Partial<SheetFacts> = {}): SheetFacts => ({
  name: '',
  measures: usualMeasuresOf('chef', 210),
  steel: findSteel('X50CrMoV15 (1.4116)') ?? null,
  steelName: 'X50CrMoV15 (1.4116)',
  sharpness: 'dull',
  askedFor: '',
  damage: [],
  damageLeft: [],
  declineReason: null,
  done: ['ready', 'edge', 'deburr', 'strop', 'test', 'wash'],
  plan: {
    angleDeg: 15,
    presentDeg: 18.2,
    behindBeforeMm: 0.6,
    behindAfterMm: 0.45,
    heightLostMm: 0.01,
  },
  touchedUp: false,
  before: null,
  after: null,
  testRemarks: [],
  rod: 'between sharpenings',
  coins: null,
  remarks: '',
  comeBack: { days: 150, fromLives: 0 },
  comeBackDay: '1 May 2027',
  ...part,
});
const linesOf = (part: Partial<SheetFacts>, heading: string): readonly string[] =>
  customerSheet(facts(part)).parts.find((each) => each.heading === heading)?.lines ?? [];

describe('the customer’s sheet', () => {
  test('says the angle both ways, and what it came with', () => {
    expect(linesOf({}, 'Angle')).toEqual([
      '15.0° on each side, 30.0° in all. It came with 18.2° on each side.',
    ]);
  });

  test('tells of thinning with what it is for, of chips that were left, and of the rod', () => {
    const chip = {
      id: 'a',
      kind: 'chip',
      side: 'both',
      fromMm: 20,
      lengthMm: 2,
      depthMm: 1.4,
    } as const;
    expect(linesOf({ done: ['thinning', 'edge'] }, 'What was done, and why')[0]).toBe(
      'Thinned just above the edge, from 0.60 to 0.45 mm, so that it goes through food without wedging.',
    );
    expect(linesOf({ damage: [chip], damageLeft: ['a'] }, 'Noted, not repaired')).toEqual([
      'Left in on purpose: 1 chip, 1.4 mm.',
    ]);
    expect(linesOf({ coins: { count: 2, coinMm: 1.7 } }, 'Angle')[1]).toBe(
      'On your rod: spine raised by 2 coins of 1.7 mm.',
    );
  });

  test('a blade that goes back as it came says why, and gives no advice on an edge it has not got', () => {
    const sheet = customerSheet(facts({ declineReason: 'A crack from the edge', done: [] }));
    expect(sheet.parts.map(({ heading }) => heading)).toEqual([
      'What came',
      'Returned without sharpening',
    ]);
  });

  test('one plain figure: the force where it was measured both times, else the places', () => {
    const read = (light: string, forceGf: readonly number[] = []) =>
      readingsOf(() => ({ classes: { light }, forceGf }));
    expect(customerSheet(facts({ before: read('glint'), after: read('dark') })).figure).toEqual({
      label: 'Places along the edge that did not cut clean',
      before: '4 of 4',
      after: '0 of 4',
    });
    expect(
      customerSheet(facts({ before: read('glint', [400]), after: read('dark', [150]) })).figure,
    ).toMatchObject({ before: '400 g, dull', after: '150 g, fine' });
    expect(customerSheet(facts({ after: read('dark') })).figure).toBeNull();
  });

  test('of every kind it is plain: no empty part, no grain, no word of the planner', () => {
    for (const kind of BLADE_KIND_IDS) {
      const sheet = customerSheet(facts({ measures: usualMeasuresOf(kind, 150) }));
      const said = sheet.parts.flatMap(({ lines }) => lines);
      expect(said.every((line) => line.trim() !== '')).toBe(true);
      expect(said.join(' ')).not.toMatch(
        /µm|undefined|NaN|grit|waterstone|progression|apex|micro bevel/i,
      );
    }
  });
});
