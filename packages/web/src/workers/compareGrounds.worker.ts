import { compareGrounds, type GroundComparison, type Plan } from '@jovrin/core'

export type CompareJob = Plan
export type CompareReply = readonly GroundComparison[]

self.onmessage = ({ data }: MessageEvent<CompareJob>) => {
  const reply: CompareReply = compareGrounds(data)
  self.postMessage(reply)
}
