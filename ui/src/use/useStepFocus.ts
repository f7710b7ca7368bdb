import { nextTick, watch, type Ref } from 'vue'

/**
 * Takes the focus to the title of a step when another one begins, so that a reader is told of it and of nothing else.
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
