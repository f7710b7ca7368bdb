import { QueryClient } from '@tanstack/vue-query'
import { isTyping } from '../stores/typing'

/**
 * What was read from the server, by address. It is read again when the server says that something was changed, when
 * the page comes back into sight, and when a view opens; until then the last answer is shown.
 */
export const queries = new QueryClient({
  defaultOptions: {
    // The client tries again by itself; it talks to a machine in the house, whatever the net is doing.
    queries: {
      retry: false,
      networkMode: 'always',
      refetchOnWindowFocus: () => !isTyping(),
    },
  },
})
queries.mount()
