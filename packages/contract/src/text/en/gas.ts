import type { Diffuser, GasAdvice, GasControl, GasDoubt, GasMoment, GasSource, GasVerdict, Regulator } from '@jovrin/core'

export const gasControlWords = { none: 'none', timer: 'timer', controller: 'controller' } satisfies Record<GasControl, string>

export const diffuserWords = {
  'in-tank': 'stone or disc in the tank',
  'in-line': 'in the filter’s hose',
  reactor: 'reactor',
} satisfies Record<Diffuser, string>

export const regulatorWords = { single: 'one stage', dual: 'two stages' } satisfies Record<Regulator, string>

/** What is said of a tank's gas now, in every place. */
export const gasVerdictWords = {
  suffering: 'Animals are in trouble: follow the emergency card now.',
  dangerous: 'Far too much CO2 for animals.',
  'too-much': 'Too much CO2 for animals.',
  much: 'More CO2 than animals should have.',
  wasted: 'More CO2 than plants can use; no animals are in.',
  short: 'Too little CO2, even at gas-off.',
  late: 'Too little CO2 when the lights come on.',
  doubtful: 'What was measured does not tell the CO2 for sure.',
  unknown: 'CO2 was not measured of late.',
  enough: 'Enough CO2, and within the limits.',
  'no-gas': 'No gas is planned here.',
} satisfies Record<GasVerdict, string>

export const gasWords = { byPlan: 'By the plan, not measured:' } as const

type Advice = string | ((limit: string) => string)
/** What to do about it, in the order of doing. */
export const gasAdviceWords = {
  card: 'Open the emergency card and follow it from the top. Gas comes back only when the cause is found, at half the rate.',
  'shut-now':
    'Shut the gas at the valve now. Then air on and outlet up; in a young tank, or with ammonia above 0.5 mg/L, an ammonia binder first. Once the animals are calm and the indicator is green, begin again at half the rate.',
  'turn-down': 'Turn the gas down by a third today. Watch the animals at gas-off; if one gasps, open the emergency card.',
  'turn-down-little': 'Turn it down by a tenth, and measure again at gas-off in two days.',
  'plan-lower': 'Before gas is opened: fewer bubbles or less pressure, by the finding in the plan. Or tell the plan what you really count.',
  'less-waste': 'Less does as well. Bring it down to 20–30 mg/L in the week before animals come.',
  'first-week': 'The animals are new: hold the peak near 15 mg/L at first, and let it rise over a week.',
  'night-gas': 'There was CO2 before the gas opens. Does the valve shut at night? Air at night helps.',
  'nitrogen-first': 'See to ammonia and nitrite first: neither more gas nor a longer gas day until both are at zero.',
  'check-line': 'The bubbles that the plan counts would give more: look for a leak, a clogged diffuser, an empty cylinder first.',
  'controller-shuts': (limit) => `The controller shuts at ${limit}: more bubbles change nothing, its setting decides.`,
  raise: 'Raise it by a tenth every two days while the animals stay calm, to 20–30 mg/L at gas-off (with shrimps 15–25).',
  earlier: 'Open the gas half an hour earlier, not wider.',
  'measure-ph': 'Log pH at lights-on and at gas-off of one day, and KH; or the indicator’s colour at gas-off.',
  'measure-kh': 'Test KH on the day of the pH: it is missing, old, or moving.',
  'measure-kh-double': 'Below KH 2 pH and KH tell little: titrate KH in a double or fourfold sample.',
  'measure-drop':
    'Acids show CO2 that is not there: let a sample stand open with air for a day and log its pH as “degassed sample”; the drop from it tells.',
  'measure-room': 'Tell the CO2 of the room in the plan: the drop is only as good as the room’s air.',
  'measure-again': 'Measure again at the same moments: what is known is old, or from before the last change.',
  'measure-peak': 'Measure at gas-off: that is the peak, and it decides for animals.',
  hold: 'Leave it as it is.',
} satisfies Record<GasAdvice, Advice>

export const gasSourceWords = {
  indicator: 'indicator',
  'ph-kh': 'pH and KH',
  drop: 'drop from a degassed sample',
  plan: 'plan',
} satisfies Record<GasSource, string>

export const gasMomentWords = {
  'before-gas': 'before gas',
  'lights-on': 'lights on',
  peak: 'gas off',
  'some-time': 'some time',
} satisfies Record<GasMoment, string>

/** Why a piece of evidence is trusted less. */
export const gasDoubtWords = {
  'kh-low': 'KH under 2',
  'kh-apart': 'KH of another day',
  tannin: 'tannin',
  'new-soil': 'new soil',
  'room-air': 'room air unknown',
  old: 'old',
  'before-change': 'before the last change',
  lags: 'shows the past',
} satisfies Record<GasDoubt, string>
