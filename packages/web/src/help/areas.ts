/** What each area is for, in five sentences; its picture ships with it. */

export interface HelpArea {
  readonly id: string;
  readonly title: string;
  /** Of the pictures that ship. */
  readonly picture: string;
  readonly sentences: readonly string[];
  /** Addresses it belongs to. */
  readonly at: RegExp;
}

export const HELP_AREAS: readonly HelpArea[] = [
  {
    id: 'shop',
    title: 'Shop',
    picture: 'shop',
    at: /^\/$/,
    sentences: [
      'Every blade in the shop, drawn to one scale and grouped by the day it is promised.',
      'The one at the top is the most urgent; its button leads to whatever it needs next.',
      'Filter by stage, place, person or kind, or press Late, Ready or Waiting; the filter stays when you come back.',
      'Select several to print their tags, promise another day or hand them over together.',
      'Until everything is set up, a short list here shows what a new shop still needs.',
    ],
  },
  {
    id: 'take-in',
    title: 'Take in',
    picture: 'drop-off',
    at: /^\/take-in/,
    sentences: [
      'One line a blade: choose its outline, say what it is for and when it is promised, and press Enter.',
      'Find the customer by name or telephone, or add a new one in the same place.',
      'Blades seen before are known by tag, name or outline, and bring their measures with them.',
      'Measures and condition can wait for the bench.',
      'A draft is kept on this device until you take the blades in.',
    ],
  },
  {
    id: 'assess',
    title: 'Measure and assess',
    picture: 'take-in',
    at: /^\/jobs\/\d+\/(intake|judge|photographs)/,
    sentences: [
      'Measure what matters for this kind of blade; anything left out has the usual value until you measure it.',
      'Mark damage along the edge where it is, beside what was there last time.',
      'The assessment says whether to do it, send it on or decline it, and why.',
      'Ask the customer what must be asked, and write down who said yes.',
      'The estimate comes from your price list and the likely work.',
    ],
  },
  {
    id: 'plan',
    title: 'Plan',
    picture: 'plan',
    at: /^\/jobs\/\d+\/(plan|compare)/,
    sentences: [
      'The angle, the stones and the steps for this blade, from your own rack.',
      'The bar at the top says what it takes and what it costs; every figure can say why.',
      'Where good sharpeners differ, choose your way; your habits are the start of every plan.',
      'Change any step by hand, with a reason that stays with the job.',
      'Approve it and the bench has it.',
    ],
  },
  {
    id: 'bench',
    title: 'Bench',
    picture: 'bench',
    at: /^\/(tray|jobs\/\d+\/(bench|touch-up))/,
    sentences: [
      'One step at a time, large enough to read from a metre away.',
      'Count strokes by key, pedal or touch, feel for the burr, and press Done.',
      'If something looks wrong, say what you see: the likely cause and the way out are offered.',
      'Nothing is lost when the connection goes; it is sent when it is back.',
      'Press F2 when a customer comes in, and F2 again to return to the same stroke.',
    ],
  },
  {
    id: 'test',
    title: 'Test',
    picture: 'test',
    at: /^\/jobs\/\d+\/test/,
    sentences: [
      'Test the edge the way your shop does, zone by zone.',
      'What counts follows the use of the blade.',
      'Set everything as expected in one press, then correct the exceptions.',
      'If it fails, the likely cause leads back to the right step.',
      'What passed is not worked again.',
    ],
  },
  {
    id: 'return',
    title: 'Ready and return',
    picture: 'ready',
    at: /^\/(ready|messages|jobs\/\d+\/(return|complaint))/,
    sentences: [
      'What is ready, by place and customer.',
      'Scan or type the tag in the customer’s hand: all of their blades come up together.',
      'Take the payment and hand over in one press; the receipt and the sheet are ready to print.',
      'Write to customers who allowed it when their blades are ready, late or due again.',
      'When something is wrong, open a complaint from the blade: its record knows what was done.',
    ],
  },
  {
    id: 'customers',
    title: 'Customers and records',
    picture: 'blade',
    at: /^\/(customers|blades)/,
    sentences: [
      'Everybody who brings blades, with their telephones and how they like their edges.',
      'A blade’s record shows every visit: angle, stones, steel taken, and how long the edge lasted.',
      'Merge two entries that are one person; nothing is lost.',
      'Erase a customer who asks for it: the work stays on record, the person does not.',
      'A statement for those who pay by the month prints from here.',
    ],
  },
  {
    id: 'shelf',
    title: 'Shelf',
    picture: 'rack',
    at: /^\/rack/,
    sentences: [
      'Every stone, plate, belt and strop on one scale of micrometres.',
      'A name and a grit are enough to plan with; the rest has usual values until you change it.',
      'Minutes of work are counted at the bench, and flattening falls due by them.',
      'Soak clocks run on every page.',
      'Calibrate a machine with a test cut, and the plan sets it right.',
    ],
  },
  {
    id: 'calculator',
    title: 'Calculator',
    picture: 'calculator',
    at: /^\/calculator/,
    sentences: [
      'Quick questions without a record: lift, angle, shims, belt, wheel, rig, chip.',
      'Each has its picture to scale and says how it was reckoned.',
      'The address holds what you typed, to be sent or kept.',
      'Wedges and lift gauges print at true size.',
      'The same computation runs at the command line.',
    ],
  },
  {
    id: 'numbers',
    title: 'Takings and history',
    picture: 'return',
    at: /^\/(takings|history)/,
    sentences: [
      'What was taken on a day, by how it was paid, with its receipts.',
      'The history says who did what, when: to a blade, a customer, a stone or the shop.',
      'Filter by person, by what it was done to, and by days.',
      'Both export to CSV.',
      'Nothing in the history can be changed.',
    ],
  },
  {
    id: 'settings',
    title: 'Settings',
    picture: 'shop',
    at: /^\/settings/,
    sentences: [
      'Everything that is set once, in one list.',
      'What belongs to the shop is for its owner; what belongs to this device is for whoever uses it.',
      'Units and dates hold on every screen, print and export; the records keep their own.',
      'What you type and do not save is still there when you come back.',
      'Who may do what is one table, under Roles.',
    ],
  },
];

/** The area an address belongs to; the shop where none does. */
export const areaAt = (pathname: string): HelpArea =>
  HELP_AREAS.find(({ at }) => at.test(pathname)) ?? HELP_AREAS[0]!;
