import { Box } from '@mui/material'
import type { SystemStyleObject, Theme } from '@mui/system'
import { useEffect, type ReactNode } from 'react'
import type { FieldValues } from 'react-hook-form'
import { useUnsaved } from '../unsaved.js'
import type { JudgedForm } from './useJudgedForm.js'

interface FormFrameProps<Draft extends FieldValues, Kept> {
  readonly form: JudgedForm<Draft, Kept>
  readonly label?: string
  /** Throws what the server says where it refuses. */
  readonly onKeep: (kept: Kept) => Promise<void> | void
  readonly children: ReactNode
  /** Buttons, the one that sends it first. */
  readonly actions: ReactNode
  readonly actionsSx?: SystemStyleObject<Theme>
}

/** What every form has around its fields: how it is sent, what refuses it, its buttons; and the sheet that holds it stays open while something is unsaved. */
export function FormFrame<Draft extends FieldValues, Kept>({
  form,
  label,
  onKeep,
  children,
  actions,
  actionsSx = {},
}: FormFrameProps<Draft, Kept>) {
  const { isDirty, errors } = form.formState
  const tellUnsaved = useUnsaved()
  useEffect(() => {
    tellUnsaved(isDirty)
    return () => tellUnsaved(false)
  }, [isDirty, tellUnsaved])
  return (
    <Box
      component="form"
      noValidate
      aria-label={label}
      sx={{ display: 'grid', gap: 1.5 }}
      onSubmit={(event) => {
        event.preventDefault()
        void form.keepBy(onKeep)()
      }}
    >
      {children}
      {errors.root?.message !== undefined && (
        <Box role="alert" sx={{ color: 'var(--algae)' }}>
          {errors.root.message}
        </Box>
      )}
      <Box sx={{ display: 'flex', flexWrap: 'wrap', gap: 1, ...actionsSx }}>{actions}</Box>
    </Box>
  )
}
