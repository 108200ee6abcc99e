import type { FINDINGS, FindingCode, MENDS, MendCode } from '@jovrin/core'
import { counted } from '../plural.js'
import type { Sentence } from '../tell.js'

type FindingSentences = {
  readonly [Code in FindingCode]: Sentence<(typeof FINDINGS)[Code]['values'], (typeof FINDINGS)[Code]['names'][number]>
}
type MendSentences = { readonly [Code in MendCode]: Sentence<(typeof MENDS)[Code]['values']> }

/** A plant by its name; some plant where there is none. */
const named = (name: string, other = 'A plant'): string => (name === '' ? other : name)

const animal = (name: string): string => named(name, 'An animal')

/** What the checks of a plan say: what, where, why, and the figures. Values come in the reader's units. */
export const findingWords = {
  'light-beds-dim': (v, n) =>
    `${counted(n.beds, { one: 'patch gets', other: 'patches get' }, v.beds)} less light than the plants live well with. Hours do not make up for light below what a species lives by.`,
  'light-beds-bright': (v, n) =>
    `${counted(n.beds, { one: 'patch of slow plants stands', other: 'patches of slow plants stand' }, v.beds)} in much more light than they use: algae settle on leaves that stay so long.`,
  'light-uneven': (v) => `The darkest part of the ground gets ${v.least}, the mean is ${v.mean}: plants there lag, or want to be others.`,
  'light-long': (v) =>
    `${v.hours} of light a day: above ${v.most} only weakly lit tanks of slow plants gain, elsewhere algae do. A weaker or shorter day is safer.`,
  'lamp-beside': () => 'A lamp hangs with its middle beside the tank: check the place from the left and the front.',
  'no-room-for-water': (v) => `Ground and stones (${v.solids}) leave no room for water in ${v.fill}.`,
  'ground-too-deep': (v) => `The ground takes ${v.depth} of ${v.waterDepth} of height at the back; plants will soon reach the surface.`,
  'stems-float-out': (v) => `Stems float out of ${v.depth} of light pellets at the back; give them ${v.hold} or more.`,
  'floor-overbooked': (v) => `The shares of floor add up to ${v.planted}; they are scaled down to the whole floor.`,
  'thin-start': (v) =>
    `Only ${v.planted} of the floor is planted under ${v.light}: the commonest cause of early algae. Plant more, add floaters for the first weeks, or dim.`,
  'bed-too-dark': (v) => `${named(v.plant)}: about ${v.here} reach it where it is planned; under ${v.least} it does not live.`,
  'slow-too-bright': (v) =>
    `${named(v.plant)} is slow and gets about ${v.here} here; from about ${v.high} on, algae settle on leaves that stay so long. Give it a shaded spot, or the fast ones the bright one.`,
  'trim-heavy': (v) =>
    `Trimming takes about ${v.trim} of the ${v.have} that you have a week, most of it for ${named(v.plant, 'one plant')}. Fewer stems, slower ones, or weaker light.`,
  'bed-without-gas': (v) => `${named(v.plant)} needs CO2, and none is planned: it dwindles at the light it asks for.`,
  'bed-too-warm': (v) => `${named(v.plant)} does not bear more than ${v.most} for long; the water reaches ${v.here}.`,
  'bed-too-cool': (v) => `${named(v.plant)} does not bear less than ${v.least} for long; the water is held at ${v.here}.`,
  'bed-too-tall': (v) =>
    `${named(v.plant)} grows to about ${v.grown}; there is ${v.room} of water above its place, and cutting it does not help.`,
  'bed-dug-up': (v) => `You wish for animals that dig: ${named(v.plant)} roots so low that they pull it up.`,
  'bed-hidden': () => 'A patch of the planting map lies wholly below others, under stones or outside the glass: nothing is planted there.',
  'bed-empty': () => 'A patch of the planting map has no plant yet.',
  'tall-before-short': (v) =>
    `${named(v.front)} (${v.tall} after eight weeks) stands before ${named(v.behind, 'a lower plant')} (${v.short}) and hides it: exchange them, or cut the front lower.`,
  'spot-empty': (v) => `A spot on ${named(v.piece, 'a piece')} has no plant yet.`,
  'spot-without-piece': (v) => `${named(v.plant)} was planned on a piece that has no place in the tank.`,
  'spot-buried': (v) =>
    `${named(v.plant)} would reach below the ground (${v.ground} here): never bury its rhizome, it rots. Set it higher on the wood or stone.`,
  'spot-holds-not': (v) =>
    `${named(v.plant)} lives by roots in the ground: glued or tied to wood or stone it dwindles. Take a moss, or a plant with a rhizome.`,
  'spot-dry': (v) =>
    `${named(v.plant)} would sit above the water (${v.water}): only what grows in air lives there, and it must be kept wet.`,
  'start-thin': (v) =>
    `Thinly planted for this light: over the first eight weeks the model expects ${v.times} times the algae of a dense start. About ${v.pots} more pots of fast stems on the planting day make up for it, or lamps at ${v.power} until the plants have closed.`,
  'start-thin-pots': (v) =>
    `Thinly planted for this light: over the first eight weeks the model expects ${v.times} times the algae of a dense start. About ${v.pots} more pots of fast stems on the planting day make up for it.`,
  'start-thin-dim': (v) =>
    `Thinly planted for this light: over the first eight weeks the model expects ${v.times} times the algae of a dense start. Lamps at ${v.power} until the plants have closed make up for it.`,
  'start-thin-much': (v) =>
    `Thinly planted for this light: over the first eight weeks the model expects ${v.times} times the algae of a dense start. Plant more of the floor, with fast stems among it, and dim the lamps.`,
  'runner-strays': (v) =>
    `${named(v.plant)} sends runners up to ${v.runner} within eight weeks, and ${named(v.neighbour, 'another plant')} begins less than ${v.gap} away: leave a gap, set a separator, or cut runners at each trim.`,
  'red-beside-red': (v) =>
    `${named(v.one)} and ${named(v.other, 'another red plant')} stand side by side: two reds run into one. Green between them makes both tell.`,
  'groups-touch': (v, n) =>
    `${named(v.one)} and ${named(v.other, 'another plant')} stand less than ${v.gap} apart${n.pairs > 1 ? `, one of ${v.pairs} such pairs` : ''}: they grow into each other, and the line between them is lost.`,
  'pair-missing': (v) => `Formal rows stand in pairs: ${named(v.plant)} has no partner on the other side.`,
  'not-in-air': (v) => `${named(v.plant)} does not grow out of the water: it dries up there.`,
  'rhizome-on-ground': (v) =>
    `${named(v.plant)}: never bury its rhizome, it rots. Let it lie on the ground, or tie or glue it to wood or stone.`,
  'light-without-gas': (v) => `${v.light} without CO2: above about ${v.limit} the light is the algae’s. Dim, or add gas.`,
  'hard-softening': (v) => `Tap water of ${v.tap} uses the soil’s softening up early; blend with purified water above about ${v.limit}.`,
  'no-plants': () => 'No plants yet: all the light is the algae’s.',
  'no-light': () => 'No light yet: nothing grows.',
  twist: (v) =>
    `The diagonals differ by ${v.twist}; more than ${v.limit} is twist, which breaks glass. Shim the stand before any water goes in.`,
  tilt: (v) => `The tank leans ${v.tilt}. That only shows: the water line will be off by ${v.line} from corner to corner.`,
  'heavy-structural': (v) => `Filled it weighs ${v.mass}. Ask a structural engineer whether the floor carries that where it will stand.`,
  'heavy-wall': (v) => `Filled it weighs ${v.mass}: stand it by a load-bearing wall, across the joists.`,
  'glass-thin': (v) =>
    `By the plate estimate the long pane has ${v.factor} times the strength it needs; ${v.usual} is usual. Information only: ask the maker.`,
  'open-jumpers': () => 'You wish for animals that jump, and the top is open.',
  'sun-on-glass': (v) => `${v.sun} of direct sun a day on the glass feed algae and warm the water: shade that side.`,
  'room-warm': (v) => `The room reaches ${v.room}: without cooling or a fan the water follows, and warm water holds less oxygen and CO2.`,
  'room-warm-carpet': (v) => `You wish for cool-water plants, and the room reaches ${v.room}: they fail in a warm summer.`,
  chloramine: () => 'Chloramine does not air out: every change needs a conditioner that binds ammonia too, dosed before the water goes in.',
  chlorine: () =>
    'Chlorine burns gills: condition new water before it goes in, for the whole tank if the hose runs straight into it, or let it stand with air for a day.',
  'disinfectant-unknown': () =>
    'Nobody said whether the tap has chlorine: treat every change as if it had, with a conditioner, until a strip or the water works say otherwise.',
  'gas-overdose': (v) =>
    `The gas that is planned comes to about ${v.peak} at gas-off; animals bear at most ${v.limit}. Lower it before water goes in, or tell what you really count.`,
  'gas-much': (v) =>
    `The gas that is planned may come to ${v.peak} and more at gas-off; with these animals aim at no more than ${v.limit}.`,
  'gas-wasted': (v) => `The gas that is planned comes to about ${v.peak} at gas-off: more than plants can use (${v.limit}).`,
  'gas-late': (v) =>
    `When the lights come on there are about ${v.atLightsOn}, at gas-off ${v.peak}: plants start the day short. More ripple with more gas makes the day flatter; or open it earlier.`,
  'animal-warmth': (v) => `${animal(v.animal)} is well between ${v.low} and ${v.high}; this water is planned at ${v.here}.`,
  'animal-summer': (v) =>
    `${animal(v.animal)} bears ${v.most} at most; in the warmest month the room brings the water to ${v.summer}, and nothing cools it.`,
  'animal-hardness': (v) => `${animal(v.animal)} is well in a GH between ${v.low} and ${v.high}; new water has ${v.here}.`,
  'animal-alkalinity': (v) => `${animal(v.animal)} is well in a KH between ${v.low} and ${v.high}; here it is about ${v.here}.`,
  'animal-litres': (v) => `${animal(v.animal)} wants at least ${v.least} of water; this tank holds ${v.here}.`,
  'animal-length': (v) => `${animal(v.animal)} wants a tank at least ${v.least} long inside; this one has ${v.here}.`,
  'animal-few': (v) => `${animal(v.animal)}: ${v.count} are planned; it is well from ${v.least} on, and shy or quarrelsome below.`,
  'animal-only-one': (v) => `${animal(v.animal)}: ${v.count} are planned; they fight. Only one to a tank.`,
  'animal-rivals': (v) => `${animal(v.animal)}: rival males fight. One male, or room and hiding places out of one another’s sight.`,
  'animal-wants-still': (v) =>
    `${animal(v.animal)} lives in still water; this tank turns over ${v.turnover}. Spread the outlet, and leave a calm side.`,
  'animal-wants-flow': (v) => `${animal(v.animal)} lives in flowing water rich in oxygen; this tank turns over only ${v.turnover}.`,
  'animal-bare': (v) =>
    `${animal(v.animal)} hides when it is frightened, and there is little to hide in: wood, stones, dense or floating plants.`,
  'animals-may-jump': () =>
    'The tank is open, and these animals now and then jump or climb out, most of all in their first nights: cover it, or lower the water.',
  'animal-jumps': (v) => `${animal(v.animal)} jumps, and the tank is open: cover it, lower the water by a hand, or leave them out.`,
  'animal-digs': (v) =>
    `${animal(v.animal)} turns the ground over: carpets and stems that are not rooted float up. Not before week 8 from planting, and with tough plants.`,
  'animal-eats-plants': (v) => `${animal(v.animal)} eats plants, tender ones first: moss, round floaters, soft stems.`,
  'animal-eats': (v) => `${animal(v.animal)} eats ${named(v.other, 'another animal')}: they do not go together.`,
  'animal-eats-young': (v) => `${animal(v.animal)} eats the young of ${named(v.other, 'another animal')}: no brood will grow up.`,
  'animal-nips': (v) => `${animal(v.animal)} nips, and ${named(v.other, 'another animal')} has long fins or feelers.`,
  'animal-breeds': (v) =>
    `${animal(v.animal)} breeds freely: count them every month, since the load grows. Plan where the young go; never set any free.`,
  'animal-listed': (v) =>
    `${animal(v.animal)} is listed in some places, and often forbidden: check the list where you live. Never set any free.`,
  'animal-week': (v) =>
    `${animal(v.animal)} is planned for day ${v.planned}: it is usually kept from about day ${v.earliest} on. Tests and film decide, not the day.`,
  'animals-no-warmth': (v) =>
    `No temperature suits all: ${named(v.cool, 'one')} is well up to ${v.high}, ${named(v.warm, 'another')} from ${v.low} on. One of the two is in the wrong company.`,
  'animals-at-once': (v) =>
    `About ${v.share} of all the food joins within a week from day ${v.day}; bacteria keep up with ${v.most}. Bring them in groups a week apart, and test before each.`,
  'animals-early': (v) =>
    `${named(v.animal, 'Animals')}: planned for day ${v.planned}; two tests at zero can hardly be had before day ${v.earliest}.`,
  'dark-soft': (v) =>
    `Dark start with new water of ${v.alkalinity}: the cycle takes alkalinity, and below ${v.least} it slows down or stands still. Start higher, and test it every week.`,
  'dark-cold': (v) => `Dark start at ${v.water}: bacteria grow slowly below ${v.least}; count on weeks more, or heat.`,
  'dark-nothing': () =>
    'Dark start over ground that leaches no ammonia: nothing feeds the bacteria, so that weeks pass without a cycle. A wet start fits better.',
  'dry-species': (v) => `${named(v.plant)} does not stand a dry start: plant it when the tank is flooded.`,
  'dry-poor': () =>
    'Dry start on poor ground: roots find little. Mist with well diluted fertiliser once a week, or count on a slower carpet.',
  'dry-no-ground': () => 'A dry start needs ground: roots live from it until the tank is flooded.',
  'dry-thin-ground': () =>
    'The lowest ground is too thin to keep water below its surface: stems would stand in it and rot. Lay it thicker there, or leave that spot bare.',
  'food-heavy': (v) => `${v.food} of food is much for this water: what is not eaten rots. Up to about ${v.most} plants and filter keep up.`,
  'light-excess': (v) =>
    `${v.daily} a day is more than any plant here can use (${v.limit}): the rest is the algae’s. Dim, or shorten the day.`,
  'water-without-minerals': (v) =>
    `The water for changes has a GH of ${v.hardness}: add calcium and magnesium with every change, to ${v.wanted} or more. Where purified water or rain makes it so soft and you told no salts, the forecast assumes that you do.`,
  'minerals-short': (v) =>
    `The mineral salts that you have bring new water to a GH of ${v.hardness}, not ${v.wanted}: calcium or magnesium is missing among them.`,
  'sodium-high': (v) =>
    `New water has about ${v.sodium} of sodium (from about ${v.limit} it burdens soft-water plants). A softener with salt gives sodium for calcium and magnesium: take water from before it, often the garden tap, or thin it with purified water.`,
  'sodium-salt': (v) =>
    `Sodium bicarbonate brings new water to ${v.sodium} of sodium (from about ${v.limit} it burdens soft-water plants): want less KH, or take part of it from tap water.`,
  'copper-tap': (v) =>
    `New water has ${v.copper} of copper; from ${v.limit} it can kill shrimps and snails. Let the cold tap run before you fill, never take it from the boiler, test again, and thin it with purified water.`,
  'reports-differ': (v) =>
    `${named(v.source, 'Your water')}: what is counted with lies outside the reports of the last year, or does not tell what they tell.`,
  'conditioner-weak': () =>
    'Your conditioner binds chlorine only, and the water has chloramine, or may have it: the ammonia that comes out of it stays in the tank. Use one that binds both before anything lives in it.',
  'fast-nitrogen-early': (v) =>
    `Ammonium or urea: ${v.dose} in a day, before bacteria are ready (about day ${v.cycled}). Until two tests read zero at most ${v.most} a day, and none while animals live in it.`,
  'fast-nitrogen-toxic': (v) =>
    `A day’s ammonium or urea makes ${v.toxic} of un-ionised ammonia at this water’s highest pH; from about ${v.limit} it harms animals. Dose nitrate instead.`,
  'nitrogen-untold': (v) =>
    `${named(v.product, 'A bottle')}: its label does not say in which form its nitrogen is. If part of it is ammonium or urea, keep it out until two tests read zero; it is counted as nitrate here.`,
  'chelate-lets-go': (v) =>
    `${named(v.product, 'A product')}: this water is at about pH ${v.here} while the lamps are on; above ${v.until} the iron comes off its chelate within a day or two and falls out. One that holds higher keeps it in the water.`,
  'bottle-clash-phosphate-iron': (v) =>
    `${named(v.product, 'A bottle')} holds phosphate and iron: they fall out together as a pale sediment that feeds nothing. Two bottles, dosed apart.`,
  'bottle-clash-calcium': (v) =>
    `${named(v.product, 'A bottle')} holds calcium together with sulfate, phosphate or carbonate: they fall out as a white sediment. Two bottles, dosed apart.`,
  'bottle-too-strong': (v) =>
    `${named(v.product, 'A bottle')}: ${v.grams} of one salt; at ${v.coldest}, the room’s coldest, it keeps ${v.most} dissolved. The rest lies on the floor, and the last doses are too strong.`,
  'potassium-builds': (v) =>
    `Potassium would climb towards ${v.level} if plants took none: more is dosed in a week than the changes take out. Dose less, or change more.`,
  'copper-shrimps': (v) =>
    `${named(v.product, 'A product')} brings copper: by its doses and your changes it settles near ${v.copper} unless plants take it up; shrimps bear less than ${v.limit}.`,
  'product-untold': (v) =>
    `${named(v.product, 'Something in the cupboard')} is not dosed: what it holds is not told yet, or is too little to count.`,
  'nitrate-twice': (v) =>
    `New water brings ${v.tap} of nitrate, and the plan doses ${v.dose} a week on top: take off what the water brings, or leave the nitrate out.`,
  'soil-too-thick': (v) =>
    `${v.zone || 'The ground'}: soil under a cap is at most ${v.most} thick, here it is ${v.depth}; below that it rots.`,
  'soil-not-capped': (v) =>
    `${v.zone || 'The ground'}: ${v.depth} of garden soil has a cap of ${v.cap}; give it one to two times its own thickness of sand.`,
  'cap-on-pellets': (v) =>
    `${v.zone || 'The ground'}: fine sand over pellets sinks in between and smothers them. Keep the sand to a strip of its own.`,
  'no-barrier': (v) =>
    `${v.zone || 'The sand'} lies beside soil with nothing between: they mix within weeks. A separator of ${v.height} or stones keep them apart.`,
  'slope-steep': (v) =>
    `${v.zone || 'The ground'} rises at ${v.slope}. It may be poured so, but roots, fish and changes flatten it: plan ${v.planned} or terraces.`,
  'slope-needs-terraces': (v) =>
    `${v.zone || 'The ground'} rises at ${v.slope}, steeper than the ${v.repose} at which it comes to rest: it slides on the day of filling. Terraces or supports hold it.`,
  'carbonate-sand': (v) => `${v.volume} of carbonate sand raise KH and GH and undo soft water.`,
  'zone-outside': (v) => `${v.zone || 'A zone'} reaches beyond the glass; only what lies inside is counted.`,
  'zone-hidden': (v) => `${v.zone || 'A zone'} is wholly covered by zones above it and holds nothing.`,
  'tabs-shallow': (v, n) =>
    `${counted(n.tabs, { one: 'root tab lies', other: 'root tabs lie' }, v.tabs)} where the ground is thinner than ${v.cover}, and would leach into the water.`,
  'barrier-low': (v) => `A separator of ${v.height} ends below the ${v.sand} of ${v.zone || 'the sand'}.`,
  'piece-floats': (v) => `${v.piece || 'The wood'} floats when new: fix it, or lay ${v.ballast} of stone on it.`,
  'piece-carbonate': (v) =>
    `${v.piece || 'A stone'} (${v.mass}) is limestone: it raises KH and GH week by week. Test a chip with acid, outdoors and with eye protection.`,
  'piece-stains': (v) =>
    `${v.piece || 'The wood'} (${v.mass}) stains the water for weeks and takes light, the blue first. Light and forecast count it.`,
  'piece-near-glass': (v) => `${v.piece || 'A piece'} stands ${v.gap} from the glass; the cleaning tool needs ${v.needed}.`,
  'piece-outside': (v) => `${v.piece || 'A piece'} reaches ${v.over} into or through the glass.`,
  'piece-above-water': (v) => `${v.piece || 'A piece'} stands ${v.over} out of the water.`,
  'piece-near-lamp': (v) => `${v.piece || 'A piece'} comes within ${v.gap} of the lamp; ${v.needed} keep it from burning what grows on it.`,
  'piece-heavy-spot': (v) =>
    `${v.piece || 'A stone'} (${v.mass}) stands on the glass with few edges, about ${v.pressure}: lay foam or a plastic grid below.`,
  'floor-covered': (v) => `${v.open} of the floor is open for plants; arrangements that grow well keep ${v.wanted} or more.`,
  'rear-strip-covered': (v) => `${v.open} of the rear third is open; a back row of stems needs about ${v.wanted}.`,
  'sizes-alike': (v) =>
    `The second piece is ${v.second} as high as the first: close to a pair. A main piece and seconds of about two thirds read as near and far.`,
  'sizes-backwards': () => 'The pieces grow towards the back. Large in front and small behind makes a tank look deeper.',
  'main-centred': (v) =>
    `The highest piece stands at ${v.at} of the length, near the middle; thirds and golden section lie at 33, 38, 62 and 67 %.`,
  'trial-flood': (v) => `With wood, flood the layout for ${v.flood} before planting: what floats or stains shows then.`,
  'flow-low': (v) =>
    `The filter really moves ${v.turnover} volumes an hour; below ${v.least} corners stand still and gas stays where it enters.`,
  'flow-dead-area': (v) => `${v.dead} of the floor lies outside every jet. Turn an outlet or add one where plants or dirt will stand.`,
  'heater-small': (v) => `A heater of ${v.planned} does not hold the temperature in the coldest month; about ${v.needed} do.`,
  'cooler-small': (v) =>
    `In the warmest month about ${v.needed} of heat must leave the tank while the lamp burns; ${v.planned} of cooling is planned. A fan, a shorter or later lamp, or a cooler.`,
  'hours-short': (v) => `You said ${v.have} a week; this asks for ${v.needed}.`,
  'money-short': (v) => `You said ${v.have}; the cheapest column comes to ${v.needed}, and ${v.monthly} a month after that.`,
  'wish-red-weak-light': (v) =>
    `You wish for red stems; at ${v.light} on the ground most stay green. From about ${v.needed} on they colour.`,
  'wish-carpet-no-gas': () => 'You wish for a fine carpet, and no CO2 is planned: most stay thin or fail without.',
  'wish-shrimps-rich-start': (v) =>
    `Shrimps are planned for day ${v.planned} on soil that leaches ammonia; day ${v.usual} and two tests at zero are usual.`,
  'wish-diggers-carpet': () => 'Digging animals uproot a carpet while it is young, and sift decorative sand into it.',
  'wish-warm-cool': (v) => `Fish for warm water and the planned ${v.water} (or cool-water plants) do not go together.`,
  'pace-many-stems': (v) => `You want it quiet; stems on ${v.stems} of the floor ask for the scissors every week or two.`,
  'layout-no-stems': (v) => `Formal rows live from stems: ${v.stems} of the floor is set aside for them, ${v.wanted} or more is usual.`,
  'layout-no-stones': () => 'A stone layout without a stone: draw them on the hardscape sheet.',
  'layout-too-tall': (v) => `A shallow layout in a tank of ${v.height}: up to ${v.most} lets plants grow out of the water.`,
  'view-back-kit': () => 'You look at it from behind too, and an outlet hangs at the back pane.',
} satisfies FindingSentences

/** What a one-click mend does. */
export const mendWords = {
  'no-fast-nitrogen': () => 'Dose no ammonium or urea',
  'split-bottle': () => 'Split it into bottles that stay clear',
  'thin-bottle': (v) => `Mix it thinner (${v.most})`,
  'less-potassium': (v) => `Dose ${v.potassium} of potassium a week`,
  'count-water': () => 'Take off what new water brings',
  'drop-product': () => 'Take it out of the cupboard',
  depth: (v) => `Make it ${v.depth}`,
  slope: (v) => `Lay it at ${v.slope}: ${v.depth} at the back`,
  cap: (v) => `Cap it with ${v.depth} of sand`,
  barrier: (v) => `Add a separator of ${v.height}`,
  clip: () => 'Cut it at the glass',
  remove: () => 'Delete it',
  fix: (v) => `Weigh it down (${v.ballast})`,
  'move-in': (v) => `Move it ${v.gap} off the glass`,
  sink: (v) => `Sink it ${v.depth}`,
  light: (v) => `Plan the gentle level (${v.upkeep} a week)`,
  gas: () => 'Add CO2',
  'lower-gas': (v) => `Lower it to ${v.peak} at gas-off`,
  'earlier-gas': (v) => `Open it ${v.lead} before light`,
  'later-animals': (v) => `Plan them for day ${v.day}`,
  top: () => 'Plan a cover',
  heater: (v) => `Use ${v.power}`,
  denser: (v) => `Plan ${v.pots} more pots of stems`,
  lift: () => 'Move it above the ground',
  apart: (v) => `Leave ${v.gap} between them`,
  pair: () => 'Mirror it to the other side',
  dim: (v) => `Set lamps to ${v.power}`,
  'hang-at': (v) => `Hang them ${v.height} above the water`,
  'move-lamp': (v) => `Move them to ${v.fromFront} from the front`,
  'second-lamp': () => 'Add a second lamp like it',
  'light-hours': (v) => `Shorten it to ${v.hours}`,
  minerals: (v) => `Add calcium and magnesium sulfate, to ${v.wanted}`,
  'all-minerals': () => 'Count with all mineral salts',
  'more-purified': (v) => `Mix in ${v.purified} of purified water`,
  'raise-alkalinity': (v) => `Aim the new water at ${v.wanted}`,
  'as-reports': () => 'Take the mean of the reports',
} satisfies MendSentences
