/**
 * The English of the steps around the stones: made ready, protected, tested, finished. A code once used stays; its
 * wording may be mended, and is mended for all plans and records that hold it.
 */
const mm = (value: number, digits = 1): string => value.toFixed(digits);

export const AROUND_ENGLISH = {
  'high-spot.before': 'On the board again: no light, no rocking.',
  'high-spot.before.visits':
    'Less light under it on the board than before; the rest is for the next visit.',
  'high-spot.check': 'Sight along the edge; the stone has touched the hill alone.',
  'high-spot.instruction': ({ depthMm, angleDeg }: { depthMm: number; angleDeg: number }) =>
    `It stands ${mm(depthMm, 2)} mm proud. A hard flat stone at about ${angleDeg}°, the same on both sides, running out 20 mm either way; sight again and go on only on the hill.`,
  'high-spot.instruction.visits': ({
    depthMm,
    thisMm,
    visits,
    angleDeg,
  }: {
    depthMm: number;
    thisMm: number;
    visits: number;
    angleDeg: number;
  }) =>
    `It stands ${mm(depthMm, 2)} mm proud; ${mm(thisMm, 2)} mm of it comes off today, over ${visits} visits. A hard flat stone at about ${angleDeg}°, the same on both sides, on the hill alone.`,
  'high-spot.title': ({ stone }: { stone: string }) => `Hone the high spot down on ${stone}`,
  'high-spot.zone': ({ fromMm, toMm }: { fromMm: number; toMm: number }) =>
    `${Math.round(fromMm)} to ${Math.round(toMm)} mm from the heel`,
  'light-last.check': 'Bites everywhere on the nail.',
  'light-last.instruction':
    'The faces are done and the edge was covered: one to three full passes a side, equal, no more.',
  'light-last.title': ({ stone }: { stone: string }) => `Light last edge on ${stone}`,
  'makers.faces.caution':
    'Edge taped, or rubbed dull: the faces are worked over it. Wet work: the dust harms the lungs.',
  'makers.faces.check': 'The scratches of the grain before are gone, no ripple against the light.',
  'makers.faces.instruction':
    'Wet, on a hard block, along the blade and flat on the grind, until the scratches before are gone.',
  'makers.faces.title': 'Finish the faces',
  'makers.faces.title.on': ({ stone }: { stone: string }) => `Finish the faces on ${stone}`,
  'makers.faces.zone': 'both faces, lengthwise',
  'marker.before': 'Ink gone across the bevel at heel, middle and tip, on both sides.',
  'marker.check': 'Where is the ink gone: at the shoulder, at the very edge, or across?',
  'marker.instruction': ({ wideDeg, angleDeg }: { wideDeg: number; angleDeg: number }) =>
    `Ink both bevels. Start wide at ${mm(wideDeg)}°, one or two light passes a side, then down to ${mm(angleDeg)}° by half degrees. Gone only at the edge: lower. Only at the shoulder: raise. Different at the tip: slide the jaws.`,
  'marker.title': ({ stone }: { stone: string }) => `Find the angle with ink, on ${stone}`,
  'proof.before': ({ stone }: { stone: string }) =>
    `It cuts at heel, middle, belly and tip. Where it does not: back to ${stone}, that zone only, with ink.`,
  'proof.caution': 'Paper, not skin. Wipe from the spine towards the edge.',
  'proof.check': 'No reflection in the light; paper cut clean at heel, middle, belly and tip.',
  'proof.deburr.instruction':
    'The same stone, rinsed: falling counts at the weight of the hand, until the burr is slight and alike on both sides.',
  'proof.deburr.title': ({ stone }: { stone: string }) => `Bring the burr down on ${stone}`,
  'proof.instruction': ({ strop }: { strop: string | null }) =>
    `Rinse and dry the blade, 8 to 12 laps a side ${strop === null ? 'on a strop or newspaper' : `on ${strop}`}, then light and paper, zone by zone. Finer stones only refine the line this one has made.`,
  'proof.title': 'It must already cut',
  'protect.check': 'Nothing lifts at its corners, and the edge is bare.',
  'protect.coating': 'Tape the coated faces up to the bevel.',
  'protect.faces': 'Tape the faces where mud or a clamp would scratch them.',
  'protect.handle': 'Wrap the handle.',
  'protect.jaws': 'Tape under the jaws.',
  'protect.mark': 'Plain paper over the printed mark first, then the tape on the paper.',
  'protect.patina': 'Oil and tape the patina above the bevel.',
  'protect.title': 'Protect what no stone may touch',
  'protect.zone': 'handle and faces',
  'ready.change.title': ({ stone }: { stone: string }) => `Change to ${stone}`,
  'ready.check': 'Nothing moves, and no coarse grain is felt under the thumb.',
  'ready.clean': 'Rinse blade and hands, wipe the bench: one coarse grain scratches.',
  'ready.dressing': 'Raise mud with its dressing stone until the surface is creamy.',
  'ready.dry': 'Dry and clean, nothing on it.',
  'ready.firm': 'Holder or damp cloth: it must not move.',
  'ready.flatten.before': 'No pencil left, corners included; a straightedge shows no light.',
  'ready.flatten.check': 'A straightedge along and across.',
  'ready.flatten.instruction':
    'Pencil grid over the whole face, then the flattening plate or wet paper on glass until it is gone; rinse off every coarse grain.',
  'ready.flatten.title': ({ stone }: { stone: string }) => `Flatten and ready ${stone}`,
  'ready.machine': 'Guard on, slow, tracked; a cut in a strip tells the true angle.',
  'ready.oil': 'Flood it with thin oil.',
  'ready.rig': 'Jaws firm, the rule mark where it was; read the gauge again.',
  'ready.rinse.check': 'No mud under the thumb.',
  'ready.rinse.instruction': 'Rinse stone and blade, fresh water on the stone.',
  'ready.rinse.title': 'Rinse stone and blade',
  'ready.soak.before': 'The bubbles have stopped.',
  'ready.soak.check': 'Bubbles rising: it still drinks.',
  'ready.soak.instruction': ({ minutes }: { minutes: number }) =>
    `Under water until no bubble rises, about ${Math.round(minutes)} min; other work meanwhile. Note how long it took.`,
  'ready.soak.title': ({ stones }: { stones: string }) => `Soak ${stones}`,
  'ready.title': ({ stone }: { stone: string }) => `Ready ${stone}`,
  'ready.water': 'Wet it, and keep water at hand.',
  'ready.zone': 'the bench',
  'rust.check': 'No orange left, the grain of the face alike.',
  'rust.instruction':
    'Fine wet paper or a rust eraser along the blade, lightest first, until no orange is seen. Pits stay; tell the customer.',
  'rust.title': 'Take the rust off',
  'rust.zone': 'faces and spine',
  'series.cloth': 'A few light draws, trailing, the cloth flat on its board.',
  'series.dry-stone': 'The same stone wiped dry: lighter laps, trailing; its dry face polishes.',
  'series.felt': 'Draw the dry blade lightly through felt: the last burr and little else.',
  'series.newspaper':
    'Blade and stone dry, one sheet flat over the stone, its edge felt first: ink and clay polish, the hard back keeps the edge flat.',
  'series.over': ({ overDeg }: { overDeg: number }) => `${mm(overDeg)}° over the bevel.`,
  'series.smooth-hard-edge':
    'Less than the weight of the blade, heel to tip, for bite: stop when it catches a nail, and do not repeat.',
  'series.stone': 'Trailing laps on the last stone, rinsed, the weight of the blade alone.',
  'series.title': ({ surface, stone }: { surface: string; stone: string | null }) =>
    `${SERIES_NAME[surface as keyof typeof SERIES_NAME] ?? surface}${stone === null ? '' : ` on ${stone}`}`,
  'series.wet-paper': 'Fine wet paper flat on glass, trailing, no pressure.',
  'series.wood':
    'Clean soft wood kept for this alone, blade dry: one or two draws, and look for fluff left behind.',
  'spine.check': 'One even round under the thumb, no corner.',
  'spine.instruction':
    'Wet paper or a slack belt along the spine, off the edge, corner by corner until it is round; then finer.',
  'spine.title': 'Round the spine',
  'spine.zone': 'the spine',
  'thinning.band.check': ({ stopMm }: { stopMm: number }) =>
    `Caliper behind the edge: ${mm(stopMm, 2)} mm at heel, middle and tip, and no burr.`,
  'thinning.band.instruction': ({
    band,
    angleDeg,
    fromMm,
    toMm,
  }: {
    band: number;
    angleDeg: number;
    fromMm: number;
    toMm: number;
  }) =>
    `Band ${band}: ${mm(angleDeg)}°, from ${mm(fromMm)} to ${mm(toMm)} mm above the edge, fingers over the band; look every minute, both sides alike.`,
  'thinning.band.title': ({ band, of, stone }: { band: number; of: number; stone: string }) =>
    of === 1 ? `Thin on ${stone}` : `Thin on ${stone}, band ${band} of ${of}`,
  'thinning.band.zone': ({ fromMm, toMm }: { fromMm: number; toMm: number }) =>
    `${mm(fromMm)} to ${mm(toMm)} mm above the edge`,
  'thinning.check.next': 'The coarse lines are gone on the bands; the caliper reads as before.',
  'thinning.stop': ({ stopMm }: { stopMm: number }) =>
    `Stop at ${mm(stopMm, 2)} mm behind the edge.`,
  'trial.before': 'Good enough for this use, or on to the stones.',
  'trial.check': 'Paper cut clean in every zone; burr and bevel even; cool to the hand.',
  'trial.instruction':
    'A cut in paper and a look along the bevel: burr whole, no glint, bevel even. Then by hand from here.',
  'trial.title': 'Trial cut',
} as const;

const SERIES_NAME = {
  stone: 'Trailing laps',
  'dry stone': 'Laps on the dry stone',
  wood: 'Draw through wood',
  felt: 'Draw through felt',
  newspaper: 'Newspaper',
  'smooth hard edge': 'A few passes on a smooth hard edge',
  'wet paper': 'Wet paper',
} as const;
