import { apartWords } from '../en/apart.js'
import { datesWords } from '../en/dates.js'
import { draggingWords } from '../en/dragging.js'
import { feederWords, flagWords, growthWords, leadWords, strandTitleWords, supplyWords } from '../en/ecosystem.js'
import { saltWords, schoolWords } from '../en/feed.js'
import { fieldWords, partWords, questionWords } from '../en/field.js'
import {
  diffuserWords,
  regulatorWords,
  gasAdviceWords,
  gasControlWords,
  gasDoubtWords,
  gasMomentWords,
  gasSourceWords,
  gasVerdictWords,
  gasWords,
} from '../en/gas.js'
import { formWords } from '../en/form.js'
import { groundKindWords, zonePurposeWords } from '../en/ground.js'
import { fixingWords, materialWords } from '../en/hardscape.js'
import { layoutWords, paceWords, viewSideWords, wishWords } from '../en/intent.js'
import {
  animalStateWords,
  indicatorColourWords,
  momentWords,
  outletStateWords,
  plantCountWords,
  plantDeedWords,
  raisedWords,
  readingQuantityWords,
  recordKindWords,
  signWords,
} from '../en/journal.js'
import { appWords, deviceWords, navWords, outboxWords, signInWords } from '../en/places/app.js'
import { careWords } from '../en/places/calendar.js'
import { emergencyWords } from '../en/places/emergency.js'
import { journalWords } from '../en/places/journal.js'
import { printingWords } from '../en/places/printing.js'
import { settingsWords } from '../en/places/settings.js'
import { shelfWords } from '../en/places/shelf.js'
import { startWeeksWords } from '../en/places/start.js'
import { todayWords } from '../en/places/today.js'
import { planSheetWords } from '../en/plan.js'
import { densityWords, plantKindWords } from '../en/planting.js'
import { dimensionWords, figureWords, numberWords, unitWords } from '../en/quantity.js'
import { refusedWords } from '../en/refused.js'
import { calendarFileWords, jobOrderWords, jobTaskWords, jobTitleWords, portionWords } from '../en/routine.js'
import { laneWords, preparationWords, programmeWords, startMethodWords, startupWords } from '../en/startup.js'
import { filterMediaWords, filterStateWords, floorWords, standRestWords, surfaceWords, topWords } from '../en/tank.js'
import {
  conditionerBindsWords,
  conditionerPlaceWords,
  disinfectantWords,
  firstWeeksWords,
  sourceKindWords,
  topUpWords,
} from '../en/water.js'
import { balanceWords } from '../en/places/balance.js'
import { trialEffectWords, trialWords } from '../en/trial.js'
import { glossaryWords, helpWords } from '../en/glossary.js'
import { languageWords } from '../en/places/language.js'
import { translated, type Translated } from '../language.js'
import { apart } from './apart.js'
import { groundKind, zonePurpose, material, fixing, layout, pace, viewSide, wish, planSheet } from './choices.js'
import { dates } from './dates.js'
import { dragging } from './dragging.js'
import { feeder, flag, growth, lead, strandTitle, supply } from './ecosystem.js'
import { salt, school } from './feed.js'
import { field, question, part } from './field.js'
import { form } from './form.js'
import { gasControl, diffuser, regulator, gasVerdict, gas, gasAdvice, gasSource, gasMoment, gasDoubt } from './gas.js'
import {
  moment,
  animalState,
  indicatorColour,
  outletState,
  plantCount,
  plantDeed,
  raised,
  readingQuantity,
  recordKind,
  sign,
} from './journal.js'
import { app, nav, signIn, outbox, device } from './places/app.js'
import { care } from './places/calendar.js'
import { emergency } from './places/emergency.js'
import { journal } from './places/journal.js'
import { balance } from './places/balance.js'
import { trial, trialEffect } from './trial.js'
import { glossary, help } from './glossary.js'
import { language } from './places/language.js'
import { printing } from './places/printing.js'
import { settings } from './places/settings.js'
import { shelf } from './places/shelf.js'
import { startWeeks } from './places/start.js'
import { today } from './places/today.js'
import { plantKind, density } from './planting.js'
import { dimension, figure, number, unit } from './quantity.js'
import { refused } from './refused.js'
import { jobTitle, jobTask, jobOrder, portion, calendarFile } from './routine.js'
import { preparation, programme, startMethod, startup, lane } from './startup.js'
import {
  surface,
  filterState,
  top,
  standRest,
  floor,
  filterMedia,
  disinfectant,
  sourceKind,
  firstWeeks,
  topUp,
  conditionerBinds,
  conditionerPlace,
} from './tank.js'

/** What is said in German: the places of every day (Shelf, Balance, Today, Calendar, Journal, Emergency, Settings) and the names that they use. The rest is English. */
export const german: readonly Translated[] = [
  translated(apartWords, apart),
  translated(groundKindWords, groundKind),
  translated(zonePurposeWords, zonePurpose),
  translated(materialWords, material),
  translated(fixingWords, fixing),
  translated(layoutWords, layout),
  translated(paceWords, pace),
  translated(viewSideWords, viewSide),
  translated(wishWords, wish),
  translated(planSheetWords, planSheet),
  translated(datesWords, dates),
  translated(draggingWords, dragging),
  translated(formWords, form),
  translated(strandTitleWords, strandTitle),
  translated(supplyWords, supply),
  translated(growthWords, growth),
  translated(feederWords, feeder),
  translated(flagWords, flag),
  translated(leadWords, lead),
  translated(saltWords, salt),
  translated(schoolWords, school),
  translated(fieldWords, field),
  translated(questionWords, question),
  translated(partWords, part),
  translated(gasControlWords, gasControl),
  translated(diffuserWords, diffuser),
  translated(regulatorWords, regulator),
  translated(gasVerdictWords, gasVerdict),
  translated(gasWords, gas),
  translated(gasAdviceWords, gasAdvice),
  translated(gasSourceWords, gasSource),
  translated(gasMomentWords, gasMoment),
  translated(gasDoubtWords, gasDoubt),
  translated(momentWords, moment),
  translated(animalStateWords, animalState),
  translated(indicatorColourWords, indicatorColour),
  translated(outletStateWords, outletState),
  translated(plantCountWords, plantCount),
  translated(plantDeedWords, plantDeed),
  translated(raisedWords, raised),
  translated(readingQuantityWords, readingQuantity),
  translated(recordKindWords, recordKind),
  translated(signWords, sign),
  translated(appWords, app),
  translated(navWords, nav),
  translated(signInWords, signIn),
  translated(outboxWords, outbox),
  translated(deviceWords, device),
  translated(careWords, care),
  translated(emergencyWords, emergency),
  translated(journalWords, journal),
  translated(balanceWords, balance),
  translated(trialWords, trial),
  translated(trialEffectWords, trialEffect),
  translated(glossaryWords, glossary),
  translated(helpWords, help),
  translated(languageWords, language),
  translated(printingWords, printing),
  translated(settingsWords, settings),
  translated(shelfWords, shelf),
  translated(startWeeksWords, startWeeks),
  translated(todayWords, today),
  translated(plantKindWords, plantKind),
  translated(densityWords, density),
  translated(dimensionWords, dimension),
  translated(unitWords, unit),
  translated(numberWords, number),
  translated(figureWords, figure),
  translated(refusedWords, refused),
  translated(jobTitleWords, jobTitle),
  translated(jobTaskWords, jobTask),
  translated(jobOrderWords, jobOrder),
  translated(portionWords, portion),
  translated(calendarFileWords, calendarFile),
  translated(preparationWords, preparation),
  translated(programmeWords, programme),
  translated(startupWords, startup),
  translated(startMethodWords, startMethod),
  translated(laneWords, lane),
  translated(surfaceWords, surface),
  translated(filterStateWords, filterState),
  translated(topWords, top),
  translated(standRestWords, standRest),
  translated(floorWords, floor),
  translated(filterMediaWords, filterMedia),
  translated(disinfectantWords, disinfectant),
  translated(sourceKindWords, sourceKind),
  translated(firstWeeksWords, firstWeeks),
  translated(topUpWords, topUp),
  translated(conditionerBindsWords, conditionerBinds),
  translated(conditionerPlaceWords, conditionerPlace),
]
