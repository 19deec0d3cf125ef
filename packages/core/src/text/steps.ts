/**
 * The English of the steps of a plan: one entry a code. A code once used stays, for the plans and records that hold it;
 * its wording may be mended, and is mended for all of them.
 */
import { counted } from './language';

export interface BandParam {
  /** Above the edge, where it begins; 0 at the remnant of the old bevel. */
  readonly fromMm: number;
  readonly angleDeg: number;
}

export interface RoundParam {
  readonly side: 'right' | 'left' | null;
  readonly count: number;
  readonly zone: string | null;
  readonly seconds: number | null;
}

const BURR_POLICY = {
  none: 'until no burr is felt on either side',
  'small and centred':
    'until what is left is small and centred: alike on both sides, in every zone',
  'a trace': 'until a trace is left, alike on both sides, for skins',
} as const;
type BurrPolicyId = keyof typeof BURR_POLICY;

const PART = {
  edge: 'Edge bevel',
  micro: 'Micro bevel',
  primary: 'Primary bevel',
  cladding: 'Cladding',
  core: 'Core steel',
} as const;

const PATTERN = {
  'N and swap': 'on one side, then as many on the other',
  alternating: 'one stroke a side in turn',
  'N, N, then alternating': 'most of one side, as many on the other, then in turn',
  'falling ladder': 'a ladder of falling counts, side after side',
  'timed, falling': 'by the clock, the times falling, side after side',
  'by section': 'heel, middle, belly, tip, each on its own',
  'one long sweep': 'one long sweep heel to tip, the handle rising through the belly',
  circles: 'small overlapping circles, flush and slightly raised in turn',
} as const;

/** Where only one side is worked, there is no other to swap to. */
const ONE_SIDE: Readonly<Partial<Record<keyof typeof PATTERN, string>>> = {
  'N and swap': 'in rounds, a look after each',
  alternating: 'one stroke after another',
  'N, N, then alternating': 'in rounds, a look after each',
  'falling ladder': 'a ladder of falling counts',
  'timed, falling': 'by the clock, the times falling',
};
const isOneSide = (rounds: readonly RoundParam[]): boolean =>
  rounds.length > 0 && rounds.every(({ side }) => side !== null && side === rounds[0]!.side);

/**
 * Where a band begins, and its angle.
 *
 * @example
 * bandText({ fromMm: 0, angleDeg: 5 }); // "5.0° from the remnant"
 */
export const bandText = ({ fromMm, angleDeg }: BandParam): string =>
  `${angleDeg.toFixed(1)}° from ${fromMm === 0 ? 'the remnant' : `${fromMm.toFixed(1)} mm`}`;

const roundText = ({ side, count, zone, seconds }: RoundParam): string =>
  [
    seconds === null ? `${count}` : `${count} (${Math.round(seconds)} s)`,
    side ?? 'a side in turn',
    zone,
  ]
    .filter(Boolean)
    .join(' ');

/** Rounds shown in full; of longer lists the first two, and how many there are. */
const ROUNDS_SHOWN = 6;
/** Whole strokes shared out: the same turn may come with one more or less. */
const SAME_WITHIN = 1;

const isSameRound = (one: RoundParam, other: RoundParam): boolean =>
  one.side === other.side &&
  one.zone === other.zone &&
  Math.abs(one.count - other.count) <= SAME_WITHIN;

/** How many rounds make one turn that is then repeated to the end; all of them where nothing repeats. */
const turnOf = (rounds: readonly RoundParam[]): number => {
  for (let turn = 1; turn <= rounds.length / 2; turn += 1) {
    if (rounds.every((each, index) => isSameRound(each, rounds[index % turn]!))) return turn;
  }
  return rounds.length;
};

const roundsText = (rounds: readonly RoundParam[]): string => {
  const list = (some: readonly RoundParam[]): string => some.map(roundText).join(', ');
  if (rounds.length <= ROUNDS_SHOWN) return list(rounds);
  const turn = turnOf(rounds);
  if (turn > 2 * ROUNDS_SHOWN || turn === rounds.length)
    return `${list(rounds.slice(0, 2))}, … ${rounds.length} rounds`;
  const times = Math.ceil(rounds.length / turn);
  return `${list(rounds.slice(0, turn))}; ${times} times`;
};

export const STEP_ENGLISH = {
  'axe.deburr.instruction.filed':
    'The same file, lighter and raised a few degrees, falling counts a side, until no burr is felt: a complete service for work on logs.',
  'axe.clamp.before': 'Nothing moves when the head is pushed.',
  'axe.clamp.check':
    'The file bites on a corner of the heel: if it skates, the steel is too hard for it.',
  'axe.clamp.instruction': ({
    lengthMm,
    riseMm,
    angleDeg,
  }: {
    lengthMm: number | null;
    riseMm: number;
    angleDeg: number;
  }) =>
    `Head clamped, or between two logs with a peg: edge up for jointing, level and towards you for the bevels. ${lengthMm === null ? `The file at ${angleDeg.toFixed(1)}° to the middle of the bit` : `With one end of the file on the edge the other stands ${Math.round(riseMm)} mm above the middle of the bit: ${angleDeg.toFixed(1)}°`}. Handle and guard on the file.`,
  'axe.clamp.title': 'Clamp the head',
  'axe.deburr.instruction.rounded':
    'Straight light strokes, trailing, a side in turn, raised as the last circles were, fewer each time, until no burr is felt.',
  'axe.edge.caution':
    'Fingers behind the face of the stone. The axe held fast, never the stone over the thumb.',
  'axe.edge.check': 'Rolled under a light the bevel shows one moving line, no facet.',
  'axe.edge.instruction': ({
    isFieldKit,
    firstDeg,
    secondDeg,
  }: {
    isFieldKit: boolean;
    firstDeg: number;
    secondDeg: number;
  }) =>
    `Small circles, ${isFieldKit ? 'one small stone, a finger’s width from the edge' : 'the stone in the hand'}: flush on the bevel, then raised by ${firstDeg} and ${secondDeg}°, in turn, so that the edge comes out convex. Both sides alike.`,
  'axe.edge.zone': 'the last few millimetres, toe to heel',
  'axe.filed.before': 'A burr along the whole edge, and no flat of the jointing left.',
  'axe.filed.caution':
    'Cut-resistant glove on the holding hand, fingers behind the face of the file, never along the edge; goggles for filings.',
  'axe.filed.check': 'Bevels as wide on both sides; the edge line even from toe to heel.',
  'axe.filed.instruction':
    'Push the file from edge to cheek at the bevel, fingers behind the face of the file, never over the edge; as many on one side as on the other, until a burr runs along.',
  'axe.filed.title': ({ stone }: { stone: string }) => `File the bevels with ${stone}`,
  'axe.filed.zone': 'the bevel, edge to cheek',
  'axe.outline.check':
    'The last chip is gone; one even bright flat from toe to heel, and the bit keeps its curve.',
  'axe.outline.instruction':
    'Draw the file or the coarse stone straight along the edge until nicks are gone and one even line of light runs toe to heel.',
  'axe.outline.zone': 'toe to heel',
  'axe.round.title': ({ stone }: { stone: string }) => `Round the edge on ${stone}`,
  'axe.service.check':
    'Nail: it bites at heel, middle and toe. Pine: a curled shaving, a clean stop cut.',
  'axe.service.instruction':
    'Light along both bevels, a nail at three places, one stroke in pine. It bites: filed and deburred it is a complete service. The small stones follow only if they were agreed.',
  'axe.service.title': 'See that it bites',
  'axe.wash.instruction':
    'Wipe off stone and filings, oil the head, look at the wedge of the haft, cover the edge.',
  'axe.wash.title': 'Wipe and oil',
  'caution.feel': 'Feel for the burr away from the edge, never along it.',
  'caution.heat':
    'Slow, light, and cool to the bare hand: a thin edge is burnt in a second. Eye protection, no gloves near the machine.',
  'chisel.back.check': 'No bevel is to be seen on the back under a slant light.',
  'chisel.back.instruction': ({
    offFlatDeg,
    strokes,
    isCoated,
    farMm = null,
  }: {
    offFlatDeg: number;
    strokes: number;
    isCoated: boolean;
    farMm?: number | null;
  }) =>
    `Almost flat, ${offFlatDeg}° off the stone, ${counted(strokes, 'light stroke', 'light strokes')}: only the burr goes${isCoated ? ', the coating stays' : ''}.${farMm === null ? '' : ` The far edge stands ${farMm.toFixed(2)} mm clear: it must not touch.`}`,
  'chisel.back.title': 'Burr off the back',
  'chisel.back.zone': 'the back, at the very edge',
  'chisel.deburr.instruction': ({
    offFlatDeg,
    isDouble,
  }: {
    offFlatDeg: number;
    isDouble: boolean;
  }) =>
    `Bevel at its angle, back ${offFlatDeg}° off flat, in turn, weight of the hand only${isDouble ? ', one edge after the other' : ''}.`,
  'chisel.edge-of.title': ({ of, edge }: { of: string; edge: string }) => `${of}, edge ${edge}`,
  'chisel.edge.before.double':
    'Burr whole on the flat to the point, the point back, every nick out, the bevel as wide on A as on B.',
  'chisel.edge.caution':
    'Hold it by its handle and a wrapped back: the other edge cuts too. Check local rules on such blades.',
  'chisel.edge.instruction.first':
    'Full strokes only, heel to tip: local work facets it. Slow into the tip and stop on the abrasive. Until a burr runs along the back.',
  'chisel.edge.instruction.next': 'The same full strokes, until the pattern is even.',
  'chisel.edge.instruction.point':
    'As many passes on A as on B, one more or less at most: the point comes back by itself where the two meet. A nick on one edge is worked out of both.',
  'chisel.edge.zone': 'heel to tip, full strokes',
  'chisel.second-edge.title': ({ of }: { of: string }) => `${of}, second edge`,
  'chisel.second-edge.zone': ({ of }: { of: string }) => `second edge: ${of}`,
  'chisel.tape': ({ fromMm, rubsMm }: { fromMm: number; rubsMm: number }) =>
    `Tape on the back from ${fromMm} mm in to the far edge and over it, ending 15 mm before the point; nearer than ${rubsMm.toFixed(1)} mm it would rub on the belt itself. Change it over when the other edge is worked.`,
  'chisel.tape.check': 'The near edge bare, the far edge covered.',
  'chisel.tape.title': 'Tape the far edge',
  'chisel.tape.zone': 'the back and the edge that is not worked',
  'chisel.wash.caution':
    'Sheath on before it leaves the bench. Check local rules before it is handed over.',
  'cooling.every-pass': 'Bare-hand warm is the limit: into water after every pass.',
  'cooling.wet': 'Keep the stone wet; dry it only wipes and loads.',
  'deburr.before': 'What the burr policy allows is all that is left.',
  'deburr.check': 'Thumb away from the edge, each side, each zone.',
  'deburr.instruction': ({ policy, isClinging }: { policy: BurrPolicyId; isClinging: boolean }) =>
    `Rinse the stone first. Weight of the hand only, falling counts a side, ${BURR_POLICY[policy]}.${isClinging ? ' This steel’s burr clings: lighter, not more.' : ''}`,
  'deburr.scrub.check': 'Smaller at each swap, and not thrown over to the other side.',
  'deburr.scrub.instruction': ({ swaps }: { swaps: number }) =>
    `This steel’s burr clings. Weight of the hand, heel to tip, short passes; swap ${swaps} times, fewer passes each time. Lighter, not more, where it stays.`,
  'deburr.scrub.title': ({ stone }: { stone: string }) => `Scrub the burr down on ${stone}`,
  'deburr.title': ({ stone }: { stone: string }) => `Take the burr off on ${stone}`,
  'edge.before.first': ({ mustCutAfterFirst }: { mustCutAfterFirst: boolean }) =>
    `Burr everywhere, tip back, chips out, bevel even and as high as meant${mustCutAfterFirst ? '; cleaned and stropped it must already cut' : ''}.`,
  'edge.before.next': 'No deeper scratch of the stone before is left.',
  'edge.check.first':
    'Feel for a burr on the upper side, full length. None at the tip? More strokes there only.',
  'edge.check.next': 'Scratch pattern under a slant light, heel to tip.',
  'edge.instruction.first':
    'Work each side until the smallest burr runs from heel to tip without a gap. This decides the result: do not leave early.',
  'edge.instruction.next':
    'Take out the scratches of the stone before, until the pattern is even from heel to tip and nothing glints.',
  'edge.instruction.tip-on-machine':
    'Stop with the tip at half the width of the belt or wheel and lift off: it never runs past.',
  'edge.instruction.tip-on-rig':
    'Put a block beyond the tip, level with the edge, so that the stone runs on to it and does not tip over the point. Light at the tip.',
  'edge.title.by-hand': ({ stone }: { stone: string }) => `By hand from here: the edge on ${stone}`,
  'edge.title.first': ({ stone }: { stone: string }) => `Set the edge on ${stone}`,
  'edge.title.next': ({ stone }: { stone: string }) => `Refine on ${stone}`,
  'faces.before': 'The faces are done: after the edge they would spoil it.',
  'faces.caution': 'Before the final edge, so that hands and edge are spared.',
  'faces.check': 'One even look from heel to tip, no scratch running across the other steel.',
  'faces.instruction.cladding':
    'Flat on the face, away from the edge, until the look is even. Keep clear of the core.',
  'faces.instruction.core':
    'Only the band beside the edge, flat on its bevel: even and bright, clear of the cladding.',
  'faces.title': ({ part, stone }: { part: keyof typeof PART; stone: string }) =>
    `${PART[part]} on ${stone}`,
  'faces.zone.cladding': 'the face above the core',
  'faces.zone.core': 'the band beside the edge',
  'finish.felt': 'Draw the edge lightly through felt: it takes the last burr and little else.',
  'finish.newspaper':
    'A sheet flat over a stone: ink and clay polish, and the hard back keeps the edge flat.',
  'finish.none': 'Off the last stone as it is: some want the bite.',
  'finish.scratches': ({ scratchUm }: { scratchUm: number }) =>
    `It leaves scratches of ${scratchUm.toFixed(2)} µm.`,
  'finish.soft-back': ({ roundsDeg }: { roundsDeg: number }) =>
    `The soft back gives: count on an apex about ${roundsDeg}° steeper.`,
  'finish.strop':
    'Trailing only, no pressure. Stop as soon as the burr is gone: more rounds the edge.',
  'finish.under': ({ underDeg }: { underDeg: number }) =>
    underDeg > 0 ? `${underDeg}° under the bevel.` : 'At the angle of the bevel.',
  'finish.wood':
    'Draw the edge once or twice through soft clean wood: it tears off what still hangs.',
  'low-spots.blend.caution':
    'Wet work: dry grinding dust harms the lungs. Fingers clear of the edge.',
  'low-spots.blend.check': 'Turn it against the light: no spot flashes on its own.',
  'low-spots.blend.instruction':
    'Wet abrasive paper round a finger, or a finger stone, along the face over each bright hollow until it no longer stands out. Never dry. It deepens them slightly.',
  'low-spots.blend.title': 'Blend the low spots',
  'low-spots.blend.zone': 'the low spots',
  'low-spots.even.caution': 'Fingers over the bevel, clear of the edge.',
  'low-spots.even.check': 'One even haze against the light, the low spots no longer outlined.',
  'low-spots.even.instruction':
    'Light, over all that was thinned: a soft stone reaches into the low spots and evens the look.',
  'low-spots.even.title': ({ stone }: { stone: string }) => `Even the look on ${stone}`,
  'low-spots.find.before': 'It is known where the low spots lie and how long they are.',
  'low-spots.find.check': 'Turn it against the light: bright is high, dull is low.',
  'low-spots.find.instruction':
    'A few light strokes a side, as for the thinning: a hard stone touches the high spots alone. Mark what stays dull.',
  'low-spots.find.title': ({ stone }: { stone: string }) => `Find the low spots on ${stone}`,
  'low-spots.hard-stone': 'A hard stone touches the high spots alone: what stays dull is low.',
  'low-spots.known': ({
    side,
    spots,
  }: {
    side: string;
    spots: readonly { readonly fromMm: number; readonly toMm: number }[];
  }) =>
    `Known on the ${side}: ${spots.map(({ fromMm, toMm }) => `${Math.round(fromMm)} to ${Math.round(toMm)} mm from the heel`).join(', ')}.`,
  'low-spots.leave': 'Low spots may stay: later visits shrink them.',
  'low-spots.soft-stone': 'Soft as it is, it reaches into the low spots and evens the look.',
  'micro.check': 'An even hair of light along the whole edge.',
  'micro.instruction': ({ angleDeg, faceMm }: { angleDeg: number; faceMm: number }) =>
    `Raise the spine to ${angleDeg.toFixed(1)}° per side. A few strokes a side, weight of the hand: a line that just catches the light, ${faceMm} mm wide.`,
  'micro.title': ({ stone }: { stone: string }) => `Micro bevel on ${stone}`,
  'one-sided.back-again.instruction':
    'Flat, weight of the hand: only the burr of this stone goes. Back and front in turn at every grain.',
  'one-sided.back-again.title': ({ strokes }: { strokes: number }) =>
    `Back again, ${counted(strokes, 'stroke', 'strokes')}`,
  'one-sided.back.before':
    'The rim is written down at heel, middle and tip: wider at the spine, the fingers go to the edge; wider at the edge, to the spine.',
  'one-sided.back.leaning': ({
    zones,
  }: {
    zones: readonly { readonly fromMm: number; readonly toMm: number }[];
  }) =>
    `Most of them over ${zones.map(({ fromMm, toMm }) => `${Math.round(fromMm)} to ${Math.round(toMm)} mm`).join(' and ')}, where it leans.`,
  'one-sided.back.caution': 'Flatten the stone first: a hollow stone rounds the back for good.',
  'one-sided.back.check':
    'The rim stays narrow and even: pressure moves away from the side that widens.',
  'one-sided.back.instruction': ({ strokes, isHollow }: { strokes: number; isHollow: boolean }) =>
    `Dead flat, ${counted(strokes, 'light stroke', 'light strokes')}: where the edge leans to the back it is pushed to the front. ${isHollow ? 'No more: every stroke shortens the life of the rim.' : 'There is no hollow here: the whole back drags, so keep it to these.'}`,
  'one-sided.back.title': ({ stone }: { stone: string }) => `The back first, on ${stone}`,
  'one-sided.back.zone': 'the back, on its rims',
  'one-sided.deburr.instruction':
    'Front at the bevel, back dead flat, in turn, weight of the hand only, until no burr is felt on either.',
  'one-sided.edge.caution.belt': 'Never the back on a belt.',
  'one-sided.edge.caution.hand': 'Feel for the burr on the back, away from the edge.',
  'one-sided.edge.check.first': 'Burr on the back, heel to tip; the ridge one even line.',
  'one-sided.edge.check.next': 'Even haze or shine from edge to ridge.',
  'one-sided.edge.until.first': 'Until a burr runs along the back from heel to tip.',
  'one-sided.edge.until.next': 'Until the scratches of the stone before are gone.',
  'one-sided.edge.zone': 'the front bevel, edge to ridge',
  'one-sided.faces.check': 'Haze even up to the lamination line.',
  'one-sided.faces.instruction':
    'Loose mud of a soft stone on paper or a finger stone along the front: the soft cladding hazy, the hard steel bright.',
  'one-sided.faces.title': 'Contrast of cladding and core',
  'one-sided.faces.zone': 'the front bevel',
  'one-sided.flex.check': 'What it did is written down: the micro bevel follows from it.',
  'one-sided.flex.instruction': ({ isHeavy }: { isHeavy: boolean }) =>
    `Press the edge sideways on a nail at heel, middle and tip. ${isHeavy ? 'A heavy fish knife should not give at all: the larger micro bevel follows in any case, larger still where it gives.' : 'It gives 1–2 mm and springs back: a hair-thin micro bevel or none. It gives more, or stays bent: a larger one.'}`,
  'one-sided.flex.title': 'Flex the edge on a nail',
  'one-sided.fingers.clam-shell':
    'Three finger positions, a third of the strokes each: at the edge, at the lamination line, under the ridge. The bevel rolls from one to the next without a facet.',
  'one-sided.fingers.flat':
    'The bevel lies flat on the stone; fingers in the middle position only, over the lamination line.',
  'one-sided.fingers.leather':
    'The wide bevel lies flat on the stone; fingers in the middle of it, no rocking: a rounded bevel does not skive.',
  'one-sided.micro.instruction': ({ angleDeg }: { angleDeg: number }) =>
    `A few strokes at ${angleDeg.toFixed(1)}° on the front only, as large as the nail showed it is needed; where it sprang back at once, leave it out.`,
  'one-sided.micro.zone': 'the very edge of the front',
  'one-sided.position.edge.instruction': ({
    angleDeg,
    clearMm,
  }: {
    angleDeg: number;
    clearMm: number;
  }) =>
    `Two fingers close together at the edge, ${angleDeg.toFixed(1)}°: the ridge stands ${clearMm.toFixed(2)} mm off the stone.`,
  'one-sided.position.edge.title': ({ of }: { of: string }) => `${of}: at the edge`,
  'one-sided.position.joined.instruction': ({ angleDeg }: { angleDeg: number }) =>
    `Fingers over the lamination line, ${angleDeg.toFixed(1)}°: one soft curve from edge to ridge, no facet left.`,
  'one-sided.position.joined.title': ({ of }: { of: string }) => `${of}: joined in the middle`,
  'one-sided.position.ridge.before': 'The ridge has gone up evenly; no spot is left untouched.',
  'one-sided.position.ridge.check': 'Look every 40 strokes: low places get more, the rest none.',
  'one-sided.position.ridge.instruction': ({
    angleDeg,
    clearMm,
  }: {
    angleDeg: number;
    clearMm: number;
  }) =>
    `Fingers under the ridge, ${angleDeg.toFixed(1)}°: the edge floats ${clearMm.toFixed(2)} mm clear. Station by station, the handle swung at the tip.`,
  'one-sided.position.ridge.title': ({ of }: { of: string }) => `${of}: under the ridge`,
  'one-sided.strop.instruction':
    'Front at the bevel, back flat, on a hard back: a soft one rounds the back.',
  'one-sided.tapped-back.check': ({ isFirst }: { isFirst: boolean }) =>
    isFirst
      ? 'An unbroken rim from end to end; look every 10 strokes. None after as many again: one more pass of taps.'
      : 'The scratches of the stone before are gone from the rim.',
  'one-sided.tapped-back.instruction':
    'The back dead flat, short strokes, two fingers over the edge, until what was tapped out is one rim with the rest.',
  'one-sided.tapped-back.title': ({ stone }: { stone: string }) => `Flatten the back on ${stone}`,
  'one-sided.tapping.band': ({
    fromMm,
    toMm,
    lengthMm,
    endsMm,
    taps,
    tapMm,
    rimMm,
    isLeather,
  }: {
    fromMm: number;
    toMm: number;
    lengthMm: number;
    endsMm: number;
    taps: number;
    tapMm: number;
    rimMm: number;
    isLeather: boolean;
  }) =>
    `Front up, the back on the rounded edge of the anvil right under the tap. Light taps on the soft iron only, in a band ${fromMm.toFixed(1)} to ${toMm.toFixed(1)} mm up the bevel, over the middle ${Math.round(lengthMm)} mm, the last ${endsMm} mm at either end spared; 2–3 mm apart, about ${taps} a pass, one to three passes, never more than 40 taps before the back is laid on the stone. A straightedge every 3 to 5 taps: the steel must move ${tapMm.toFixed(2)} mm at ${rimMm} mm from the edge. A dull sound: stop, and look with a glass.${isLeather ? ' The neck bends if it is pressed: hold the blade, not the neck.' : ''}`,
  'one-sided.tapping.before': ({ rimMm }: { rimMm: number }) =>
    `A flat rim of ${rimMm} mm runs heel to tip, and no crack is seen under a glass.`,
  'one-sided.tapping.caution':
    'Rare and risky: the hard layer can crack. Only with the customer’s written consent. Wear goggles.',
  'one-sided.tapping.check':
    'Straightedge across the back: the rim at the edge touches along its whole length.',
  'one-sided.tapping.instruction': ({
    tapMm,
    rimMm,
    isLeather,
  }: {
    tapMm: number;
    rimMm: number;
    isLeather: boolean;
  }) =>
    `Light taps on the soft layer of the front, clear of the lamination line and never on the hard steel, over a rounded anvil: the steel must move ${tapMm.toFixed(2)} mm at ${rimMm} mm from the edge. Check against a straightedge every few taps; in the cold warm the blade in the hand, never near tempering heat. Then flatten the back on a coarse flat stone.${isLeather ? ' The neck bends if it is pressed: hold the blade, not the neck.' : ''}`,
  'one-sided.tapping.title': ({ tapMm }: { tapMm: number }) =>
    `Tap the back out by ${tapMm.toFixed(2)} mm`,
  'one-sided.tapping.warm.check': 'Warm to the touch, and dry.',
  'one-sided.tapping.warm.instruction':
    'Hand-warm, 25–40 °C: in the hands, or in warm water and dried at once. Never a flame, never a tint: cold steel cracks, hot steel is lost.',
  'one-sided.tapping.warm.title': 'Warm the blade',
  'one-sided.tapping.zone': 'the soft layer of the front, heel to tip',
  'outline.before':
    'No chip shows, and the outline is the one wanted: it is hard to mend after thinning.',
  'outline.caution':
    'Cut-resistant glove on the holding hand. Keep the stone wet: a thin edge burns in a second.',
  'outline.check': 'Stand it on a flat board against the light: no gap, no rocking.',
  'outline.instruction.faults':
    'Hold the blade upright, edge on the stone, and bring the outline up until the chips are gone and no light shows on a flat board.',
  'outline.instruction.old-edge':
    'Hold the blade upright and draw the edge lightly over the stone until one even line of light shows: the tired steel is gone.',
  'outline.title.chips': ({ stone }: { stone: string }) => `Take the chips out on ${stone}`,
  'outline.title.faults': ({ stone }: { stone: string }) => `Straighten the outline on ${stone}`,
  'outline.title.old-edge': ({ stone }: { stone: string }) => `Draw the old edge off on ${stone}`,
  'own.text': ({ text }: { text: string }) => text,
  'own.zone': 'as written',
  'pattern.changed': ({ count }: { count: number }) => `${count} a side, as changed`,
  'pattern.edgewise': 'whole length, heel to tip',
  'pattern.laid': ({
    pattern,
    rounds,
  }: {
    pattern: keyof typeof PATTERN;
    rounds: readonly RoundParam[];
  }) =>
    `${ONE_SIDE[pattern] !== undefined && isOneSide(rounds) ? ONE_SIDE[pattern] : PATTERN[pattern]}: ${roundsText(rounds)}`,
  'pattern.own': ({ rounds }: { rounds: readonly RoundParam[] }) =>
    `your own rounds: ${roundsText(rounds)}`,
  'pattern.machine': 'slow passes, sides in turn, cool to the bare hand',
  'pattern.machine.one': 'slow full passes, cool to the bare hand',
  'pattern.side-after-side': ({ rounds }: { rounds: readonly RoundParam[] }) =>
    rounds.map(({ side, count }) => `${count} on the ${side}`).join(', then '),
  'pattern.tip': 'short strokes at the tip',
  'push-back.check': 'Bright light straight at the edge: no glint from one side only.',
  'push-back.instruction':
    'A smooth rod or the finest stone, edge-trailing, a little above the bevel, weight of the hand, until light no longer catches on the leaning side.',
  'push-back.title': 'Push the rolled steel back',
  'razor.deburr.check': 'Three fingers resting, no sliding: even from heel to toe.',
  'razor.deburr.instruction':
    'Spine and edge down, no weight at all, in turn: what little burr there is goes with the water.',
  'razor.deburr.title': 'Last light laps',
  'razor.dull.check': 'Three fingers resting slide at every place: nothing bites any more.',
  'razor.dull.instruction':
    'Draw the edge once or twice along the side of a glass, upright, at its own weight: tired steel and the burrs of nicks go, and the next touch says only what the stone did.',
  'razor.dull.title': 'Take the old edge off on glass',
  'razor.edge.before':
    'Three fingers resting: it bites at heel, middle and toe. In the light no nick and no shine is left.',
  'razor.edge.caution': 'No finger past the edge; the blade is turned over its spine.',
  'razor.edge.check.first':
    'Under the glass the bevel reaches the very edge, heel to point, both sides.',
  'razor.edge.check.next': 'No scratch of the stone before reaches the edge.',
  'razor.edge.instruction.first':
    'Spine and edge on the stone at once, no lift, weight of the hand: long strokes, the stone crossed slightly, flipped over the spine, never over the edge. The heel is the trouble spot: start with it off the stone’s edge.',
  'razor.edge.instruction.next':
    'Spine and edge down, lighter than before, until the wave of water climbs the edge evenly.',
  'razor.ready.caution': 'Razors arrive contaminated. Gloves for the first wipe.',
  'razor.ready.instruction': ({ layers }: { layers: number }) =>
    `Disinfect the blade by the rules of the trade. ${layers > 0 ? `${counted(layers, 'layer', 'layers')} of tape along the spine, the same on both sides, fresh at every stone.` : 'The spine goes bare on the stone: it wears with the edge, and the angle stays.'}`,
  'razor.ready.title': 'Disinfect, and tape the spine',
  'razor.ready.title.bare': 'Disinfect, spine bare',
  'razor.ready.zone': 'whole blade',
  'razor.strop.instruction':
    'Hard-backed leather, spine leading, flat, only a few laps: it trades a little keenness for comfort, and more rounds it.',
  'razor.touch.before': 'The touch is the same everywhere, the heel included.',
  'razor.wash.instruction':
    'Tape off, wash, disinfect by the rules of the trade, dry, a breath of oil.',
  'razor.wash.title': 'Disinfect, dry and oil',
  'ridge.band.before':
    'The band runs unbroken from heel to tip, and the line of the old bevel with it.',
  'ridge.band.before.last':
    'The bands run together and the ridge is one crisp line; a thin line of the old bevel is left.',
  'ridge.band.first': ({
    angleDeg,
    fromMm,
    toMm,
  }: {
    angleDeg: number;
    fromMm: number;
    toMm: number;
  }) =>
    `Fingers 1 to 2 mm above the edge, the blade just off the wide bevel and pressed to ${angleDeg.toFixed(1)}°: the steel between ${fromMm.toFixed(1)} and ${toMm.toFixed(1)} mm. Rounds of 40 to 60, then look.`,
  'ridge.band.flat':
    'Lay the wide bevel flat on the stone. Fingers near the edge first, then mid-bevel, then under the ridge, a third of the strokes each.',
  'ridge.band.next': ({
    angleDeg,
    fromMm,
    toMm,
  }: {
    angleDeg: number;
    fromMm: number;
    toMm: number;
  }) =>
    `Fingers mid-bevel, then under the ridge, all but flat at ${angleDeg.toFixed(1)}°: from ${fromMm.toFixed(1)} to ${toMm.toFixed(1)} mm, until it runs into the band below.`,
  'ridge.band.remnant': ({ remnantMm }: { remnantMm: number }) =>
    `Stop while a hair of the old edge bevel, ${remnantMm} mm, is still seen from heel to tip; where it vanishes first, stop there.`,
  'ridge.band.rise': ({
    rightMm,
    leftMm,
    riseMm,
  }: {
    rightMm: number;
    leftMm: number;
    riseMm: number;
  }) =>
    riseMm < 0.05
      ? `The ridge stays where it is, ${rightMm.toFixed(1)} mm up on the right, ${leftMm.toFixed(1)} mm on the left.`
      : `It takes the ridge up by ${riseMm.toFixed(1)} mm, to ${rightMm.toFixed(1)} mm on the right and ${leftMm.toFixed(1)} mm on the left.`,
  'ridge.core.check': 'The core is bright up to the line, the haze above it untouched.',
  'ridge.core.instruction':
    'The blade lies along the stone, raised a hair, strokes along the edge: only the core below the lamination line is brightened. Keep off the cladding.',
  'ridge.core.title': ({ stone }: { stone: string }) => `Brighten the core on ${stone}`,
  'ridge.core.zone': ({ claddingMm }: { claddingMm: number }) =>
    `both sides, from the edge up to the lamination line at ${claddingMm} mm`,
  'ridge.faces.before': 'The look is the one agreed on: after the edge it is not touched again.',
  'ridge.faces.check': 'Haze even up to the cladding line, no single scratch in it.',
  'ridge.faces.instruction':
    'Loose mud of a soft stone on a slip of paper or a finger stone, along the blade: the soft cladding takes a haze, the hard core stays bright.',
  'ridge.faces.title': 'Contrast of cladding and core',
  'ridge.faces.zone': 'the bevel below the ridge',
  'ridge.thinning.check':
    'The ridge stays one crisp line; low spots show on a hard stone, and may be left.',
  'ridge.thinning.instruction': ({ remnantMm }: { remnantMm: number }) =>
    `Lay the wide bevel flat on the stone. Pressure near the edge first, then mid-bevel, then under the ridge, a third of the strokes each. Stop while a line of the old edge, ${remnantMm} mm, is still seen.`,
  'ridge.thinning.zone': 'the whole bevel below the ridge',
  'serrated.brush.caution':
    'Goggles. The brush throws wires and takes what it catches: edge away from its turn, no glove, hair and sleeves tied back.',
  'serrated.brush.instruction':
    'On the fine brush wheel, the scallops’ side, edge trailing, light to and fro along the blade, the last pass a little slanted: the burr goes over to the flat side.',
  'serrated.corner.before': 'It fits one scallop without touching two points.',
  'serrated.corner.check': 'Turned by hand into a scallop, no light on either flank.',
  'serrated.corner.instruction': ({ radiusMm }: { radiusMm: number }) =>
    `Water on first. Round one corner with the grading stone until the radius is even; anything up to ${radiusMm.toFixed(0)} mm fits, a smaller one is moved across the scallop.`,
  'serrated.corner.title': ({ stone }: { stone: string }) => `Shape a corner of ${stone}`,
  'serrated.corner.zone': 'one corner of the wheel',
  'serrated.smooth.instruction': ({ strokes }: { strokes: number }) =>
    `${counted(strokes, 'light touch', 'light touches')} in each, edge trailing, until no coarse scratch reaches the edge.`,
  'serrated.smooth.title': ({ stone }: { stone: string }) => `Smooth the scallops on ${stone}`,
  'serrated.wheel.instruction': ({
    count,
    angleDeg,
    strokes,
    pitchMm,
  }: {
    count: number;
    angleDeg: number;
    strokes: number;
    pitchMm: number;
  }) =>
    `${count} scallops, one after another from the heel, at ${angleDeg.toFixed(1)}°, edge trailing: ${counted(strokes, 'touch', 'touches')} each, moved across the ${pitchMm} mm, until the white line in its bottom is gone. Worn ones get one to three more; their neighbours none. Points wear first: do not cut them down.`,
  'serrated.deburr.belt': 'One pass, hardly touching, slow: what the last push brought over goes.',
  'serrated.deburr.check': 'No burr on either side, heel to tip, ten scallops felt.',
  'serrated.deburr.instruction':
    'Strop, soft brush or the finest stone: flat side nearly flat, scallop side drawn over an edge of leather, in turn, until no burr is felt. A powered brush wheel throws and catches: goggles, edge away from its turn.',
  'serrated.edge.before': 'Every scallop has raised its burr on the flat side.',
  'serrated.edge.caution':
    'Cut-resistant glove on the holding hand: the points catch. Feel for the burr away from the edge.',
  'serrated.edge.check': 'No bright facet left in the scallop; the burr is felt on the flat side.',
  'serrated.edge.instruction': ({
    count,
    angleDeg,
    strokes,
    rodMm,
    pitchMm,
  }: {
    count: number;
    angleDeg: number;
    strokes: number;
    rodMm: number;
    pitchMm: number;
  }) =>
    `${count} scallops, one after another from the heel, at ${angleDeg.toFixed(1)}°: about ${counted(strokes, 'stroke', 'strokes')} each, turning the rod, edge-trailing out of the scallop, until the flat facet at its edge is gone. Rod no thicker than ${rodMm.toFixed(1)} mm; where it is thinner, sweep it across the ${pitchMm} mm. Points wear first: do not cut them down.`,
  'serrated.edge.pattern': ({ strokes, count }: { strokes: number; count: number }) =>
    `${strokes} in each of ${count} scallops`,
  'serrated.edge.title': ({ stone }: { stone: string }) => `Scallops on ${stone}`,
  'serrated.edge.zone': 'each scallop, heel to tip',
  'serrated.flat-side.check': 'The burr is felt in the scallops now, and less of it.',
  'serrated.flat-side.facet': ({ facetDeg }: { facetDeg: number }) =>
    `At ${facetDeg}°, the same in every step, weight of the hand, the whole length: the burr goes over into the scallops.`,
  'serrated.flat-side.instruction':
    'Nearly flat, weight of the hand, the whole length: the burr goes over into the scallops.',
  'serrated.flat-side.title': ({ stone }: { stone: string }) => `Flat side on ${stone}`,
  'serrated.flat-side.zone': 'the flat side',
  'serrated.pushed-back.instruction':
    'Along the scallops, edge trailing, lightly: the burr goes back to the flat side, smaller than before.',
  'serrated.pushed-back.title': ({ stone }: { stone: string }) => `Push the burr back on ${stone}`,
  'serrated.scallops-again.check': 'Less burr than the time before.',
  'serrated.scallops-again.instruction':
    'One light turn in each scallop: the burr goes back to the flat side, smaller than before.',
  'serrated.scallops-again.title': ({ stone }: { stone: string }) =>
    `Back over the scallops with ${stone}`,
  'serrated.scallops-again.zone': 'each scallop',
  'single-bevel.carves-most.handle':
    'A third more strokes over the part at the handle, where it carves most.',
  'single-bevel.carves-most.middle': 'A third more strokes over the middle, where it carves most.',
  'single-bevel.carves-most.tip': 'A third more strokes towards the tip, where it carves most.',
  'single-bevel.edge.check.first':
    'Marker on the bevel goes from edge to shoulder at once: if only at one, it is rocked.',
  'single-bevel.edge.check.next': 'No glint at the edge, no rounding at the shoulder.',
  'single-bevel.edge.instruction.first':
    'Press the bevel flat on the stone, two fingers on it; no second angle. Equal counts, then in turn, to the smallest burr.',
  'single-bevel.edge.instruction.next':
    'Flat on the bevel, equal counts, until it is even from edge to shoulder.',
  'single-bevel.edge.zone': 'the whole bevel, edge to shoulder',
  'single-bevel.strop.instruction':
    'Flat on the bevel, on a hard back, trailing only. A soft one rounds the bevel and the guide is lost.',
  'slurry.float': 'Float the mud off with plenty of water, so that the stone does not load.',
  'slurry.keep': 'Keep the mud and add water by the drop: the loose grit does the work.',
  'slurry.rinse': 'Rinse the mud off as it comes: it scratches above the ridge.',
  'slurry.oil': 'Flood it with thin oil; wipe it off and oil again when it turns grey.',
  'strop.check': 'It must cut before and after: if only before, the strop rounded it.',
  'strop.title.strop': ({ stone }: { stone: string }) => `Strop on ${stone}`,
  'strop.title.surface': ({ on }: { on: string }) => `Finish on ${on}`,
  'thinning.before': 'A thin line of the old bevel is left along the whole edge.',
  'thinning.caution': 'Fingers over the bevel, clear of the edge. Thinning does not come back.',
  'thinning.check': ({ atMm }: { atMm: readonly number[] }) =>
    `Caliper ${atMm.join(' and ')} mm above the edge; the remnant runs unbroken heel to tip.`,
  'thinning.instruction.first': ({ bands }: { bands: readonly BandParam[] }) =>
    `In bands from near the edge up: ${bands.map(bandText).join(', ')}.`,
  'thinning.instruction.next': 'Over all bands, until the look is even.',
  'thinning.no-burr': 'No burr here: it ruins the outline.',
  'thinning.remnant.hair':
    'Stop while a hair of the old bevel, 0.1 mm or less, is still seen along the whole edge.',
  'thinning.remnant.part': ({ remnantMm }: { remnantMm: number }) =>
    `A little at each visit: stop when ${remnantMm.toFixed(1)} mm of the old bevel is left.`,
  'thinning.title.first': ({ stone }: { stone: string }) => `Thin on ${stone}`,
  'thinning.title.next': ({ stone }: { stone: string }) => `Blend the thinning on ${stone}`,
  'thinning.zone': ({ topMm }: { topMm: number }) =>
    `from the old bevel up to ${topMm.toFixed(0)} mm`,
  'tip.before': 'The tip is where it is meant to be: after thinning it would be too weak to move.',
  'tip.caution': 'Keep it wet and slow: a thin tip burns first of all.',
  'tip.check':
    'The point set lightly on a soft board stays put; the line runs into the rest without a corner.',
  'tip.edge-to-spine':
    'Bring the edge up to the spine line in one even curve: the belly gets steeper, the spine stays.',
  'tip.meet-between': 'Edge up and spine down by about as much each, until they meet.',
  'tip.spine-to-edge':
    'Take the spine down to the edge line in one even curve: the edge keeps its length, and its bevel is touched last.',
  'tip.title': ({ stone }: { stone: string }) => `Bring the tip back on ${stone}`,
  'tip.zone': 'the tip',
  'two-sided.back-edge.caution':
    'Two edges now: hold the blade by its faces, and check local rules on such blades.',
  'two-sided.back-edge.check': 'Burr along the clip only; the point stays where it is.',
  'two-sided.back-edge.instruction': ({ deg }: { deg: number }) =>
    `The clipped back is meant to cut: steeper than the main edge, ${deg.toFixed(0)}° per side, on the first stone and the last, until a small burr, then off with it.`,
  'two-sided.back-edge.deburr.title': 'Take the burr off the back edge',
  'two-sided.back-edge.deburr.instruction': ({ deg }: { deg: number }) =>
    `On the last stone at ${deg.toFixed(1)}°, alternate sides, weight of the hand: 3 to 6 strokes a side.`,
  'two-sided.back-edge.strop.title': 'Strop the back edge',
  'two-sided.back-edge.strop.instruction': ({ deg }: { deg: number }) =>
    `At ${deg.toFixed(1)}° or just under, edge trailing, 6 to 12 strokes a side.`,
  'two-sided.back-edge.title': ({ deg }: { deg: number }) =>
    `Back edge at ${deg.toFixed(0)}° per side`,
  'two-sided.back-edge.zone': 'the clipped back',
  'two-sided.hollow.instruction.first':
    'Touch only the very edge: a hollow grind is thin and weak behind it. Light, until the smallest burr runs from heel to tip.',
  'two-sided.hollow.instruction.next': 'Light, at the very edge only, until the pattern is even.',
  'two-sided.hollow.zone': 'the very edge',
  'two-sided.wide.instruction.first':
    'Lift as the ladder says at every station: a fixed lift is another angle at every height. One sweep heel to tip, the handle swinging through the belly, or section by section.',
  'two-sided.wide.instruction.next':
    'The same sweep and the same lifts, until the pattern is even from heel to tip.',
  'wash.caution': 'The blade is at its sharpest now. Wipe from the spine towards the edge.',
  'wash.instruction.oiled':
    'Wash off stone and compound, dry at once, wipe on food-safe oil. This steel rusts.',
  'wash.instruction.plain': 'Wash off stone and compound and dry.',
  'wash.title.oiled': 'Wash, dry and oil',
  'wash.title.plain': 'Wash and dry',
  'wash.zone': 'whole blade',
  'zone.whole-edge': 'heel to tip',
} as const;
