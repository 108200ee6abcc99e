import { formWords } from '@jovrin/contract'
import { cleanup, screen } from '@testing-library/react'
import { afterEach, describe, expect, test, vi } from 'vitest'
import { z } from 'zod'
import { hand, press } from '../../testing/hand.js'
import { renderPage } from '../../testing/renderPage.js'
import { SheetDialog } from '../SheetDialog.js'
import { TextInput } from './fields.js'
import { FormFrame } from './FormFrame.js'
import { SaveOrCancel } from './SaveOrCancel.js'
import { useJudgedForm } from './useJudgedForm.js'

afterEach(cleanup)

describe('a sheet with a form', () => {
  const Name = z.object({ name: z.string().min(1) })
  function Sheet({ onClose, onKeep }: { onClose: () => void; onKeep: (name: string) => void }) {
    const form = useJudgedForm({ schema: Name, draft: { name: '' } })
    return (
      <SheetDialog title="A sheet" isOpen onClose={onClose}>
        <FormFrame form={form} onKeep={({ name }) => onKeep(name)} actions={<SaveOrCancel save="Save" onCancel={onClose} />}>
          <TextInput control={form.control} name="name" label="Name" most={5} />
        </FormFrame>
      </SheetDialog>
    )
  }
  test('Escape closes it while nothing is typed, and loses nothing once something is', async () => {
    const onClose = vi.fn()
    const onKeep = vi.fn()
    renderPage(<Sheet onClose={onClose} onKeep={onKeep} />)
    await hand.click(screen.getByLabelText('Name'))
    await hand.keyboard('{Escape}')
    expect(onClose).toHaveBeenCalledTimes(1)
    await hand.keyboard('pond{Escape}')
    expect(onClose).toHaveBeenCalledTimes(1)
    expect(screen.getByRole('alert').textContent).toBe(formWords.unsaved)
    await hand.keyboard('{Enter}')
    expect(onKeep).toHaveBeenCalledWith('pond')
    await press('Cancel')
    expect(onClose).toHaveBeenCalledTimes(2)
  })
})
