export const emergencyWords = {
  title: 'Animals in trouble: do this now',
  steps: [
    ['Gas off at the valve.', 'Close the cylinder or the needle by hand; do not trust the timer. No food.'],
    [
      'Tank under eight weeks, freshly dug, or ammonia above 0.5 mg/L? Binder before air.',
      'Treat the whole volume with an ammonia binder first: driving gas out raises pH, and with it the toxic share (from pH 6.3 to 7.6 about twentyfold). No binder at hand? Do not wait: suffocation is faster.',
    ],
    ['Air on, outlet raised.', 'Air stone, or the outlet breaking the surface. Lamp on if it is day.'],
    [
      'Was water changed within the last three hours? Then condition the whole tank first,',
      'as for its full volume, and use no more of that water until chlorine strip, thermometer and hardness test have cleared it. Otherwise change 30 to 50 % with tempered, conditioned water, slowly, its pH no higher than the tank’s.',
    ],
    [
      'Never add anything that raises pH or KH; no remedies, no ice, no filter washing.',
      'A swing of pH made by CO2 alone does little harm.',
    ],
    ['Find the cause before gas returns, at half the rate:', 'stuck valve, wrong clock, a cylinder at its end that surges.'],
  ] as readonly (readonly [string, string])[],
  binderFirst: (name: string) => `${name}: binder before air (step 2).`,
  noBinder: (name: string) => `${name}: tests show no ammonia to fear; air at once.`,
  volume: (name: string, low: string, high: string) => `${name}: change ${low} to ${high}.`,
  people: 'You feel dizzy or short of breath near the cylinder: out of the room, doors open, call for help.',
  note: 'The animals’ behaviour overrides any number. Local rules, makers’ instructions and a vet come first.',
  print: 'Print the card',
  close: 'Close',
  log: 'Log what you saw',
} as const
