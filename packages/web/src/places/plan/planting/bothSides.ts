import { keepSymmetric, twinOf } from '@jovrin/core'
import { useMemo } from 'react'
import { localId } from '../../../api/localId.js'
import type { Desk } from '../desk.js'
import type { Pen } from '../pen.js'

/** Answers of a patch that its twin shares. */
const SHARED = /^\/beds\/([^/]+)\/(spacingCm|start|stands|cutCm)$/

/** The desk and the pen under symmetry: what is done to a patch is done to its mirror image as well. */
export function useBothSides(desk: Desk, pen: Pen, isOn: boolean): { readonly desk: Desk; readonly pen: Pen } {
  return useMemo(() => {
    if (!isOn) return { desk, pen }
    const { inner } = desk.figures
    const { form } = pen
    const answer: typeof form.answer = (pointer, value) => {
      const [, id, key] = SHARED.exec(pointer) ?? []
      const bed = form.now().beds.find((one) => one.id === id)
      const twin = bed && twinOf(form.now(), bed, inner.lengthCm)
      form.answer(pointer, value)
      if (twin !== undefined && key !== undefined) form.answer(`/beds/${twin.id}/${key}`, value)
    }
    return {
      desk: { ...desk, change: (edit, isFinal) => desk.change((now) => keepSymmetric(now, edit(now), inner, localId), isFinal) },
      pen: { ...pen, form: { ...form, answer } },
    }
  }, [desk, pen, isOn])
}
