import type { PlanV1 } from './planV1.js'
import type { PlanV2 } from './planV2.js'
import { v1to2 } from './v1to2.js'
import type { PlanV3 } from './planV3.js'
import { v2to3 } from './v2to3.js'
import type { PlanV4 } from './planV4.js'
import { v3to4 } from './v3to4.js'
import type { PlanV5 } from './planV5.js'
import { v4to5 } from './v4to5.js'
import { v5to6 } from './v5to6.js'
import type { PlanV6 } from './planV6.js'
import { v6to7 } from './v6to7.js'
import type { PlanV7 } from './planV7.js'
import { v7to8 } from './v7to8.js'
import type { PlanV8 } from './planV8.js'
import { v8to9 } from './v8to9.js'
import type { PlanV9 } from './planV9.js'
import { v9to10 } from './v9to10.js'
import type { PlanV10 } from './planV10.js'
import { v10to11 } from './v10to11.js'

/** A stored document in today's form. What is not an older plan comes back as it is: the boundary's schema says what is wrong with it. */
export function upgradePlan(document: unknown): unknown {
  if (typeof document !== 'object' || document === null) return document
  switch ((document as { schemaVersion?: unknown }).schemaVersion) {
    case 1:
      return isWholeV1(document) ? upgradePlan(v1to2(document)) : document
    case 2:
      return isWholeV2(document) ? upgradePlan(v2to3(document)) : document
    case 3:
      return upgradePlan(v3to4(document as PlanV3)) // it only adds; the schema looks at all of it afterwards
    case 4:
      return isWholeV4(document) ? upgradePlan(v4to5(document)) : document
    case 5:
      return isWholeV5(document) ? upgradePlan(v5to6(document)) : document
    case 6:
      return isWholeV6(document) ? upgradePlan(v6to7(document)) : document
    case 7:
      return isWholeV7(document) ? upgradePlan(v7to8(document)) : document
    case 8:
      return isWholeV8(document) ? upgradePlan(v8to9(document)) : document
    case 9:
      return isWholeV9(document) ? upgradePlan(v9to10(document)) : document
    case 10:
      return v10to11(document as PlanV10) // it only adds, as version 4 did
    default:
      return document
  }
}

/** Only what the way up looks into; the schema looks at all of it afterwards. */
const isWholeV1 = (document: Partial<PlanV1>): document is PlanV1 =>
  isHeld(document.vessel) && [document.sources, document.layers, document.hardscape].every((list) => Array.isArray(list))
const isWholeV2 = (document: Partial<PlanV2>): document is PlanV2 => isHeld(document.room) && Array.isArray(document.gasLines)
const isWholeV4 = (document: Partial<PlanV4>): document is PlanV4 =>
  Array.isArray(document.lamps) && Array.isArray(document.gasLines) && isHeld(document.room) && isHeld(document.flow)
const isWholeV5 = (document: Partial<PlanV5>): document is PlanV5 => Array.isArray(document.gasLines)
const isWholeV6 = (document: Partial<PlanV6>): document is PlanV6 => document.tabProduct === null || isHeld(document.tabProduct)
const isWholeV7 = (document: Partial<PlanV7>): document is PlanV7 => Array.isArray(document.sources) && isHeld(document.changes)
const isWholeV8 = (document: Partial<PlanV8>): document is PlanV8 => isHeld(document.changes)
const isWholeV9 = (document: Partial<PlanV9>): document is PlanV9 => isHeld(document.animals)
const isHeld = (part: unknown): boolean => typeof part === 'object' && part !== null
