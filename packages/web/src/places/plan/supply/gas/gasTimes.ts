import { minutesOf, type AnsweredLine, type Plan } from '@jovrin/core'
import type { Stretch } from '../../../../drawing/gas/GasCurve.js'

export const lightStretches = ({ lightWindows }: Pick<Plan, 'lightWindows'>): Stretch[] =>
  lightWindows.map(({ on, hours }) => ({ fromMin: minutesOf(on), toMin: minutesOf(on) + hours * 60 }))
export const gasStretches = (
  { lightWindows }: Pick<Plan, 'lightWindows'>,
  line: Pick<AnsweredLine, 'beforeLightMin' | 'beforeDarkMin'>,
): Stretch[] =>
  lightWindows.map(({ on, hours }) => ({
    fromMin: minutesOf(on) - line.beforeLightMin,
    toMin: minutesOf(on) + hours * 60 - line.beforeDarkMin,
  }))
