export { compareGrounds, hindcastMember, lightPicture, standOutlook, startDensity, tankFigures } from '@jovrin/core'
