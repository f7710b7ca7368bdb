import { createPinia } from 'pinia'
import { createApp } from 'vue'
import App from './App.vue'
import { router } from './router'
import { words } from './words'

/** Shows the application. */
export function start() {
  createApp(App).use(createPinia()).use(router).use(words).mount('#app')
}
