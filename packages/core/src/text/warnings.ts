/** The English of what is warned of, one entry a code; see `steps.ts`. */
export const WARNING_ENGLISH = {
  'warn.angle-low': ({ angleDeg, use }: { angleDeg: number; use: string }) =>
    `${angleDeg.toFixed(1)}° per side is low for ${use}: it may chip or roll.`,
  'warn.angle-steep': ({ angleDeg, use }: { angleDeg: number; use: string }) =>
    `${angleDeg.toFixed(1)}° per side is steep for ${use}: it will not cut easily.`,
  'warn.axe.haft': ({ haft }: { haft: string }) =>
    `The haft: ${haft}. Tell the customer; it is not handed back as sound.`,
  'warn.axe.soft': 'A file sinks in: soft steel, perhaps burnt. A fine edge will not stand.',
  'warn.axe.too-hard-for-file':
    'A file skates on this steel: it is too hard to file, so stones do all of the work.',
  'warn.buy.finish': ({
    finestUm,
    coarsestUm,
    buyUm,
    grits,
  }: {
    finestUm: number;
    coarsestUm: number;
    buyUm: number;
    grits: string;
  }) =>
    `No stone leaves ${finestUm === coarsestUm ? `a ${finestUm}` : `a finish of ${finestUm}–${coarsestUm}`} µm. An abrasive of about ${buyUm.toPrecision(2)} µm would: ${grits}.`,
  'warn.buy.gap': ({
    coarserUm,
    finerUm,
    ratio,
    buyUm,
    grits,
  }: {
    coarserUm: number;
    finerUm: number;
    ratio: number;
    buyUm: number;
    grits: string;
  }) =>
    `From ${coarserUm} to ${finerUm} µm is more than ${ratio} times. An abrasive of about ${buyUm.toPrecision(2)} µm would bridge it: ${grits}.`,
  'warn.chisel.back-bevel':
    'The back has a bevel of its own: keep to it for the burr, and tell the customer.',
  'warn.cladding-near': ({ bareMm }: { bareMm: number }) =>
    `Only ${bareMm.toFixed(1)} mm of core is left bare above the bevel: bring the cladding line up when thinning, or the soft steel comes to the edge.`,
  'warn.double-edged':
    'Double-edged: rules for selling, carrying and handing over differ from place to place. Check the local ones.',
  'warn.false-edge': 'The clipped back is for weight only: leave it.',
  'warn.one-sided.back-bevel':
    'The back carries a wide bevel of its own: keep it as it is, and hold the blade to it for the burr.',
  'warn.one-sided.back-bevel-hollow':
    'A wide bevel on a hollow back comes from past neglect: take it out little by little, a few strokes a visit.',
  'warn.one-sided.hollow-typical':
    'The hollow was not measured: typical values of this kind are used.',
  'warn.one-sided.no-hollow':
    'The back showed no hollow: it is treated as a plain flat back, another kind of blade.',
  'warn.one-sided.ridge': ({
    measuredMm,
    computedMm,
  }: {
    measuredMm: number;
    computedMm: number;
  }) =>
    `The ridge was measured at ${measuredMm} mm; thickness and angle put it at ${computedMm.toFixed(1)} mm. One of the three is off: measure again.`,
  'warn.one-sided.rim-gone':
    'The hollow has reached the edge: tap the back out with the customer’s consent, or send the blade on.',
  'warn.one-sided.tapping':
    'Tapping out may crack the blade: get the customer’s written consent first.',
  'warn.razor.frown':
    'The edge frowns: it does not meet a flat stone. Bring the line up first, or send the razor on.',
  'warn.razor.spine-wear': ({ wear }: { wear: string }) =>
    `Flats on the spine are ${wear}: the angle differs along it. Tape evens it.`,
  'warn.razor.steep': ({ angleDeg }: { angleDeg: number }) =>
    `${angleDeg.toFixed(1)}° is steep for a razor: fewer layers of tape, or the spine is thick.`,
  'warn.serrated.points':
    'Points are broken off: they come back only as the scallops are cut deeper over the visits.',
  'warn.serrated.typical': 'The scallops were not measured: typical values are used.',
  'warn.single-bevel.secondary': ({ width }: { width: string }) =>
    `A ${width} second angle is worked out of the bevel: more steel this time, and the bevel guides again.`,
  'warn.spent': ({
    heightMm,
    leastMm,
    kind,
  }: {
    heightMm: number;
    leastMm: number;
    kind: string;
  }) =>
    `The heel will be ${heightMm.toFixed(1)} mm high; below ${leastMm} mm a ${kind} is spent. Tell the customer.`,
  'warn.steel-soft': ({ finestUm, stone, um }: { finestUm: number; stone: string; um: number }) =>
    `This steel gains little below about ${finestUm} µm; ${stone} is ${um} µm.`,
  'warn.stone.carbides': ({
    stone,
    wearFactor,
    timesQuicker,
  }: {
    stone: string;
    wearFactor: number;
    timesQuicker: number;
  }) =>
    `${stone} is softer than the carbides of this steel (it wears ${wearFactor} times as slowly): diamond is ${timesQuicker.toFixed(1)} times quicker.`,
  'warn.stone.dressing': ({ stone }: { stone: string }) =>
    `${stone} needs its dressing stone first: raise a slurry before the blade.`,
  'warn.stone.hollow': ({ stone }: { stone: string }) =>
    `${stone} is due for flattening: a hollow stone cannot make a straight edge.`,
  'warn.stone.hollow-one-sided': ({ stone }: { stone: string }) =>
    `${stone} is not flat: a one-sided blade takes its hollow at once. Flatten it before it touches the back.`,
  'warn.stone.jump': ({
    before,
    stone,
    ratio,
    scratchUm,
  }: {
    before: string;
    stone: string;
    ratio: number;
    scratchUm: number;
  }) =>
    `From ${before} to ${stone} is ${ratio.toFixed(1)} times finer: its scratches are ${scratchUm.toFixed(1)} µm deep and take long.`,
  'warn.stone.liquid': ({ stone, liquid, kind }: { stone: string; liquid: string; kind: string }) =>
    `${stone}: ${liquid} is not for a ${kind}.`,
  'warn.stone.oil': ({ stone }: { stone: string }) =>
    `${stone} is a water stone: oil clogs it for good.`,
  'warn.stone.splash': ({ stone }: { stone: string }) =>
    `${stone} is a splash stone and is soaking: take it out, its binder softens or cracks.`,
  'warn.stone.strokes': ({
    stone,
    strokes,
    direction,
  }: {
    stone: string;
    strokes: string;
    direction: string;
  }) => `${stone} likes ${strokes} strokes; ${direction} was chosen.`,
  'warn.strop.coarser': ({
    strop,
    stropUm,
    last,
    lastUm,
    scratchUm,
  }: {
    strop: string;
    stropUm: number;
    last: string;
    lastUm: number;
    scratchUm: number;
  }) =>
    `${strop} at ${stropUm} µm is coarser than the ${lastUm} µm it follows: it cuts, shallowly (${scratchUm.toFixed(2)} µm), and rounds what ${last} left.`,
  'warn.strop.too-fine': ({
    strop,
    stropUm,
    last,
    scratchUm,
  }: {
    strop: string;
    stropUm: number;
    last: string;
    scratchUm: number;
  }) =>
    `${strop} at ${stropUm} µm only polishes the tops: ${last} leaves scratches of ${scratchUm.toFixed(1)} µm.`,
  'warn.thinning':
    'Thinning changes the look of the blade and takes steel that does not come back: ask the customer first.',
  'warn.thinning-hours': ({ minutes }: { minutes: number }) =>
    `Thinning alone takes about ${Math.round(minutes / 60)} h by hand: a coarser stone, less at each visit, or send it on.`,
  'warn.tip-by-eye': 'At the tip the new bevel would reach the spine; work the tip by eye.',
  'warn.too-high-for-rig': 'A rail or a clamp does not serve a blade this high: hold it by lift.',
} as const;
