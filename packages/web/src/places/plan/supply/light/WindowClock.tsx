import { fieldWords } from '@jovrin/contract'
import type { LightWindow } from '@jovrin/core'
import { TimeField } from '../../../../ui/dates/DateField.js'
import type { Desk } from '../../desk.js'

/** When one window of light opens. */
export function WindowClock({ desk, window }: { readonly desk: Desk; readonly window: LightWindow }) {
  const [label, title] = fieldWords['lightWindows/*/on']
  const change = (on: string): void =>
    desk.change((now) => ({ ...now, lightWindows: now.lightWindows.map((one) => (one.id === window.id ? { ...one, on } : one)) }), false)
  return (
    <TimeField
      label={label}
      title={title}
      question="lightWindows/*/on"
      value={window.on}
      onChange={(on) => on !== '' && change(on)}
      onCommit={desk.commit}
    />
  )
}
