import { onScopeDispose, watch, type Ref } from 'vue'
import { reactive } from 'vue'

/** The forms with something typed in them. */
const forms = reactive(new Set<symbol>())

/** Returns whether somebody is in the middle of typing: then nothing is read again under their hands. */
export function isTyping() {
  return forms.size > 0
}

/**
 * Says for as long as `dirty` that something is typed that is not saved yet.
 *
 * @example useTyping(touched)
 */
export function useTyping(dirty: Ref<boolean>) {
  const form = Symbol('form')
  watch(dirty, (now) => (now ? forms.add(form) : forms.delete(form)), { immediate: true })
  onScopeDispose(() => forms.delete(form))
}
