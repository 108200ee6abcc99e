export const enEmergency = {
  title: 'Animals in trouble: do this now',
  steps: [
    ['Gas off at the valve.', 'Close the cylinder or the needle by hand; do not trust the timer.'],
    ['Air on, outlet raised.', 'Air stone, or the outlet breaking the surface. Lamp on if it is day.'],
    [
      'Young tank, freshly dug, or ammonia above 0.5 mg/L?',
      'Then first treat the whole volume with an ammonia binder: driving gas out raises pH, and with it the toxic share (from pH 6.3 to 7.6 about twentyfold).',
    ],
    ['Change 30 to 50 %', 'with tempered, conditioned water, slowly.'],
    ['Never add anything that raises pH or KH.', 'A swing of pH made by CO2 alone does little harm.'],
    ['Find the cause before gas returns, at half the rate:', 'stuck valve, wrong clock, a cylinder at its end that surges.'],
  ] as readonly (readonly [string, string])[],
  binderFirst: (name: string, day: string) => `${name} is on day ${day}: treat with an ammonia binder first.`,
  volume: (name: string, low: string, high: string) => `${name}: change ${low} to ${high}.`,
  people: 'You feel dizzy or short of breath near the cylinder: out of the room, doors open, call for help.',
  note: 'The animals’ behaviour overrides any number. Local rules, makers’ instructions and a vet come first.',
  print: 'Print the card',
  close: 'Close',
  log: 'Log what you saw',
} as const
