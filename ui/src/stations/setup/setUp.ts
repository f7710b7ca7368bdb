import type { Api } from '../../api/client'

/** What a step of the set-up gets: how the house stands, and what there is to start from. */
export interface StepProps {
  setUp: Api['SetUpSetUp']
}

/** What the frame asks of a step before it goes on: keep it, and say whether that went well. */
export interface StepKeeps {
  keep: () => Promise<boolean>
}

export const STEPS = ['who', 'own', 'washes', 'put-in', 'water'] as const
export type StepId = (typeof STEPS)[number]

/** Returns a name that nobody has yet: "baby", then "baby 2". */
export function freeName(name: string, taken: readonly string[]): string {
  const lower = taken.map((n) => n.toLowerCase())
  if (!lower.includes(name.toLowerCase())) return name
  for (let n = 2; ; n++) {
    if (!lower.includes(`${name} ${n}`.toLowerCase())) return `${name} ${n}`
  }
}
