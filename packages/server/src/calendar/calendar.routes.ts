import { civilDate } from '@jovrin/core'
import { type TankEntry, TankId } from '@jovrin/contract'
import { Router } from 'express'
import type { Clock } from '../clock.js'
import type { JobService } from '../job/job.service.js'
import type { TankService } from '../tank/tank.service.js'
import { calendarSpan, icalendar, type CalendarTank } from './ical.js'

/** Files for calendar programs: one tank, or all of them; the same address serves as a subscription. */
export const calendarRoutes = (jobs: JobService, tanks: TankService, clock: Clock): Router => {
  const told = async ({ id, plan }: TankEntry): Promise<CalendarTank> => ({
    tankId: id,
    name: plan.name,
    timeZone: plan.timeZone,
    jobs: (await jobs.list(id, ...calendarSpan(civilDate(clock(), plan.timeZone)))).jobs,
  })
  return Router()
    .get('/calendar.ics', async (_req, res) => {
      res.type('text/calendar').send(icalendar(await Promise.all((await tanks.all()).map(told)), clock()))
    })
    .get('/tanks/:id/calendar.ics', async (req, res) => {
      const tank = await tanks.one(TankId.safeParse(req.params['id']).data ?? null)
      res.type('text/calendar').send(icalendar([await told(tank)], clock()))
    })
}
