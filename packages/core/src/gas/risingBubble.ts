import { CO2_G_PER_MOL, GAS_CONSTANT, KELVIN_AT_0_C } from '../quantity/physicalConstants.js'
import { requireWithin } from '../quantity/outOfRange.js'
import { carbonateConstants } from '../water/carbonate.js'

const AIR_PA = 101_325
const WATER_KG_PER_M3 = 998
const GRAVITY = 9.81
const STEP_S = 0.004
const GONE_M = 2e-5

/** Viscosity of water [Pa·s], 0–40 °C. Vogel's equation, as in Reid, Prausnitz & Poling (1987). */
const viscosityPaS = (temperatureC: number): number => 2.414e-5 * 10 ** (247.8 / (temperatureC + KELVIN_AT_0_C - 140))
/** Diffusivity of CO2 in water [m²/s]: 1.91e-9 at 25 °C (Cussler 1997), with temperature by Stokes and Einstein. */
const diffusivityM2PerS = (temperatureC: number): number =>
  ((1.91e-9 * (temperatureC + KELVIN_AT_0_C)) / 298.15) * (viscosityPaS(25) / viscosityPaS(temperatureC))

/** Speed of a bubble that rises freely [m/s]; small ones in tank water are as stiff as beads, since what plants and food give off covers them. Schiller & Naumann (1933), to Re 800. */
function riseMPerS(diameterM: number, viscosity: number): number {
  let speed = 0.1
  for (let turn = 0; turn < 12; turn++) {
    const reynolds = Math.max(1e-3, (WATER_KG_PER_M3 * speed * diameterM) / viscosity)
    const drag = (24 / reynolds) * (1 + 0.15 * Math.min(reynolds, 800) ** 0.687)
    speed = (speed + Math.sqrt((4 * GRAVITY * diameterM) / (3 * drag))) / 2
  }
  return speed
}

/** How fast bubbles go over: by mass transfer over the formula's, and by the water that the swarm drags up with it [m/s]. Rules of thumb. */
export const BUBBLE_WAYS = {
  low: { transferTimes: 0.8, swarmMPerS: 0.2 },
  value: { transferTimes: 1, swarmMPerS: 0.1 },
  high: { transferTimes: 1.3, swarmMPerS: 0.05 },
} as const
/** Air goes into a bubble as gas goes out of it: the last of it reaches the surface. Rule of thumb 0.9–0.98. */
const MOST_DISSOLVED = 0.95

/** Share of a CO2 bubble that has dissolved when it has risen so far. Mass transfer of a stiff sphere, Frössling (1938): Sh = 2 + 0.552·Re^½·Sc^⅓.
 *  Left out: currents, which carry mist about longer. Diameter 0.1–5 mm, rise 1–200 cm, water of 0–500 mg/L CO2. */
export function dissolvedOfBubble(
  diameterMm: number,
  riseCm: number,
  { temperatureC, co2MgPerL }: { readonly temperatureC: number; readonly co2MgPerL: number },
  { transferTimes, swarmMPerS }: { readonly transferTimes: number; readonly swarmMPerS: number } = BUBBLE_WAYS.value,
): number {
  requireWithin('diameterMm', diameterMm, 0.1, 5)
  requireWithin('riseCm', riseCm, 1, 200)
  const kelvin = temperatureC + KELVIN_AT_0_C
  const viscosity = viscosityPaS(temperatureC)
  const diffusivity = diffusivityM2PerS(temperatureC)
  const schmidt = viscosity / WATER_KG_PER_M3 / diffusivity
  const { kHenry } = carbonateConstants(temperatureC)
  const start = diameterMm / 1000
  let diameter = start
  let depth = riseCm / 100
  while (depth > 0 && diameter > GONE_M) {
    const pressurePa = AIR_PA + WATER_KG_PER_M3 * GRAVITY * depth
    const gasKgPerM3 = (pressurePa * CO2_G_PER_MOL) / 1000 / (GAS_CONSTANT * kelvin)
    const saturationKgPerM3 = (kHenry * (pressurePa / AIR_PA) * CO2_G_PER_MOL * WATER_KG_PER_M3) / 1000
    const speed = riseMPerS(diameter, viscosity)
    const reynolds = (WATER_KG_PER_M3 * speed * diameter) / viscosity
    const transferMPerS = (transferTimes * (2 + 0.552 * Math.sqrt(reynolds) * Math.cbrt(schmidt)) * diffusivity) / diameter
    diameter -= ((2 * transferMPerS * Math.max(0, saturationKgPerM3 - co2MgPerL / 1000)) / gasKgPerM3) * STEP_S
    depth -= (speed + swarmMPerS) * STEP_S
  }
  return Math.min(MOST_DISSOLVED, 1 - (Math.max(0, diameter) / start) ** 3)
}
