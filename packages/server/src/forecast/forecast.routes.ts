import { ForecastRequest } from '@jovrin/contract'
import { upgradeBody } from '../plan/upgradeBody.js'
import { Router } from 'express'
import { forecastCsv } from './csv.js'
import type { ForecastService } from './forecast.service.js'

export const forecastRoutes = (forecasts: ForecastService): Router =>
  Router().post('/forecasts', async (req, res) => {
    const request = ForecastRequest.parse(upgradeBody(req.body))
    const gone = new AbortController()
    res.on('close', () => gone.abort()) // after the answer it stops nothing
    const forecast = await forecasts.run(request, gone.signal)
    if (req.accepts(['application/json', 'text/csv']) === 'text/csv') res.type('text/csv').send(forecastCsv(forecast))
    else res.json(forecast)
  })
