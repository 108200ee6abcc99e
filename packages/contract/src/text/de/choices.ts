import type { groundKindWords, zonePurposeWords } from '../en/ground.js'
import type { fixingWords, materialWords } from '../en/hardscape.js'
import type { layoutWords, paceWords, viewSideWords, wishWords } from '../en/intent.js'
import type { planSheetWords } from '../en/plan.js'
import type { Translation } from '../language.js'

export const groundKind: Translation<typeof groundKindWords> = {
  'rich-soil': 'reicher Soil',
  'lean-soil': 'magerer Soil',
  'capped-soil': 'Erde unter Sand',
  sand: 'Sand',
  gravel: 'Kies',
  'porous-base': 'poröse Grundschicht',
  'carbonate-sand': 'Karbonatsand',
  none: 'keiner',
}
export const zonePurpose: Translation<typeof zonePurposeWords> = { planted: 'bepflanzt', cosmetic: 'Zierfläche', bare: 'blank' }
export const material: Translation<typeof materialWords> = {
  granite: 'granitartig',
  slate: 'Schiefer',
  limestone: 'Kalkstein',
  lava: 'Lava',
  wood: 'Holz',
  'staining-wood': 'färbendes Holz',
}
export const fixing: Translation<typeof fixingWords> = {
  none: 'nichts',
  wedged: 'Verkeilen',
  glued: 'Kleber',
  screwed: 'Schrauben auf Schiefer',
  tied: 'Binden',
  weighted: 'Steine darauf',
}
export const layout: Translation<typeof layoutWords> = {
  stones: 'nur Steine',
  'wood-and-stones': 'Holz und Steine',
  'formal-rows': 'strenge Reihen',
  island: 'Insel',
  valley: 'Tal',
  slope: 'Hang zu einer Seite',
  shallow: 'flach, Pflanzen darüber',
}
export const pace: Translation<typeof paceWords> = { quiet: 'ruhig', steady: 'stetig', fast: 'schnell' }
export const viewSide: Translation<typeof viewSideWords> = {
  front: 'vorn',
  left: 'links',
  right: 'rechts',
  back: 'hinten',
  above: 'oben',
}
export const wish: Translation<typeof wishWords> = {
  'fine-carpet': 'feiner Bodendecker',
  'red-stems': 'rote Stängelpflanzen',
  'cool-water-plants': 'Pflanzen für kühles Wasser',
  shoal: 'ein Schwarm kleiner Fische',
  shrimps: 'Garnelen',
  diggers: 'Tiere, die graben',
  jumpers: 'Tiere, die springen',
  'warm-water-fish': 'Fische für warmes Wasser',
}
export const planSheet: Translation<typeof planSheetWords> = {
  intent: 'Absicht',
  vessel: 'Gefäß',
  ground: 'Boden',
  hardscape: 'Steine und Holz',
  planting: 'Bepflanzung',
  animals: 'Tiere',
  supply: 'Beschreibung',
  kit: 'Technik',
  shopping: 'Einkauf',
  programme: 'Ablauf',
}
