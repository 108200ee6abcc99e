import { answersWords, todayWords, type TankEntry } from '@jovrin/contract'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { useQuery } from '@tanstack/react-query'
import type { ReactNode } from 'react'
import { Link, useParams, useSearchParams } from 'react-router'
import { allTanks } from '../../api/tanks.queries.js'
import { lastTank } from '../../ui/lastTank.js'
import { AwayAnswer } from './away/AwayAnswer.js'
import { AnimalsAnswer } from './AnimalsAnswer.js'
import { DoseAnswer } from './DoseAnswer.js'
import { GasAnswer } from './GasAnswer.js'
import { LightAnswer } from './LightAnswer.js'
import { NormalAnswer } from './NormalAnswer.js'
import { Sums } from './Sums.js'
import { SuppliesAnswer } from './SuppliesAnswer.js'
import { WeatherAnswer } from './WeatherAnswer.js'
import { WaterAnswer } from './WaterAnswer.js'

type QuestionId = keyof typeof answersWords.list

/** Questions that are answered here, and whether a tank is needed for it. Today's has a place of its own. */
const QUESTIONS: readonly { readonly id: QuestionId; readonly needsTank: boolean }[] = [
  { id: 'gas', needsTank: true },
  { id: 'normal', needsTank: true },
  { id: 'light', needsTank: true },
  { id: 'dose', needsTank: false },
  { id: 'animals', needsTank: true },
  { id: 'water', needsTank: false },
  { id: 'build', needsTank: false },
  { id: 'away', needsTank: true },
  { id: 'weather', needsTank: true },
  { id: 'supplies', needsTank: false },
]

/** The questions that growers open this for, and their answers: one click for the list, one for the answer. */
export function AnswersPlace() {
  const { question } = useParams()
  const [search, setSearch] = useSearchParams()
  const tanks = useQuery(allTanks()).data ?? []
  const tank = tanks.find(({ id }) => id === (search.get('tank') ?? lastTank())) ?? tanks[0] ?? null
  const wanted = tank?.id ?? search.get('tank')
  const query = wanted === null ? '' : `?tank=${wanted}`
  // Without a question the one that is asked most stands open, as far as it can be answered.
  const asked = question ?? (tank === null ? 'dose' : 'gas')
  const known = QUESTIONS.find(({ id }) => id === asked)
  return (
    <Box sx={{ display: 'grid', gridTemplateColumns: { xs: 'minmax(0,1fr)', md: '380px minmax(0,1fr)' }, flexGrow: 1 }}>
      <Box
        component="nav"
        aria-label={answersWords.title}
        sx={{
          borderRight: { md: '2px solid var(--ink)' },
          background: 'var(--sheet)',
          px: 2,
          py: 1.5,
          display: { xs: question === undefined ? 'block' : 'none', md: 'block' },
        }}
      >
        <Box component="h2" className="lettering" sx={{ m: 0, fontSize: 26 }}>
          {answersWords.title}
        </Box>
        <Box sx={{ color: 'text.secondary', mb: 1 }}>{answersWords.intro}</Box>
        {tanks.length > 1 && (
          <TextField
            select
            label={answersWords.which}
            value={tank?.id ?? ''}
            onChange={(event) => setSearch({ tank: event.target.value }, { replace: true })}
            slotProps={{ inputLabel: { shrink: true } }}
            fullWidth
            sx={{ mb: 1 }}
          >
            {tanks.map(({ id, plan }) => (
              <MenuItem key={id} value={id}>
                {plan.name}
              </MenuItem>
            ))}
          </TextField>
        )}
        <Box component="ol" sx={{ listStyle: 'none', m: 0, p: 0 }}>
          <Question to="/today" id="today" isOpen={false} />
          {QUESTIONS.map(({ id }) => (
            <Question key={id} to={`/answers/${id}${query}`} id={id} isOpen={id === asked} />
          ))}
        </Box>
      </Box>
      <Box sx={{ px: { xs: 2, md: 4 }, py: 2, minWidth: 0, maxWidth: 900 }}>
        {question !== undefined && (
          <Button component={Link} to={`/answers${query}`} sx={{ display: { md: 'none' }, mb: 1, minHeight: 44 }}>
            {answersWords.all}
          </Button>
        )}
        {known === undefined ? (
          <p>{answersWords.begin}</p>
        ) : known.needsTank && tank === null ? (
          <p>{todayWords.empty}</p>
        ) : (
          <Answer key={`${known.id} ${tank?.id ?? ''}`} id={known.id} tank={tank} />
        )}
      </Box>
    </Box>
  )
}

function Question({ to, id, isOpen }: { to: string; id: QuestionId; isOpen: boolean }) {
  const [title, hint] = answersWords.list[id]
  return (
    <Box component="li" sx={{ borderTop: '1px solid var(--hair)', py: 0.75 }}>
      <Box
        component={Link}
        to={to}
        aria-current={isOpen ? 'page' : undefined}
        sx={{ color: 'inherit', fontWeight: isOpen ? 700 : 500, textDecoration: 'none', '&:hover': { textDecoration: 'underline' } }}
      >
        {title}
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 13.5 }}>{hint}</Box>
    </Box>
  )
}

function Answer({ id, tank }: { id: QuestionId; tank: TankEntry | null }): ReactNode {
  const [title] = answersWords.list[id]
  return (
    <>
      <Box component="h1" className="lettering" sx={{ m: 0, mb: 1.5, fontSize: 22, textTransform: 'none', letterSpacing: '0.02em' }}>
        {title}
      </Box>
      {id === 'gas' && tank !== null && <GasAnswer tank={tank} />}
      {id === 'normal' && tank !== null && <NormalAnswer tank={tank} />}
      {id === 'light' && tank !== null && <LightAnswer tank={tank} />}
      {id === 'animals' && tank !== null && <AnimalsAnswer tank={tank} />}
      {id === 'dose' && tank !== null && <DoseAnswer tank={tank} />}
      {id === 'water' && tank !== null && <WaterAnswer tank={tank} />}
      {id === 'dose' && (
        <Sums
          ids={[
            'feed.salt-grams',
            'feed.stock-grams',
            'feed.stock-strength',
            'feed.bottle-dose',
            'feed.label-strength',
            'feed.accumulation',
          ]}
          tank={tank}
        />
      )}
      {id === 'water' && (
        <Sums
          ids={[
            'water.blend-share',
            'water.gh-salt',
            'water.kh-salt',
            'water.conditioner',
            'water.fill-time',
            'water.changes-needed',
            'water.hot-water',
          ]}
          tank={tank}
        />
      )}
      {id === 'build' && (
        <Sums ids={['ground.bags', 'vessel.net-water', 'vessel.filled-weight', 'hardscape.ballast', 'vessel.twist']} tank={tank} />
      )}
      {id === 'away' && tank !== null && <AwayAnswer tank={tank} />}
      {id === 'weather' && tank !== null && <WeatherAnswer tank={tank} />}
      {id === 'supplies' && tank !== null && <SuppliesAnswer tank={tank} />}
      {id === 'supplies' && <Sums ids={['gas.cylinder-days', 'gas.bubble-rate']} tank={tank} />}
    </>
  )
}
