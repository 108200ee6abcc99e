export { compareGrounds, hindcastMember, startDensity } from '@jovrin/core'
