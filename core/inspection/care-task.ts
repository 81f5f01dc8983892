/** Care a tool asks for again and again: after so many hours of use, after so many months, or whichever comes first. */
export interface CareTask {
  readonly id: string
  readonly tools: readonly string[]
  readonly everyHours?: number | undefined
  readonly everyMonths?: number | undefined
  readonly minutes: number
  /** What is used up by it: any one of these accessories. */
  readonly uses?: readonly string[] | undefined
  /** An edge: left undone the tool is blunt, not merely dirty. */
  readonly edge?: true | undefined
}
