import ICAL from 'ical.js'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { plainPlan, TANK_ID, testServer, type TestServer } from '../testing/testServer.js'

let server: TestServer
const jobs = async (from: string, to: string) =>
  (await server.agent.get(`/api/tanks/${TANK_ID}/jobs?from=${from}&to=${to}`).expect(200)).body
const told = (change: object = {}) => ({
  ruleId: 'change',
  dueOn: '2026-11-24',
  state: 'done',
  movedTo: null,
  reason: null,
  at: '2026-11-24T09:00:00.000Z',
  recordedBy: 'phone',
  ...change,
})
const address = (record: { ruleId: string; dueOn: string }): string =>
  `/api/tanks/${TANK_ID}/jobs/${encodeURIComponent(record.ruleId)}/${record.dueOn}`

beforeAll(async () => {
  server = await testServer()
  await server.agent.post('/api/tanks').send({
    id: TANK_ID,
    plan: plainPlan({
      gasLines: [
        {
          id: 'c1',
          control: 'timer',
          diffuser: null,
          dissolvedFraction: null,
          peakMgPerL: null,
          cylinderKg: null,
          emptyKg: null,
          regulator: null,
          workingBar: null,
          sharedWith: null,
          bubblesPerS: 2,
          bubbleMl: 0.07,
          linePressureBar: 1,
          beforeLightMin: 90,
          beforeDarkMin: 60,
          limitMgPerL: null,
        },
      ],
    }),
  })
})
afterAll(() => server.close())

describe('a tank that is entered today', () => {
  const NEW = '01920000-0000-7000-8000-0000000000a1'
  const stopOf = async (tankId: string) => {
    const { stops } = (await server.agent.get('/api/round').expect(200)).body
    return stops.find((stop: { tankId: string }) => stop.tankId === tankId)
  }
  test('asks nothing about the days before; entered a week ago it asks', async () => {
    await server.agent
      .post('/api/tanks')
      .send({ id: NEW, plan: plainPlan({ name: 'New', changes: { fraction: 0.5, everyDays: 2, firstWeeks: 'daily' } }) })
    expect((await stopOf(NEW)).overdue).toEqual([])
    await server.db('tank').where({ id: NEW }).update({ created_at: '2026-11-10T09:00:00.000Z' })
    expect((await stopOf(NEW)).overdue.length).toBeGreaterThan(0)
  })
  test('zeros of the dark weeks do not end the tests that animals wait for; those after planting do', async () => {
    const DARK = '01920000-0000-7000-8000-0000000000a2'
    const start = { method: 'dark' as const, endsOnDay: 14, dryLightHours: null }
    await server.agent
      .post('/api/tanks')
      .send({ id: DARK, plan: plainPlan({ name: 'Dark', startedOn: '2026-11-01', start }) })
      .expect(201)
    const planted = { ruleId: 'prepare:planting', dueOn: '2026-11-15', state: 'done', movedTo: null, reason: null, recordedBy: null }
    await server.agent
      .put(`/api/tanks/${DARK}/jobs/prepare:planting/2026-11-15`)
      .send({ ...planted, at: '2026-11-15T10:00:00.000Z' })
      .expect(201)
    let count = 0
    const zeroOn = async (day: string): Promise<void> => {
      for (const quantity of ['ammonia', 'nitrite'])
        await server.agent
          .post(`/api/tanks/${DARK}/journal`)
          .send({
            id: `01920000-0000-7000-8000-00000dad000${count++}`,
            kind: 'reading',
            at: `${day}T08:00:00.000Z`,
            recordedBy: null,
            note: null,
            quantity,
            value: 0,
            qualifier: '=',
            enteredText: '0',
            enteredUnit: 'mg N/L',
            basis: null,
            method: null,
            moment: null,
            eventId: null,
          })
          .expect(201)
    }
    const kinds = async (): Promise<string[]> =>
      (await server.agent.get(`/api/tanks/${DARK}/jobs?from=2026-11-25&to=2026-12-05`).expect(200)).body.jobs.map(
        ({ kind }: { kind: string }) => kind,
      )
    await zeroOn('2026-11-08')
    await zeroOn('2026-11-10')
    expect(await kinds()).toContain('test-nitrogen')
    await zeroOn('2026-11-20')
    await zeroOn('2026-11-22')
    expect(await kinds()).not.toContain('test-nitrogen')
    await server.agent.delete(`/api/tanks/${DARK}`)
  })
  test('a build whose work began before it was entered has it due today', async () => {
    await server.db('tank').where({ id: NEW }).update({ created_at: '2026-11-24T08:00:00.000Z' })
    const building = plainPlan({ name: 'New', startedOn: '2026-11-27' })
    await server.agent.put(`/api/tanks/${NEW}/plan`).set('If-Match', '"1"').send(building).expect(200)
    const stop = await stopOf(NEW)
    expect(stop.overdue).toEqual([])
    expect(stop.due.some(({ dueOn }: { dueOn: string }) => dueOn < '2026-11-24')).toBe(true)
    await server.agent.delete(`/api/tanks/${NEW}`)
  })
})

describe('jobs', () => {
  test('are derived from the plan, with what is due today', async () => {
    const { jobs: listed, today, minutesPerWeek } = await jobs('2026-11-24', '2026-11-24')
    expect(today).toBe('2026-11-24')
    expect(minutesPerWeek).toBeGreaterThan(20)
    const change = listed.find((job: { ruleId: string }) => job.ruleId === 'change')
    expect(change).toMatchObject({ state: 'due', kind: 'change' })
    expect(change.values.water.value).toBeGreaterThan(10)
    expect(listed.find((job: { ruleId: string }) => job.ruleId === 'dose')).toMatchObject({ state: 'assumed', isTimer: true })
  })
  test('what is told today of an earlier day stays in today’s round, to be taken back', async () => {
    await server.db('tank').where({ id: TANK_ID }).update({ created_at: '2026-09-01T09:00:00.000Z' })
    const round = async () =>
      (await server.agent.get('/api/round').expect(200)).body.stops.find((stop: { tankId: string }) => stop.tankId === TANK_ID)
    const [job] = (await round()).overdue
    const record = told({ ruleId: job.ruleId, dueOn: job.dueOn })
    await server.agent.put(address(record)).send(record).expect(201)
    expect((await round()).settled).toContainEqual(expect.objectContaining({ ruleId: job.ruleId, dueOn: job.dueOn, state: 'done' }))
    await server.agent.delete(address(record)).set('If-Match', `"${record.at}"`).expect(204)
    expect((await round()).settled).toEqual([])
  })
  test('told done: idempotent; told otherwise by somebody else: refused with who and what; with the record it replaces: taken', async () => {
    const record = told()
    await server.agent.put(address(record)).send(record).expect(201)
    await server.agent.put(address(record)).send(record).expect(200)
    const rival = told({ state: 'skipped', at: '2026-11-24T10:00:00.000Z', recordedBy: 'desk' })
    const refused = await server.agent.put(address(record)).send(rival).expect(409)
    expect(refused.body.detail).toMatch(/phone has already told of this job: done/)
    await server.agent.put(address(record)).set('If-Match', `"${record.at}"`).send(rival).expect(200)
    await server.agent.delete(address(record)).set('If-Match', `"${record.at}"`).expect(412)
    await server.agent.delete(address(record)).set('If-Match', `"${rival.at}"`).expect(204)
    expect((await jobs('2026-11-24', '2026-11-24')).jobs.find((job: { ruleId: string }) => job.ruleId === 'change').state).toBe('due')
  })
  test('a skipped change is left out of the tank’s past; a moved one takes place on its new day', async () => {
    const record = told({ dueOn: '2026-11-17', state: 'moved', movedTo: '2026-11-19', reason: 'away' })
    await server.agent.put(address(record)).send(record).expect(201)
    const { deeds } = (await server.agent.get(`/api/tanks/${TANK_ID}/timeline`)).body
    expect(deeds.omitted).toContainEqual({ what: 'change', day: 77 })
    expect(deeds.acts).toContainEqual({ kind: 'change', day: 79, minute: 540, fraction: 0.5, hasWiped: true })
    const listed = (await jobs('2026-11-19', '2026-11-19')).jobs
    expect(listed.find((job: { ruleId: string }) => job.ruleId === 'change')).toMatchObject({
      dueOn: '2026-11-17',
      on: '2026-11-19',
      state: 'moved',
      record: { reason: 'away' },
    })
  })
  test('a step of the light that was left out is told to the forecast; the job stays in its day', async () => {
    const young = '01920000-0000-7000-8000-0000000000f1'
    await server.agent.post('/api/tanks').send({ id: young, plan: plainPlan({ name: 'Young', startedOn: '2026-11-09' }) })
    const step = async () =>
      (await server.agent.get(`/api/tanks/${young}/jobs?from=2026-11-23&to=2026-11-23`)).body.jobs.find(
        ({ kind }: { kind: string }) => kind === 'light-step',
      )
    const { ruleId, dueOn } = await step()
    const record = told({ ruleId, dueOn, state: 'skipped', reason: 'hair on the stems' })
    await server.agent
      .put(`/api/tanks/${young}/jobs/${encodeURIComponent(ruleId)}/${dueOn}`)
      .send(record)
      .expect(201)
    expect((await server.agent.get(`/api/tanks/${young}/timeline`)).body.lightPutOff).toEqual([{ day: 14, toDay: null }])
    expect(await step()).toMatchObject({ state: 'skipped', dueOn: '2026-11-23' })
    await server.agent.delete(`/api/tanks/${young}`)
  })
  test.each([[{ state: 'moved', movedTo: null }], [{ state: 'done', movedTo: '2026-11-30' }], [{ state: 'lost' }], [{ reason: '' }]])(
    '%j is refused',
    async (change) => {
      await server.agent.put(address(told())).send(told(change)).expect(400)
    },
  )
  test('spans that are silly are refused', async () => {
    await server.agent.get(`/api/tanks/${TANK_ID}/jobs?from=2026-11-24&to=2026-11-01`).expect(400)
    await server.agent.get(`/api/tanks/${TANK_ID}/jobs?from=2020-11-24&to=2026-11-01`).expect(400)
    await server.agent.get(`/api/tanks/${TANK_ID}/jobs?from=yesterday&to=2026-11-01`).expect(400)
  })
})

test('a round lists tanks with animals in trouble first', async () => {
  const other = '01920000-0000-7000-8000-0000000000bb'
  await server.agent.post('/api/tanks').send({ id: other, plan: plainPlan({ name: 'Second' }) })
  await server.agent
    .post(`/api/tanks/${other}/journal`)
    .send({
      id: '01920000-0000-7000-8000-0000000000c1',
      at: '2026-11-24T07:00:00.000Z',
      recordedBy: null,
      note: null,
      kind: 'glance',
      isAllFine: false,
      animals: 'gasping',
      indicator: 'yellow',
      outlet: null,
    })
    .expect(201)
  const { stops } = (await server.agent.get('/api/round').expect(200)).body
  expect(stops.map(({ name, attention }: { name: string; attention: string[] }) => [name, attention])).toEqual([
    ['Second', ['animals']],
    ['Reading-room river', []],
  ])
  expect(stops[0].lastGlanceAt).toBe('2026-11-24T07:00:00.000Z')
  expect(stops[0].timeZone).toBe(plainPlan().timeZone)
})

describe('the calendar file, in an independent parser', () => {
  test('one event a day with its work, times by the tank’s clock, an alarm before', async () => {
    const answer = await server.agent.get(`/api/tanks/${TANK_ID}/calendar.ics`).buffer(true).expect(200)
    expect(answer.type).toBe('text/calendar')
    const calendar = new ICAL.Component(ICAL.parse(answer.text) as unknown[])
    const events = calendar.getAllSubcomponents('vevent')
    expect(events.length).toBeGreaterThan(30)
    expect(new Set(events.map((event) => event.getFirstPropertyValue('uid'))).size).toBe(events.length)
    const today = events
      .map((event) => new ICAL.Event(event))
      .find(({ startDate }) => startDate.toJSDate().toISOString() === '2026-11-24T17:00:00.000Z') // 18:00 in Berlin
    expect(today?.summary).toMatch(/^Reading-room river: .*Change water/)
    expect(today?.description).toMatch(/Change water: \d+(\.\d+)? L \(50 %\)/)
    expect(today?.component.getAllSubcomponents('valarm')).toHaveLength(1)
  })
  test('all tanks in one', async () => {
    const answer = await server.agent.get('/api/calendar.ics').buffer(true).expect(200)
    const summaries = new ICAL.Component(ICAL.parse(answer.text) as unknown[])
      .getAllSubcomponents('vevent')
      .map((event) => String(event.getFirstPropertyValue('summary')))
    expect(summaries.some((line) => line.startsWith('Second'))).toBe(true)
    expect(summaries.some((line) => line.startsWith('Reading-room river'))).toBe(true)
  })
})

test('a tank’s name cannot write lines of its own into a calendar file', async () => {
  const id = '01920000-0000-7000-8000-0000000000cc'
  const name = 'Evil\r\nBEGIN:VEVENT\r\nSUMMARY:forged\r\nEND:VEVENT\u2028X:1;,\\'
  await server.agent
    .post('/api/tanks')
    .send({ id, plan: plainPlan({ name }) })
    .expect(201)
  for (const path of [`/api/tanks/${id}/calendar.ics`, '/api/calendar.ics']) {
    const { text } = await server.agent.get(path).buffer(true).expect(200)
    expect(text).not.toMatch(/^(SUMMARY:forged|BEGIN:VEVENT[^\r\n]|X:1)/m)
    const summaries = new ICAL.Component(ICAL.parse(text) as unknown[])
      .getAllSubcomponents('vevent')
      .map((event) => String(event.getFirstPropertyValue('summary')))
    expect(summaries.filter((line) => line === 'forged')).toEqual([])
    expect(summaries.some((line) => line.startsWith('Evil BEGIN:VEVENT SUMMARY:forged END:VEVENT X:1;,\\: '))).toBe(true)
  }
  const one = await server.agent.get(`/api/tanks/${id}/calendar.ics`).buffer(true)
  // Long lines are folded; unfolded, the name is one line.
  const named = one.text
    .replace(/\r\n[ \t]/g, '')
    .split('\r\n')
    .filter((line) => /^(NAME|X-WR-CALNAME)/.test(line))
  expect(named).toHaveLength(2)
  await server.agent.delete(`/api/tanks/${id}`).expect(204)
})

describe('a tank that is planted in a month', () => {
  const PLANNED = '01920000-0000-7000-8000-0000000000dd'
  const listed = async (from: string, to: string): Promise<{ ruleId: string; dueOn: string; state: string }[]> =>
    (await server.agent.get(`/api/tanks/${PLANNED}/jobs?from=${from}&to=${to}`).expect(200)).body.jobs
  const order = {
    ruleId: 'prepare:plants-order',
    dueOn: '2026-12-16',
    state: 'done',
    movedTo: null,
    reason: null,
    at: '2026-11-24T09:00:00.000Z',
    recordedBy: null,
  }
  beforeAll(async () => {
    await server.agent
      .post('/api/tanks')
      .send({ id: PLANNED, plan: plainPlan({ name: 'Planned', startedOn: '2026-12-23' }) })
      .expect(201)
  })
  test('has its preparations as jobs before its care, and both in its calendar file', async () => {
    const jobsOfMonth = await listed('2026-11-24', '2026-12-30')
    expect(jobsOfMonth.filter(({ dueOn }) => dueOn < '2026-12-23').every(({ ruleId }) => ruleId.startsWith('prepare:'))).toBe(true)
    expect(jobsOfMonth.find(({ ruleId }) => ruleId === 'prepare:planting')).toMatchObject({ dueOn: '2026-12-23', state: 'due' })
    expect(jobsOfMonth.some(({ ruleId }) => ruleId === 'change')).toBe(true)
    const answer = await server.agent.get(`/api/tanks/${PLANNED}/calendar.ics`).buffer(true).expect(200)
    const summaries = new ICAL.Component(ICAL.parse(answer.text) as unknown[])
      .getAllSubcomponents('vevent')
      .map((event) => String(event.getFirstPropertyValue('summary')))
    expect(summaries).toContainEqual(expect.stringContaining('Order the plants'))
    expect(summaries).toContainEqual(expect.stringContaining('Plant'))
  })
  test('what is done stays done when the planting day moves by a week', async () => {
    await server.agent
      .put(`/api/tanks/${PLANNED}/jobs/${encodeURIComponent(order.ruleId)}/${order.dueOn}`)
      .send(order)
      .expect(201)
    const { body, headers } = await server.agent.get(`/api/tanks/${PLANNED}/plan`).expect(200)
    await server.agent
      .put(`/api/tanks/${PLANNED}/plan`)
      .set('If-Match', headers['etag'] ?? '')
      .send({ ...body, startedOn: '2026-12-30' })
      .expect(200)
    const jobsOfMonth = await listed('2026-11-24', '2026-12-30')
    expect(jobsOfMonth.filter(({ ruleId }) => ruleId === 'prepare:plants-order')).toEqual([
      expect.objectContaining({ dueOn: '2026-12-16', state: 'done' }),
    ])
    expect(jobsOfMonth.find(({ ruleId }) => ruleId === 'prepare:plants-arrive')).toMatchObject({ dueOn: '2026-12-29' })
  })
})
