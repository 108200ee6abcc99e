import type { ModelledQuantity } from '@jovrin/core'

type Reasons = readonly (readonly [reason: string, check: string])[]
const KIT = (what: string): readonly [string, string] => ['The test reads wrong.', what]
const OLD_KIT = KIT('Date of the reagent, both bottles shaken, a second test of the same sample.')

/** What mostly stands behind readings that lie apart from the forecast, likeliest first, each with what to check. Rules of thumb from the water's chemistry and from what growers find. */
export const apartWords: {
  readonly of: Readonly<Record<ModelledQuantity, { readonly above: Reasons; readonly below: Reasons }>>
  readonly both: Reasons
} = {
  of: {
    pH: {
      above: [
        [
          'Less CO2 gets into the water than planned, or at another hour.',
          'Bubbles a second, leaks, the diffuser, the hour of the reading.',
        ],
        ['KH is higher than the plan says.', 'Test KH; a limestone, a harder tap.'],
        KIT('Calibrate the probe at pH 7 and 4; drops only to half a unit.'),
      ],
      below: [
        ['More CO2 is in the water than planned.', 'Watch the animals first; indicator, bubbles, a valve that creeps.'],
        ['KH is lower: active soil or purified water takes it.', 'Test KH.'],
        ['Acids from wood or soil.', 'Compare with a sample that stood open for a day.'],
        KIT('Calibrate the probe at pH 7 and 4.'),
      ],
    },
    alkalinity: {
      above: [
        ['The tap has more than the plan says, or it changes over the year.', 'Test the tap.'],
        ['Limestone, shells or carbonate sand.', 'A drop of acid on a chip, outdoors, with eye protection.'],
        ['The soil’s softening is used up.', 'Test before and two days after a change.'],
      ],
      below: [
        ['Active soil still takes it.', 'Test the tap and the tank a day after a change.'],
        ['Water is mixed softer than planned.', 'Test a bucket of the mix.'],
        ['Nitrification uses it where much is fed.', 'Nitrate: does it rise as KH falls?'],
      ],
    },
    hardness: {
      above: [
        ['Minerals are added on top, or the tap is harder.', 'Test the tap; count what a remineraliser brings.'],
        ['Water that evaporated was topped up with tap water.', 'Top up with purified water.'],
      ],
      below: [
        ['Purified water without minerals.', 'Test a bucket of the mix.'],
        ['Active soil takes calcium and magnesium in its first weeks.', 'Test before and two days after a change.'],
      ],
    },
    ammonia: {
      above: [
        ['The filter is younger, or was washed in tap water.', 'Nitrite too; no animals until both are at zero.'],
        ['Something decays: a dead animal, melting leaves, too much food.', 'Look behind wood and under leaves.'],
        ['The soil leaches more than usual, or was dug over.', 'Change water; test daily.'],
        ['The kit reads NH4, and the field takes N.', 'The unit in Settings, Test kits.'],
      ],
      below: [['The filter was seeded, or plants take more.', 'Set the filter to “seeded” if it was.'], OLD_KIT],
    },
    nitrite: {
      above: [
        ['Nitrification is slower than the model has it.', 'Warmth, KH over 1 °dKH, flow through the filter.'],
        ['The kit reads NO2, and the field takes N.', 'The unit in Settings, Test kits.'],
      ],
      below: [['The filter was seeded or is older.', 'Set the filter to “seeded” or “taken over”.'], OLD_KIT],
    },
    nitrate: {
      above: [
        ['The kit reads NO3, and the field takes N, or the other way round.', 'The unit in Settings, Test kits: 1 mg N/L is 4.4 mg NO3/L.'],
        ['Plants take less than planned.', 'How much of the floor is really planted; set it in the plan.'],
        ['More is dosed, or the tap brings some.', 'Test the tap; compare the pump’s bottle with its calendar.'],
        ['Food and animals bring more.', 'Food a day in the plan.'],
      ],
      below: [
        ['Doses are missed, or the pump gives less.', 'A minute’s dose into a measuring glass.'],
        ['The nitrate reagent was not shaken hard enough.', 'Shake it for half a minute, and test again.'],
        ['Plants take more.', 'Plant mass in the plan; trims that were not logged.'],
      ],
    },
    phosphate: {
      above: [
        ['More is dosed, or food brings it.', 'Doses in the calendar; food a day in the plan.'],
        ['The kit reads PO4, and the field takes P.', 'The unit in Settings, Test kits: 1 mg P/L is 3.1 mg PO4/L.'],
        ['Soil gives some back.', 'Test again two days after a change.'],
      ],
      below: [
        ['Soil, iron or a binder in the filter takes it.', 'New soil and phosphate pads do, for weeks.'],
        ['Doses are missed, or the pump gives less.', 'A minute’s dose into a measuring glass.'],
        OLD_KIT,
      ],
    },
    potassium: {
      above: [
        ['It adds up from several salts and the tap.', 'Count nitrate, phosphate and sulfate of potassium together.'],
        ['Changes are smaller than planned.', 'Litres of the last change.'],
      ],
      below: [['Doses are missed, or the pump gives less.', 'A minute’s dose into a measuring glass.'], OLD_KIT],
    },
    iron: {
      above: [['Tested soon after a dose.', 'Test just before the next one.'], OLD_KIT],
      below: [
        ['The chelate does not hold at this pH: iron is gone within a day.', 'pH against the chelate on the label; smaller daily doses.'],
        [
          'Most kits see only part of chelated iron.',
          'The kit’s leaflet: how long the sample must stand, and how it is treated, in the vial alone.',
        ],
      ],
    },
    oxygen: {
      above: [
        ['Read in the late afternoon, when plants give it off.', 'Read before lights-on as well.'],
        KIT('Calibrate the probe in moist air.'),
      ],
      below: [
        ['Too little surface movement at night.', 'Read before lights-on; watch the animals.'],
        ['Decay, or more animals than the plan has.', 'Food, melting leaves, the filter.'],
        KIT('Calibrate the probe in moist air.'),
      ],
    },
  },
  both: [
    ['Readings are taken at different hours of the gas or dosing day.', 'Test at the same hour, before the dose.'],
    ['Settings or doses changed and were not entered.', 'Settings over time, beside this chart.'],
    OLD_KIT,
  ],
}
