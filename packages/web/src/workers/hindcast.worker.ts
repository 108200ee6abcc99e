import { hindcastMember, type HindcastOptions, type MemberHindcast } from '@jovrin/core'

export interface HindcastJob {
  readonly options: HindcastOptions
  readonly members: readonly number[]
}
export interface HindcastReply {
  readonly member: number
  readonly result: MemberHindcast
}

self.onmessage = ({ data }: MessageEvent<HindcastJob>) => {
  for (const member of data.members) {
    const reply: HindcastReply = { member, result: hindcastMember(data.options, member) }
    self.postMessage(reply)
  }
}
