import { ref } from 'vue'

/** The prefix of the made-up house; addresses of the own house have none. */
const MADE_UP = '/made-up'

/** Whether this page shows the made-up house. */
export const madeUp = window.location.pathname.startsWith(`${MADE_UP}/`)

/** What every address of this household begins with. */
export const house = madeUp ? MADE_UP : ''

/** The way to the other household: into the made-up one, or back. */
export const otherHouse = madeUp ? '/' : `${MADE_UP}/`

/** Whether the made-up house is still being furnished, so that nothing can be shown yet. */
export const furnishing = ref(false)
