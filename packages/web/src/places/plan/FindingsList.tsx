import { planWords } from '@jovrin/contract'
import { findingKey, mendFinding, type Finding, type Plan, type Sheet } from '@jovrin/core'
import { Box, Button, TextField } from '@mui/material'
import { memo, useState } from 'react'
import { Link } from 'react-router'
import { localId } from '../../api/localId.js'
import { WithTerms } from '../../ui/terms.js'
import { useUnits } from '../../ui/units.js'
import { addressOfSheet, sheetName } from '../shared/sheetPlace.js'
import { findingSentence, mendLabel } from './describe/findings.text.js'
import type { Desk } from './desk.js'

const SHOWN = 4

interface FindingsListProps {
  /** Of a tank that is not kept yet there are no other sheets to go to. */
  readonly tankId: string | null
  readonly muted: Plan['muted']
  readonly change: Desk['change']
  readonly findings: readonly Finding[]
  /** What concerns this sheet, and what stops the plan wherever it stands; all sheets when left out. What stands elsewhere is led to. */
  readonly sheet?: Sheet
  readonly onChoose?: (id: string) => void
}

/** What to look at, most serious first; what can be mended by one click is, and what may stay so is let be with a note. */
export const FindingsList = memo(function FindingsList(props: FindingsListProps) {
  const { findings, sheet, muted, change } = props
  const units = useUnits()
  const [isOpen, setOpen] = useState(false)
  const here = sheet === undefined ? findings : findings.filter((finding) => finding.sheet === sheet || finding.severity === 'stop')
  const noteOf = (finding: Finding) => muted.find((one) => one.finding === findingKey(finding))
  const open = here.filter((finding) => noteOf(finding) === undefined)
  const letBe = here.filter((finding) => noteOf(finding) !== undefined)
  return (
    <>
      {open.length === 0 && <Box sx={{ color: 'text.secondary', fontSize: 14, mt: 1 }}>{planWords.noFindings}</Box>}
      <Box component="ul" aria-label={planWords.findings} sx={{ listStyle: 'none', m: 0, mt: 1, p: 0, fontSize: 14 }}>
        {open.slice(0, isOpen ? open.length : SHOWN).map((finding) => (
          <OneFinding key={findingKey(finding)} {...props} finding={finding} />
        ))}
        {open.length > SHOWN && (
          <li>
            <Button variant="text" sx={{ px: 0 }} aria-expanded={isOpen} onClick={() => setOpen(!isOpen)}>
              {isOpen ? planWords.fewer : planWords.more(String(open.length - SHOWN))}
            </Button>
          </li>
        )}
      </Box>
      {letBe.length > 0 && (
        <Box component="details" className="no-print" sx={{ fontSize: 14, color: 'text.secondary' }}>
          <summary>{planWords.muted(String(letBe.length))}</summary>
          {letBe.map((finding) => (
            <Box key={findingKey(finding)} sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
              <span>
                {findingSentence(finding, units)} {noteOf(finding)?.note !== '' && <i>{noteOf(finding)?.note}</i>}
              </span>
              <Button
                variant="text"
                sx={{ py: 0, whiteSpace: 'nowrap' }}
                onClick={() => change((plan) => ({ ...plan, muted: plan.muted.filter((one) => one.finding !== findingKey(finding)) }))}
              >
                {planWords.unmute}
              </Button>
            </Box>
          ))}
        </Box>
      )}
    </>
  )
})

function OneFinding({ finding, tankId, change, sheet, onChoose }: FindingsListProps & { finding: Finding }) {
  const units = useUnits()
  const [note, setNote] = useState<string | null>(null)
  const sentence = findingSentence(finding, units)
  const mute = (): void =>
    change((plan) => ({ ...plan, muted: [...plan.muted, { id: localId('m'), finding: findingKey(finding), note: (note ?? '').trim() }] }))
  return (
    <Box component="li" sx={{ py: '2px', color: finding.severity === 'note' ? 'text.secondary' : 'var(--algae)' }}>
      <Box sx={{ display: 'flex', gap: 1, alignItems: 'baseline' }}>
        <span aria-hidden>{finding.severity === 'stop' ? '▲' : finding.severity === 'warn' ? '△' : '·'}</span>
        <Box sx={{ flexGrow: 1 }}>
          <WithTerms>{sentence}</WithTerms>
          {tankId !== null && sheet !== finding.sheet && (
            <>
              {' '}
              <Box component={Link} to={addressOfSheet(tankId, finding.sheet)} sx={{ color: 'inherit', whiteSpace: 'nowrap' }}>
                {sheetName(finding.sheet)}
              </Box>
            </>
          )}
        </Box>
        {finding.id !== undefined && onChoose && finding.sheet === sheet && (
          <Button variant="text" sx={{ minWidth: 0, py: 0 }} onClick={() => onChoose(finding.id ?? '')}>
            {planWords.showIt}
          </Button>
        )}
        {finding.mend && (
          <Button sx={{ whiteSpace: 'nowrap', flexShrink: 0, py: 0 }} onClick={() => change((plan) => mendFinding(plan, finding))}>
            {mendLabel(finding.mend, units)}
          </Button>
        )}
        {finding.severity !== 'stop' && note === null && (
          <Button
            variant="text"
            sx={{ minWidth: 0, py: 0, whiteSpace: 'nowrap', color: 'text.secondary' }}
            aria-label={planWords.muteWhy(sentence)}
            onClick={() => setNote('')}
          >
            {planWords.mute}
          </Button>
        )}
      </Box>
      {note !== null && (
        <Box
          component="form"
          sx={{ display: 'flex', gap: 1, alignItems: 'end', pl: 2 }}
          onSubmit={(event) => {
            event.preventDefault()
            mute()
          }}
        >
          <TextField
            autoFocus
            label={planWords.muteNote}
            value={note}
            onChange={(event) => setNote(event.target.value)}
            onKeyDown={(event) => event.key === 'Escape' && setNote(null)}
            slotProps={{ htmlInput: { maxLength: 300 }, inputLabel: { shrink: true } }}
            sx={{ flexGrow: 1 }}
          />
          <Button type="submit">{planWords.muteKeep}</Button>
        </Box>
      )}
    </Box>
  )
}
