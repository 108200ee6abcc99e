import { levelMeanWith, type LevelTank } from './levelLight.js'

/** Mean light on level ground in a dry start [µmol m⁻² s⁻¹]: nothing is absorbed, and panes that are wet inside under the film send back about what they do under water. Rule of thumb; dry clear panes let a third of it out sideways. */
export const underFilmPpfd = (tank: LevelTank): number => levelMeanWith(tank, { attenuationPerM: 0 })
