import type { FindingCode, MendCode } from '@jovrin/core'

type Told = (v: Record<string, string>) => string

/** What the checks of a plan say: what, where, why, and the figures. Values come in the reader's units. */
export const enFinding: Readonly<Record<FindingCode, Told>> = {
  'no-room-for-water': (v) => `Ground and stones (${v['groundL']}) leave no room for water in ${v['fillL']}.`,
  'ground-too-deep': (v) =>
    `The ground takes ${v['depthCm']} of ${v['waterDepthCm']} of height at the back; plants will soon reach the surface.`,
  'stems-float-out': (v) => `Stems float out of ${v['backCm']} of light pellets at the back; give them ${v['holdCm']} or more.`,
  'floor-overbooked': (v) => `The shares of floor add up to ${v['percent']} %; they are scaled down to the whole floor.`,
  'thin-start': (v) =>
    `Only ${v['percent']} % of the floor is planted under ${v['ppfd']} µmol: the commonest cause of early algae. Plant more, add floaters for the first weeks, or dim.`,
  'light-without-gas': (v) => `${v['ppfd']} µmol without CO2: above about ${v['limitPpfd']} the light is the algae’s. Dim, or add gas.`,
  'hard-softening': (v) =>
    `Tap water of ${v['tapDkh']} uses the soil’s softening up early; blend with purified water above about ${v['limitDkh']}.`,
  'no-plants': () => 'No plants yet: all the light is the algae’s.',
  'no-light': () => 'No light yet: nothing grows.',
  twist: (v) =>
    `The diagonals differ by ${v['twistMm']}; more than ${v['limitMm']} is twist, which breaks glass. Shim the stand before any water goes in.`,
  tilt: (v) =>
    `The tank leans ${v['tiltMmPerM']} a metre. That only shows: the water line will be off by ${v['lineMm']} from corner to corner.`,
  'heavy-structural': (v) =>
    `Filled it weighs ${v['massKg']}. Ask a structural engineer whether the floor carries that where it will stand.`,
  'heavy-wall': (v) => `Filled it weighs ${v['massKg']}: stand it by a load-bearing wall, across the joists.`,
  'glass-thin': (v) =>
    `By the plate estimate the long pane has ${v['factor']} times the strength it needs; ${v['usual']} is usual. Information only: ask the maker.`,
  'open-jumpers': () => 'You wish for animals that jump, and the top is open.',
  'sun-on-glass': (v) => `${v['hours']} h of direct sun a day on the glass feed algae and warm the water: shade that side.`,
  'room-warm': (v) =>
    `The room reaches ${v['roomC']}: without cooling or a fan the water follows, and warm water holds less oxygen and CO2.`,
  'room-warm-carpet': (v) => `You wish for cool-water plants, and the room reaches ${v['roomC']}: they fail in a warm summer.`,
  'no-conditioner': () => 'Chloramine does not air out: every change needs a conditioner that binds ammonia too.',
  'soil-too-thick': (v) =>
    `${v['zone'] || 'The ground'}: soil under a cap is at most ${v['mostCm']} thick, here it is ${v['depthCm']}; below that it rots.`,
  'soil-not-capped': (v) =>
    `${v['zone'] || 'The ground'}: ${v['depthCm']} of garden soil has a cap of ${v['capCm']}; give it one to two times its own thickness of sand.`,
  'cap-on-pellets': (v) =>
    `${v['zone'] || 'The ground'}: fine sand over pellets sinks in between and smothers them. Keep the sand to a strip of its own.`,
  'no-barrier': (v) =>
    `${v['zone'] || 'The sand'} lies beside soil with nothing between: they mix within weeks. A strip of ${v['heightCm']} or stones keep them apart.`,
  'slope-steep': (v) =>
    `${v['zone'] || 'The ground'} rises at ${v['slopeDeg']}°. It may be poured so, but roots, fish and changes flatten it: plan ${v['plannedDeg']}° or terraces.`,
  'slope-needs-terraces': (v) =>
    `${v['zone'] || 'The ground'} rises at ${v['slopeDeg']}°, steeper than the ${v['reposeDeg']}° at which it comes to rest: it slides on the day of filling. Terraces or supports hold it.`,
  'carbonate-sand': (v) => `${v['litres']} L of carbonate sand raise KH and GH and undo soft water.`,
  'zone-outside': (v) => `${v['zone'] || 'A zone'} reaches beyond the glass; only what lies inside is counted.`,
  'zone-hidden': (v) => `${v['zone'] || 'A zone'} is wholly covered by zones above it and holds nothing.`,
  'tabs-shallow': (v) => `${v['count']} root tabs lie where the ground is thinner than ${v['coverCm']}: they would leach into the water.`,
  'barrier-low': (v) => `A barrier of ${v['heightCm']} ends below the ${v['sandCm']} of ${v['zone'] || 'the sand'}.`,
  'piece-floats': (v) => `${v['piece'] || 'The wood'} floats when new: fix it, or lay ${v['ballastKg']} of stone on it.`,
  'piece-carbonate': (v) =>
    `${v['piece'] || 'A stone'} (${v['massKg']}) is limestone: it raises KH and GH week by week. Test a chip with acid, outdoors and with eye protection.`,
  'piece-stains': (v) =>
    `${v['piece'] || 'The wood'} (${v['massKg']}) stains the water for weeks and takes light, the blue first. Reckoned into light and forecast.`,
  'piece-near-glass': (v) => `${v['piece'] || 'A piece'} stands ${v['gapCm']} from the glass; the cleaning tool needs ${v['needCm']}.`,
  'piece-outside': (v) => `${v['piece'] || 'A piece'} reaches ${v['overCm']} into or through the glass.`,
  'piece-above-water': (v) => `${v['piece'] || 'A piece'} stands ${v['overCm']} out of the water.`,
  'piece-near-lamp': (v) =>
    `${v['piece'] || 'A piece'} comes within ${v['gapCm']} of the lamp; ${v['needCm']} keep it from burning what grows on it.`,
  'piece-heavy-spot': (v) =>
    `${v['piece'] || 'A stone'} (${v['massKg']}) stands on the glass with few edges, about ${v['pressureKPa']} kPa: lay foam or a plastic grid below.`,
  'floor-covered': (v) =>
    `${v['percent']} % of the floor is open for plants; arrangements that grow well keep ${v['wantPercent']} % or more.`,
  'rear-strip-covered': (v) => `${v['percent']} % of the rear third is open; a back row of stems needs about ${v['wantPercent']} %.`,
  'sizes-alike': (v) =>
    `The second piece is ${v['percent']} % as high as the first: close to a pair. A main piece and seconds of about two thirds read as near and far.`,
  'sizes-backwards': () => 'The pieces grow towards the back. Large in front and small behind makes a tank look deeper.',
  'main-centred': (v) =>
    `The highest piece stands at ${v['percent']} % of the length, near the middle; thirds and golden section lie at 33, 38, 62 and 67 %.`,
  'trial-flood': (v) => `With wood, flood the layout for ${v['hours']} h before planting: what floats or stains shows then.`,
  'flow-low': (v) =>
    `The filter really moves ${v['turnover']} volumes an hour; below ${v['least']} corners stand still and gas stays where it enters.`,
  'flow-dead-area': (v) =>
    `${v['percent']} % of the plan lie outside every jet. Turn an outlet or add one where plants or dirt will stand.`,
  'heater-small': (v) => `A heater of ${v['watts']} W does not hold the temperature in the coldest month; about ${v['needW']} W do.`,
  'cooler-small': (v) =>
    `In the warmest month about ${v['needW']} W of heat must leave the tank while the lamp burns; ${v['watts']} W of cooling is planned. A fan, a shorter or later lamp, or a cooler.`,
  'hours-short': (v) => `You said ${v['haveMin']} a week; this asks for ${v['needMin']}.`,
  'money-short': (v) => `You said ${v['have']}; the cheapest column comes to ${v['need']}, and ${v['perMonth']} a month after that.`,
  'wish-red-weak-light': (v) =>
    `You wish for red stems; at ${v['ppfd']} µmol on the ground most stay green. From about ${v['needPpfd']} on they colour.`,
  'wish-carpet-no-gas': () => 'You wish for a fine carpet, and no CO2 is planned: most stay thin or fail without.',
  'wish-shrimps-rich-start': (v) =>
    `Shrimps are planned for day ${v['day']} on soil that leaches ammonia; day ${v['needDay']} and two tests at zero are usual.`,
  'wish-diggers-carpet': () => 'Digging animals uproot a carpet while it is young, and sift cosmetic sand into it.',
  'wish-warm-cool': (v) => `Fish for warm water and the planned ${v['temperatureC']} (or cool-water plants) do not go together.`,
  'pace-many-stems': (v) => `You want it quiet; stems on ${v['percent']} % of the floor ask for the scissors every week or two.`,
  'layout-no-stems': (v) =>
    `Formal rows live from stems: ${v['percent']} % of the floor is set aside for them, ${v['wantPercent']} % or more is usual.`,
  'layout-no-stones': () => 'A stone layout without a stone: draw them on the hardscape sheet.',
  'layout-too-tall': (v) => `A shallow layout in a tank of ${v['heightCm']}: up to ${v['mostCm']} lets plants grow out of the water.`,
  'view-back-kit': () => 'You look at it from behind too, and an outlet hangs at the back pane.',
}

/** What a one-click mend does. */
export const enMend: Readonly<Record<MendCode, Told>> = {
  depth: (v) => `Make it ${v['depthCm']}`,
  slope: (v) => `Lay it at ${v['slopeDeg']}°: ${v['depthCm']} at the back`,
  cap: (v) => `Cap it with ${v['depthCm']} of sand`,
  barrier: (v) => `Set a strip of ${v['heightCm']}`,
  clip: () => 'Cut it at the glass',
  remove: () => 'Take it out',
  fix: (v) => `Weigh it down (${v['ballastKg']})`,
  'move-in': (v) => `Move it ${v['gapCm']} off the glass`,
  sink: (v) => `Sink it ${v['depthCm']}`,
  light: (v) => `Plan the gentle level (${v['minutes']} a week)`,
  gas: () => 'Add CO2',
  top: () => 'Plan a cover',
  heater: (v) => `Take ${v['watts']} W`,
}
