export { compareGrounds, feedCourses, hindcastMember, lightPicture, standOutlook, startDensity, tankFigures } from '@jovrin/core'
