import type { DyeRefusal, GasApart, GasMoveKind, GasStage } from '@jovrin/core'

/** Texts of how much CO2 is dissolved, what moves it, and what is aimed at. */
export const gasLevelWords = {
  measured: 'Measured at one moment',
  measuredWhy: 'From the journal where it has them; type over what you just read. What you type here is not logged.',
  pH: 'pH',
  pHWhy: 'Of the tank, at the moment that you ask about: gas-off tells the peak.',
  kh: 'KH',
  khWhy: 'Tested the same day.',
  temperature: 'Temperature',
  temperatureWhy: 'Of the water.',
  degassed: 'pH, degassed',
  degassedWhy: 'Of a glass of the same water that stood open for a day, best with air bubbled through.',
  room: 'CO2 of the room',
  roomWhy: 'Fresh air 420 to 500 ppm, a bedroom by night 1500. Left open, the drop has a wide range.',
  ways: 'CO2 by each way',
  wayNames: { phKh: 'pH and KH', drop: 'drop of pH', dye: 'indicator' },
  wayMissing: { phKh: 'asks for pH and KH', drop: 'asks for both pH', dye: 'choose the colour below' },
  contradicts: 'pH and KH contradict each other',
  doubts: 'Do not trust pH and KH here, because:',
  doubtWords: {
    'kh-low': 'KH is under 2: a tenth of pH and half a degree span a factor of four or more. Titrate KH in a double or fourfold sample.',
    tannin: 'wood stains the water: its acids show CO2 that is not there.',
    'new-soil': 'the soil is new: its acids, and the KH that it takes, show CO2 that is not there.',
  },
  apart: {
    'drop-below':
      'pH and KH show more than the drop. Acids beside carbonic acid (tannin, soil, a buffer of phosphate) make pH and KH too high; a stuffy room, or a sample that was not wholly degassed, makes the drop too low. Degas once more by an open window, and titrate KH again.',
    'drop-above':
      'The drop shows more than pH and KH. Either KH was read too low, or the room’s air is fresher than told. Titrate KH in a double sample, and tell the room.',
    'dye-below':
      'The indicator shows less than pH and KH. It lags by one to three hours; if it hung since noon, acids beside carbonic acid make pH and KH too high, or its liquid has more KH than told. Make it up fresh.',
    'dye-above':
      'The indicator shows more than pH and KH. If the gas went off a while ago it shows the past; else KH was read too low, or its liquid has less KH than told. Make it up fresh.',
    'dye-below-drop':
      'The indicator shows less than the drop. It lags by one to three hours; if it hung since noon, the room is fresher than told, or its liquid has more KH than told. Make it up fresh.',
    'dye-above-drop':
      'The indicator shows more than the drop. If the gas went off a while ago it shows the past; else the room is stuffier than told, the sample was not wholly degassed, or its liquid has less KH than told. Make it up fresh.',
  } satisfies Record<GasApart, string>,
  agree: 'The ways agree within their ranges.',
  degassedTold: (expected: string) => `By its KH and the room’s air, this water would stand at a pH of ${expected} once degassed.`,
  degassedLow: (by: string) =>
    `Yours stands ${by} lower: other acids are in it, it was not wholly degassed, or the room is stuffier than told.`,
  degassedHigh: (by: string) => `Yours stands ${by} higher: KH was read too low, or the room is fresher than told.`,
  degassedFits: 'Yours does: no other acids to speak of.',
  counts: (animals: string, plants: string) =>
    `Until you know which errs: for the animals ${animals} counts, the most that was measured; that plants have enough, only ${plants} says.`,
  countsOne: (level: string) => `It counts as ${level}.`,
  overrides: 'Animals override every number: one that gasps means gas off, air on, now.',
  dye: 'Indicator',
  dyeWhy: 'Which of these does the liquid look like, against white? The colours are reckoned from the dye.',
  reference: 'KH of the liquid',
  referenceWhy: 'Made up from purified water, to be known: 4 is usual; 5 to 8 turn green at more CO2.',
  swatch: (level: string) => `like ${level}`,
  clearColour: 'Forget the colour',
  photo: 'From a photograph',
  photoWhy:
    'Indicator and something white, a cup or a sheet, side by side in the same light, no flash. Choose the white, then the middle of the liquid.',
  photoFile: 'Open a picture',
  photoNone: 'This picture cannot be read here. Try a JPEG or PNG.',
  photoPick: { white: 'White', liquid: 'Liquid' },
  photoPickLabel: 'Point at',
  photoKeys: 'Click or tap; or arrow keys move the mark, Shift makes larger steps, Enter takes the spot.',
  photoDescription: 'The picture, with the marks for white and liquid',
  photoPoint: (what: string) => `Now point at: ${what}.`,
  photoRead: (share: string, low: string, high: string) =>
    `${share} of the dye is blue (${low} to ${high}); it is taken as the indicator’s colour above.`,
  photoRefused: {
    white: 'What was chosen as white is too dark, burnt out or coloured. Choose another spot, or take the picture anew.',
    pale: 'Hardly any colour is at this spot. Choose the middle of the liquid; perhaps it needs more dye.',
    other: 'No mixture of the dye’s blue and yellow looks like this. Choose the liquid itself, away from glare and leaves.',
  } satisfies Record<DyeRefusal, string>,
  log: 'Log this colour',
  logged: 'colour of the indicator',

  moves: 'What the surface does',
  movesWhy: 'With the gas of now; the last column says how much of it brings the peak of now.',
  movesHead: ['Surface', 'Half-time', 'Lights-on', 'Peak', 'Gas'],
  moveNames: {
    still: 'still',
    ripple: 'rippled',
    strong: 'strongly broken',
    skimmer: 'with a skimmer',
    'no-skimmer': 'without the skimmer',
    'night-air': 'air by night alone',
  } satisfies Record<GasMoveKind, string>,
  moveNow: 'as planned',
  movesNote:
    'A return that falls from a hang-on filter breaks the surface strongly. More flow by itself carries gas to the leaves; it drives gas out only where it breaks the surface. Air by night, off again when the gas opens, gives oxygen and empties the tank of gas by morning: nothing that animals or plants would miss.',
  nightLeast: (level: string) => `Air by night: ${level} before the gas opens.`,

  aim: 'What to aim at, at gas-off',
  stage: 'Stage of the tank',
  stageWhy: 'What is aimed at follows from who lives in it, and where the tank is going.',
  stageNames: {
    'no-animals': 'no animals yet',
    animals: 'first animals',
    sensitive: 'first shrimps',
    'grown-in': 'grown in',
    flooded: 'flooded after a dry start',
    without: 'going without gas',
  } satisfies Record<GasStage, string>,
  stageTold: {
    'no-animals':
      'While no animal is in, plants settle faster with much gas, at the carpet as well. Never by night, and not in a room that is closed. Down before the first animal comes.',
    animals:
      'Animals get used to gas in a week: low on their first day, then up while they stay calm at gas-off. One that gasps sends you back a step.',
    sensitive: 'Shrimps and fish that are sensitive want less, and the same every day.',
    'grown-in': 'The same peak every day, within a tenth, matters more than its height. Thinner growth and less light need less.',
    flooded:
      'Leaves that were grown in air melt and are made anew: much gas at first, down step by step over three weeks. No animals before the last step and two tests at zero.',
    without:
      'Light and gas go down together, or algae take what the plants leave. Moss, ferns and slow rosettes hold; carpets, reds and fast stems fade within weeks. Start after a trim, with plant mass enough.',
  } satisfies Record<GasStage, string>,
  stepHead: ['From day', 'At gas-off', 'Light', ''],
  stepLevel: (low: string, high: string) => `${low} to ${high}`,
  stepNone: 'gas off',
  stepTake: 'Set the plan to it',
  stepTakeWhy:
    'Gas is set so that the peak of a day without plants comes to the upper end; lamps are dimmed with it. From the day that is chosen above.',
  stepSet: 'as planned',
  stepForbidden: 'not with the animals of this plan',
  begun: (on: string) => `Begun on ${on}; light is told as shares of what it was then.`,
  beginAnew: 'Begin anew',
  needGas: (plants: string) => `These of your plants dwindle without gas: ${plants}.`,
} as const
