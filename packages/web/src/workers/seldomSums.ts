export { compareGrounds, hindcastMember } from '@jovrin/core'
