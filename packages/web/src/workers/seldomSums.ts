export { compareGrounds, hindcastMember, standOutlook, startDensity } from '@jovrin/core'
