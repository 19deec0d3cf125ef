/**
 * The demo's setting: the workshop boat Ottersong on an inland waterway, moored at another wharf each
 * weekday. All names are invented.
 */
import type {
  CustomerBody,
  PlaceBody,
  PriceListBody,
  RigSetting,
  ShopDetails,
  Stage,
} from '@patient-edge/contract';
import {
  DEMO_CURRENCY,
  DEMO_PRICES,
  type Answers,
  type Damage,
  type DamageKind,
  type Rung,
  type Sharpness,
  USUAL_TEMPLATES,
} from '@patient-edge/core';

export const SHOP = 'Ottersong workshop boat';

const moored = (weekday: number, name: string, closesAt = '17:00'): PlaceBody => ({
  id: null,
  name,
  address: '',
  weekdays: [weekday],
  opensAt: '08:00',
  closesAt,
  inUse: true,
});
export const PLACES: readonly PlaceBody[] = [
  moored(1, 'Osier Wharf'),
  moored(2, 'Millrace Steps'),
  moored(3, 'Ropewalk Quay'),
  moored(4, 'Lockhouse Landing'),
  moored(5, 'Tanyard Wharf'),
  moored(6, 'Market Basin', '13:00'),
];

const owner = (
  name: string,
  trade: string,
  note = '',
  part: Partial<CustomerBody> = {},
): CustomerBody => ({
  name,
  trade,
  phones: [],
  note,
  edgesLiked: '',
  email: '',
  mayWrite: 'not asked',
  onAccount: false,
  ...part,
});
/** Whoever left an address and said yes. */
const reached = (mailbox: string): Partial<CustomerBody> => ({
  email: `${mailbox}@towpath.example`,
  mayWrite: 'yes',
});

export const SHOP_DETAILS: Omit<ShopDetails, 'publicAddress'> = {
  address: 'Aboard the Ottersong\nOsier Wharf, berth 4',
  phone: '0555 010 447',
  email: 'bench@ottersong.example',
  taxLines: 'Tax number 00 555 1204 (made up)',
  houseDays: 14,
  templates: USUAL_TEMPLATES,
};

/** In the minor unit of the demo's money. */
export const PRICE_LIST: Omit<PriceListBody, 'version'> = {
  currency: DEMO_CURRENCY,
  ...DEMO_PRICES,
  prices: [...DEMO_PRICES.prices],
};

export const OWNERS = {
  rush: owner('Isbel Rush', 'Basket weaver'),
  whey: owner('Corin Whey', 'Cheesemaker', 'Wants no visible work on the faces'),
  school: owner('Hollow Lane school kitchen', 'School kitchen', 'Ask for the cook, Berit', {
    ...reached('hollow-lane'),
    onAccount: true,
  }),
  vellum: owner('Marit Vellum', 'Bookbinder', '', {
    ...reached('vellum'),
    phones: [{ label: '', number: '0555 010 239' }],
  }),
  crown: owner('Dunstan Crown', 'Tree surgeon'),
  strand: owner('Osric Strand', 'Barber', 'Disinfect on arrival and before return'),
  burl: owner('Fenna Burl', 'Spoon carver'),
  noodle: owner('Lantern Bridge noodle stall', 'Noodle stall'),
  smokehouse: owner('Saltgate smokehouse', 'Fish smokehouse', 'Six filleting knives in rotation', {
    ...reached('saltgate'),
    onAccount: true,
    phones: [{ label: 'smokehouse', number: '0555 010 112' }],
  }),
  bloom: owner('Pernel Bloom', 'Florist'),
  loft: owner('Ravel sail loft', 'Sail loft'),
  bakery: owner('Crumb Street bakery', 'Bakery'),
  scouts: owner('Third Reach scouts', 'Scout troop', 'Hand over to the leader only'),
  penn: owner('Aldous Penn', 'Household', '', {
    ...reached('penn'),
    phones: [{ label: 'evenings', number: '0555 010 871' }],
  }),
  marsh: owner('Greet Marsh', 'Household', '', { mayWrite: 'no' }),
} as const;
export type OwnerKey = keyof typeof OWNERS;

/** How far the demo takes a job. */
export type Ending = Stage | 'mid-step' | 'sent back';

export interface DemoBlade {
  readonly owner: OwnerKey;
  readonly kind: string;
  readonly name: string;
  readonly steel: string;
  readonly use?: string;
  /** Days from today; the next mooring on or after it is promised. */
  readonly promisedIn: number;
  readonly ending: Ending;
  readonly sharpness?: Sharpness;
  readonly cuts?: string;
  readonly askedFor?: string;
  readonly chips?: readonly (readonly [
    atShare: number,
    lengthMm: number,
    depthMm: number,
    side?: Damage['side'],
  ])[];
  readonly dull?: readonly (readonly [fromShare: number, toShare: number, side?: Damage['side']])[];
  /** Other faults found on it. */
  readonly faults?: readonly (readonly [
    kind: DamageKind,
    atShare: number,
    lengthMm: number,
    depthMm: number,
    side?: Damage['side'],
  ])[];
  /** To the questions of its kind. */
  readonly answers?: Answers;
  /** How the angle was held at earlier visits. */
  readonly holding?: string;
  readonly rigSetting?: RigSetting;
  /** Scales the usual measurements of the kind. */
  readonly size?: number;
  readonly behindEdgeMm?: number;
  /** Visits before this one. */
  readonly earlierVisits?: number;
  readonly reason?: string;
  /** Earlier visits at which a touch-up was enough, the oldest first: what was done. */
  readonly touchUps?: readonly Rung[];
}

const S = {
  soft: 'X50CrMoV15 (1.4116)',
  unknown: 'unknown stamped stainless',
  fine: 'fine-grained stainless (about 0.65 C 13 Cr)',
  powder: 'powder stainless moderate (about 1.3 C 15 Cr 2-3 V)',
  carbon: 'high-purity carbon (about 1.1-1.3 C)',
  tungsten: 'tungsten-chromium carbon (about 1.1-1.2 C)',
  bearing: '100Cr6 (1.3505 / AISI 52100 / SUJ2)',
  tool: 'X153CrMoV12 (1.2379 / AISI D2 / SKD11)',
  spring: 'SAE 5160 (60Cr3)',
  axe: 'unknown axe steel',
  razor: 'razor steel (about 1.1-1.2 C)',
  coarse: 'X105CrMo17 (1.4125 / AISI 440C)',
  nitrogen: 'X30CrMoN15-1 (1.4108)',
  vanadium: 'powder tool steel high vanadium (V 8-10)',
  plain: 'SAE 1095',
  oldCarbon: 'unknown carbon steel',
};

// prettier-ignore
export const BLADES: readonly DemoBlade[] = [
  // Overdue and today.
  { owner: 'school', kind: 'chef', name: 'Big knife with the red band', steel: S.soft, promisedIn: -2, ending: 'sent back', sharpness: 'blunt', cuts: 'onions, cabbage, everything', askedFor: 'Just make it cut', chips: [[0.32, 2.5, 0.35]], dull: [[0.3, 0.75]], earlierVisits: 2 },
  { owner: 'school', kind: 'utility', name: '', steel: S.unknown, promisedIn: -2, ending: 'ready', sharpness: 'dull' },
  { owner: 'noodle', kind: 'vegetable', name: 'Square knife', steel: S.carbon, promisedIn: 0, ending: 'mid-step', sharpness: 'dull', cuts: 'spring onions, radish', askedFor: 'Fine, it must fall through', dull: [[0.4, 0.8, 'right']], earlierVisits: 3 },
  { owner: 'smokehouse', kind: 'fillet', name: 'No. 3', steel: S.nitrogen, promisedIn: 0, ending: 'ready', sharpness: 'tired', cuts: 'salmon sides', earlierVisits: 2 },
  { owner: 'smokehouse', kind: 'fillet', name: 'No. 5', steel: S.nitrogen, promisedIn: 0, ending: 'testing', sharpness: 'dull', cuts: 'salmon sides' },
  { owner: 'bakery', kind: 'paring', name: 'Fruit knife', steel: S.unknown, promisedIn: 0, ending: 'ready', sharpness: 'dull' },
  // The days to come.
  { owner: 'whey', kind: 'cheese', name: 'Long cheese knife', steel: S.soft, promisedIn: 1, ending: 'on the bench', sharpness: 'dull', cuts: 'hard cheese', askedFor: 'No scratches on the faces', chips: [[0.55, 3, 0.3]], earlierVisits: 1 },
  { owner: 'penn', kind: 'long-kitchen', name: 'Thin long knife', holding: 'Clamp, long jaw', rigSetting: { jawMm: 96, ruleMarkMm: 64, block: '10 mm' }, steel: S.powder, promisedIn: 1, ending: 'planned', sharpness: 'dull', cuts: 'vegetables, fish', chips: [[0.72, 2, 0.5], [0.6, 1.5, 0.25]], earlierVisits: 1 },
  { owner: 'penn', kind: 'chef', name: 'Old carbon knife', steel: S.oldCarbon, promisedIn: 1, ending: 'taken in', sharpness: 'tired', behindEdgeMm: 0.62, cuts: 'meat and vegetables' },
  { owner: 'burl', kind: 'carving', name: 'Hook-backed carver', steel: S.plain, promisedIn: 1, ending: 'taken in', sharpness: 'tired', cuts: 'green birch' },
  { owner: 'strand', kind: 'razor', name: 'Round-point razor', steel: S.razor, promisedIn: 1, ending: 'taken in', sharpness: 'tired', askedFor: 'Two layers of tape, as before' },
  { owner: 'noodle', kind: 'flat-tip', name: 'Stall knife', steel: S.fine, promisedIn: 2, ending: 'planned', sharpness: 'dull', cuts: 'pork, greens', dull: [[0.2, 0.7]] },
  { owner: 'bloom', kind: 'grafting', name: 'Stem knife', steel: S.soft, promisedIn: 2, ending: 'ready', sharpness: 'blunt', cuts: 'stems, wire now and then', chips: [[0.6, 1, 0.2]] },
  { owner: 'marsh', kind: 'bread', name: 'Bread knife', steel: S.unknown, promisedIn: 2, ending: 'taken in', sharpness: 'dull' },
  { owner: 'marsh', kind: 'chef', name: 'Wedding knife', steel: S.coarse, promisedIn: 2, ending: 'taken in', sharpness: 'dull', askedFor: 'The chip was there before, the owner says it was not', chips: [[0.15, 3, 0.7, 'right']], cuts: 'Sunday roast' },
  { owner: 'vellum', kind: 'paper', name: 'Paper knife', steel: S.bearing, promisedIn: 3, ending: 'on the bench', sharpness: 'tired', cuts: 'board and leather' },
  { owner: 'vellum', kind: 'leather', name: 'Paring iron for leather', steel: S.carbon, behindEdgeMm: 3, promisedIn: 3, ending: 'taken in', sharpness: 'tired', cuts: 'goatskin' },
  { owner: 'crown', kind: 'axe-felling', name: 'Ash-handled axe', steel: S.axe, promisedIn: 3, ending: 'taken in', sharpness: 'blunt', cuts: 'limbs, roots by accident' },
  { owner: 'crown', kind: 'billhook', name: 'Hedge hook', steel: S.axe, promisedIn: 3, ending: 'taken in', sharpness: 'blunt' },
  { owner: 'scouts', kind: 'outdoor', name: 'Troop knife 1', steel: S.tool, promisedIn: 3, ending: 'planned', sharpness: 'blunt', cuts: 'kindling, rope', chips: [[0.4, 2, 0.4], [0.8, 1.5, 0.3]] },
  { owner: 'scouts', kind: 'outdoor', name: 'Troop knife 2', steel: S.spring, promisedIn: 3, ending: 'taken in', sharpness: 'blunt', cuts: 'kindling, rope' },
  { owner: 'loft', kind: 'utility', name: 'Rope knife', steel: S.soft, use: 'field', promisedIn: 4, ending: 'planned', sharpness: 'dull', cuts: 'rope, webbing' },
  { owner: 'loft', kind: 'outdoor', name: 'Rigger’s knife', steel: S.coarse, use: 'field', promisedIn: 4, ending: 'testing', sharpness: 'dull', cuts: 'rope' },
  { owner: 'school', kind: 'paring', name: 'Peeler’s knife', steel: S.unknown, promisedIn: 5, ending: 'taken in', sharpness: 'blunt' },
  { owner: 'school', kind: 'cleaver', name: 'Squash cleaver', steel: S.soft, promisedIn: 5, ending: 'taken in', sharpness: 'dull', cuts: 'pumpkin' },
  { owner: 'smokehouse', kind: 'slicer', name: 'Counter slicer', steel: S.soft, use: 'raw-fish', promisedIn: 5, ending: 'taken in', sharpness: 'tired', cuts: 'smoked sides, thin' },
  { owner: 'rush', kind: 'utility', name: 'Willow knife', steel: S.oldCarbon, promisedIn: 6, ending: 'taken in', sharpness: 'tired', cuts: 'willow rods', earlierVisits: 2, touchUps: ['strop', 'finest stone'] },
  // Gone home, or sent on.
  { owner: 'penn', kind: 'fish-one-sided', name: 'Heavy fish knife', steel: S.tungsten, promisedIn: 0, ending: 'declined', sharpness: 'blunt', reason: 'The hollow has reached the edge: the back wants tapping out and a large wheel. Sent on.' },
  { owner: 'noodle', kind: 'cleaver', name: 'Duck cleaver', steel: S.oldCarbon, promisedIn: -9, ending: 'returned', sharpness: 'dull', earlierVisits: 1 },
  { owner: 'rush', kind: 'paring', name: 'Splitting knife', steel: S.plain, promisedIn: -20, ending: 'returned', sharpness: 'tired' },
  { owner: 'whey', kind: 'utility', name: 'Tasting knife', steel: S.soft, promisedIn: -27, ending: 'returned', sharpness: 'dull' },
  { owner: 'smokehouse', kind: 'fillet', name: 'No. 1', holding: 'Freehand, two coins at the spine', steel: S.nitrogen, promisedIn: -7, ending: 'returned', sharpness: 'dull', earlierVisits: 2 },
  { owner: 'smokehouse', kind: 'fillet', name: 'No. 2', steel: S.nitrogen, promisedIn: -7, ending: 'returned', sharpness: 'tired' },
  { owner: 'smokehouse', kind: 'fillet', name: 'No. 4', steel: S.nitrogen, promisedIn: -7, ending: 'returned', sharpness: 'dull' },
  { owner: 'smokehouse', kind: 'boning', name: 'Pin-bone knife', steel: S.soft, promisedIn: -7, ending: 'returned', sharpness: 'dull', size: 0.8 },
  { owner: 'school', kind: 'butcher', name: 'Meat knife', steel: S.soft, promisedIn: -14, ending: 'returned', sharpness: 'dull' },
  { owner: 'school', kind: 'slicer', name: 'Roast slicer', steel: S.unknown, promisedIn: -14, ending: 'returned', sharpness: 'dull' },
  { owner: 'bakery', kind: 'chef', name: 'Dough and butter knife', steel: S.soft, promisedIn: -21, ending: 'returned', sharpness: 'tired', size: 1.15 },
  { owner: 'bloom', kind: 'paring', name: 'Ribbon knife', steel: S.unknown, promisedIn: -30, ending: 'returned', sharpness: 'dull' },
  { owner: 'marsh', kind: 'flat-tip', name: 'Everyday knife', steel: S.fine, promisedIn: -12, ending: 'returned', sharpness: 'dull', chips: [[0.8, 2, 0.3]], earlierVisits: 1 },
  { owner: 'crown', kind: 'utility', name: 'Lunch knife', steel: S.soft, promisedIn: -33, ending: 'returned', sharpness: 'blunt' },
  { owner: 'vellum', kind: 'paring', name: 'Lifting knife', steel: S.bearing, promisedIn: -40, ending: 'returned', sharpness: 'tired' },
  { owner: 'loft', kind: 'chef', name: 'Galley knife', steel: S.soft, promisedIn: -18, ending: 'returned', sharpness: 'blunt', chips: [[0.5, 4, 0.5]] },
  // Every other kind of blade, as they came in this week.
  { owner: 'penn', kind: 'ridge-kitchen', name: 'Ridged knife', steel: S.carbon, promisedIn: 4, ending: 'taken in', sharpness: 'dull', askedFor: 'Haze on the soft steel, bright core, as it came', cuts: 'vegetables', answers: { ridgeRightMm: 14, ridgeLeftMm: 13.5, claddingMm: 5, ratio: '60:40', hand: 'right', build: 'hard core between softer sides', finishWish: 'the maker’s finish', scratches: 'along the edge', sheen: 'haze', bevelHeelRightMm: 14, bevelMiddleRightMm: 13, bevelTipRightMm: 11 } },
  { owner: 'noodle', kind: 'layered', name: 'Three-layer knife', steel: S.tungsten, promisedIn: 4, ending: 'taken in', sharpness: 'dull', cuts: 'pork, radish', answers: { claddingMm: 6, visibleBevel: 'none', build: 'hard core between softer sides', surface: 'etched' } },
  { owner: 'smokehouse', kind: 'curved-fish', name: 'Splitting knife, curved', steel: S.soft, promisedIn: 5, ending: 'taken in', sharpness: 'blunt', cuts: 'halibut', answers: { greatestHeightMm: 82 } },
  { owner: 'smokehouse', kind: 'slicing-one-sided', name: 'Thin slicer', steel: S.carbon, promisedIn: 5, ending: 'taken in', sharpness: 'tired', use: 'raw-fish', answers: { hand: 'right', ridgeRightMm: 15, backTest: 'light in the middle', hollowDepthMm: 0.35, hollowWidthMm: 26, rimEdgeMm: 0.8, rimSpineMm: 1.2, backBevel: 'none' } },
  { owner: 'noodle', kind: 'vegetable-one-sided', name: 'Left-handed vegetable knife', steel: S.carbon, promisedIn: 5, ending: 'taken in', sharpness: 'dull', answers: { hand: 'left', ridgeRightMm: 10.4, backTest: 'no light anywhere', backBevel: 'wide' } },
  { owner: 'burl', kind: 'bushcraft', name: 'Bench knife', steel: S.spring, promisedIn: 5, ending: 'taken in', sharpness: 'tired', use: 'woodcarving', answers: { flatBevelMm: 12, secondary: 'hair-thin', carvesMost: 'the part at the handle' } },
  { owner: 'burl', kind: 'axe-carving', name: 'Hollowing axe', steel: S.axe, promisedIn: 5, ending: 'taken in', sharpness: 'dull', answers: { task: 'carving', bevelShape: 'convex', fileTest: 'bites', haft: 'sound' } },
  { owner: 'scouts', kind: 'axe-camp', name: 'Troop axe', steel: S.axe, promisedIn: 5, ending: 'taken in', sharpness: 'blunt', chips: [[0.3, 3, 1.2]], answers: { task: 'camp', bevelShape: 'flat with a steep edge', fileTest: 'bites', haft: 'sound' } },
  { owner: 'crown', kind: 'axe-splitting', name: 'Wedge', steel: S.axe, promisedIn: 6, ending: 'taken in', sharpness: 'blunt', answers: { task: 'splitting', bevelShape: 'convex', fileTest: 'bites', haft: 'loose head' } },
  { owner: 'scouts', kind: 'clip-outdoor', name: 'Leader’s knife', steel: S.coarse, promisedIn: 6, ending: 'taken in', sharpness: 'dull', answers: { falseEdge: 'for weight only', surface: 'coated' }, faults: [['missing tip', 0.97, 4, 4]] },
  { owner: 'crown', kind: 'hollow-outdoor', name: 'Climber’s knife', steel: S.coarse, promisedIn: 6, ending: 'taken in', sharpness: 'tired', answers: { wheelRadiusMm: 125, hollowTopMm: 14 } },
  { owner: 'loft', kind: 'dagger', name: 'Splicing blade', steel: S.tool, promisedIn: 6, ending: 'taken in', sharpness: 'dull', answers: { edges: 'one', groundSide: 'right', back: 'coated' } },
  { owner: 'penn', kind: 'dagger-double', name: 'Grandfather’s dagger', steel: S.oldCarbon, promisedIn: 6, ending: 'taken in', sharpness: 'blunt', answers: { edges: 'two', groundSide: 'right on one edge, left on the other' }, faults: [['pit', 0.3, 6, 0.3, 'right']] },
  { owner: 'bakery', kind: 'chef', name: 'Ground at a market', steel: S.soft, promisedIn: 6, ending: 'taken in', sharpness: 'dull', askedFor: 'It burned blue at the tip', faults: [['heat tint', 0.86, 22, 2.5], ['recurve', 0.12, 40, 0.8], ['over-ground heel', 0, 12, 0.6]] },
  // And what the bench plans this week besides.
  { owner: 'smokehouse', kind: 'fish-one-sided', name: 'Cod splitter', steel: S.tungsten, promisedIn: 6, ending: 'taken in', sharpness: 'dull', cuts: 'cod heads', answers: { hand: 'right', ridgeRightMm: 12.2, backTest: 'light in the middle', hollowDepthMm: 0.4, hollowWidthMm: 28, rimEdgeMm: 1.1, rimSpineMm: 1.4, backBevel: 'none' } },
  { owner: 'penn', kind: 'long-kitchen', name: 'Hard long knife', steel: S.vanadium, promisedIn: 6, ending: 'taken in', sharpness: 'dull', cuts: 'vegetables' },
  { owner: 'school', kind: 'bone-cleaver', name: 'Bone cleaver', steel: S.soft, promisedIn: 6, ending: 'taken in', sharpness: 'blunt', cuts: 'ribs', chips: [[0.5, 4, 0.9]] },
];
