export {
  awayMember,
  compareGrounds,
  feedCourses,
  hindcastMember,
  lightPicture,
  standOutlook,
  startDensity,
  stockingMember,
  tankFigures,
} from '@jovrin/core'
