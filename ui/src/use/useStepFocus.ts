import { nextTick, watch, type Ref } from 'vue'

/**
 * Moves the focus to the title of each new step. A screen reader then reads the title, and nothing more.
 *
 * @example useStepFocus(title, () => round.currentStep)
 */
export function useStepFocus(
  title: Readonly<Ref<HTMLElement | null>>,
  step: () => number | null | undefined,
) {
  watch(step, async () => {
    await nextTick()
    title.value?.focus()
  })
}
