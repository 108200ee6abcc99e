import { gasKitWords } from '@jovrin/contract'
import type { AnsweredLine } from '@jovrin/core'
import { KitLine } from '../../../../drawing/gas/KitLine.js'
import { Measured } from '../../../../drawing/Measured.js'
import type { Desk } from '../../desk.js'

/** The kit of this plan's line, with the names of its parts. */
export function KitDrawing({ desk: { plan }, line }: { readonly desk: Desk; readonly line: AnsweredLine }) {
  const asked = plan.gasLines.find(({ id }) => id === line.id)
  const { parts } = gasKitWords
  const isShared = asked?.sharedWith != null
  return (
    <Measured usual={780}>
      {(width) => (
        <KitLine
          width={width}
          description={gasKitWords.lineDescription(plan.name)}
          regulator={asked?.regulator ?? null}
          diffuser={line.diffuser}
          control={line.control}
          isShared={isShared}
          labels={{
            cylinder: isShared ? parts.cylinderOf : parts.cylinder,
            regulator: parts.regulator,
            valve: line.control === 'controller' ? parts.controlled : parts.valve,
            needle: parts.needle,
            counter: parts.counter,
            check: parts.check,
            diffuser: parts.diffuser[line.diffuser ?? 'in-tank'],
          }}
        />
      )}
    </Measured>
  )
}
