import type {
  AheadTask,
  AwayTask,
  FeedCourseTask,
  ForecastOptions,
  GroundComparison,
  HindcastOptions,
  LightPicture,
  LightView,
  MemberAhead,
  MemberAway,
  MemberCourses,
  MemberHindcast,
  MemberResult,
  MemberTrials,
  OutlookOfWeek,
  Plan,
  StartDensity,
  Trial,
} from '@jovrin/core'

/** Long sums of the page, by kind: what is asked, and what one part of it answers. A new one is a line here and a case in the worker. */
export interface Tasks {
  /** A part is a member of the ensemble. `pastKey` names everything that levers cannot change. */
  readonly forecast: { readonly task: { readonly options: ForecastOptions; readonly pastKey: string }; readonly result: MemberResult }
  /** A part is a member of the ensemble. */
  readonly hindcast: { readonly task: HindcastOptions; readonly result: MemberHindcast }
  /** A part is a member of the ensemble, along each of some single changes. */
  readonly trials: {
    readonly task: { readonly options: ForecastOptions; readonly trials: readonly Trial[]; readonly pastKey: string }
    readonly result: MemberTrials
  }
  /** A part is a member of the ensemble, along each course. */
  readonly courses: { readonly task: FeedCourseTask; readonly result: MemberCourses }
  /** A part is a member of the ensemble. */
  readonly stocking: { readonly task: AheadTask; readonly result: MemberAhead }
  /** A part is a member of the ensemble, prepared and not. */
  readonly away: { readonly task: AwayTask; readonly result: MemberAway }
  /** One part. */
  readonly density: { readonly task: Plan; readonly result: StartDensity | null }
  /** One part. */
  readonly light: {
    readonly task: { readonly plan: Plan; readonly view: LightView; readonly cellCm: number }
    readonly result: LightPicture
  }
  /** One part. */
  readonly outlook: { readonly task: Plan; readonly result: readonly OutlookOfWeek[] | null }
  /** One part. */
  readonly grounds: { readonly task: Plan; readonly result: readonly GroundComparison[] }
}
export type TaskKind = keyof Tasks
export type TaskOf<Kind extends TaskKind> = { readonly kind: Kind; readonly task: Tasks[Kind]['task'] }
export type AnyTask = { [Kind in TaskKind]: TaskOf<Kind> }[TaskKind]

/** A worker is told a task once, then asked for its parts one at a time, and told when it may forget it. */
export type ToWorker =
  | { readonly say: 'begin'; readonly ticket: number; readonly asked: AnyTask }
  | { readonly say: 'part'; readonly ticket: number; readonly part: number }
  | { readonly say: 'end'; readonly ticket: number }
export type FromWorker =
  | { readonly ticket: number; readonly part: number; readonly result: Tasks[TaskKind]['result'] }
  | { readonly ticket: number; readonly part: number; readonly error: string }
