import { GasFitRequest, type GasFitResponse } from '@jovrin/contract'
import { fitGasLog, minutesOf, windowOf } from '@jovrin/core'
import { Router } from 'express'

/** Loss and injection from any log of pH, without a tank being kept. */
export const gasFitRoutes = (): Router =>
  Router().post('/gas-fits', (req, res) => {
    const { gasWindows, lightWindows, startClock, litres, ...log } = GasFitRequest.parse(req.body)
    const windows = (texts: readonly string[]) => texts.flatMap((text) => windowOf(text) ?? [])
    const fit = fitGasLog({ ...log, startMin: minutesOf(startClock), gas: windows(gasWindows), light: windows(lightWindows) })
    const given = fit.injectionMgPerLPerH
    const answer: GasFitResponse = {
      ...fit,
      reasons: [...fit.reasons],
      dissolvedMgPerH: given === null ? null : { value: given.value * litres, low: given.low * litres, high: given.high * litres },
    }
    res.json(answer)
  })
