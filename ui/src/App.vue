<script setup lang="ts">
import { useIsFetching } from '@tanstack/vue-query'
import { useDark } from '@vueuse/core'
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import KeyList from './parts/KeyList.vue'
import LineOfPegs from './parts/LineOfPegs.vue'
import { furnishing, madeUp, otherHouse } from './api/house'
import { queries } from './api/queries'
import CountsDiffer from './parts/CountsDiffer.vue'
import MessageBar from './parts/MessageBar.vue'
import NextBar from './parts/NextBar.vue'
import WhyColumn from './parts/WhyColumn.vue'
import { useChanges } from './stores/changes'
import { useMessages } from './stores/messages'
import { useWhy } from './stores/why'
import { useKeys, useWalking } from './use/useKeys'

const router = useRouter()
const route = useRoute()
const why = useWhy()
useChanges()
/** How many answers are on their way; what they bring may move what is below it. */
const awaited = useIsFetching({}, queries)
const messages = useMessages()
const keysShown = ref(false)
/** The set-up has a line of its own. */
const bare = computed(() => route.meta.bare === true)
const night = useDark({ valueDark: 'night', valueLight: '', storageKey: 'nest-rinse-theme' })

useWalking()
useKeys({
  '1': () => router.push('/gather'),
  '2': () => router.push('/sort'),
  '3': () => router.push('/wash'),
  '4': () => router.push('/dry'),
  '5': () => router.push('/shelf'),
  '6': () => router.push('/week'),
  '7': () => router.push('/shelf/stock'),
  '8': () => router.push('/reset'),
  '9': () => router.push('/record'),
  '0': () => router.push('/kit'),
  m: () => document.querySelector<HTMLElement>('#work [data-main]')?.focus(),
  u: () => messages.undo(),
  '?': () => (keysShown.value = true),
  Escape: () => {
    why.close()
    messages.clear()
    ;(document.activeElement as HTMLElement | null)?.blur()
  },
})
</script>

<template>
  <a
    href="#work"
    class="sr-only focus:not-sr-only focus:absolute focus:z-50 focus:bg-sheet focus:p-2"
  >
    {{ $t('app.toTheWork') }}
  </a>
  <template v-if="!bare">
    <LineOfPegs :night="night" @toggle-night="night = !night" @show-keys="keysShown = true" />
    <NextBar />
  </template>
  <div class="mx-auto flex max-w-[1500px] gap-0 pb-28 lg:pb-0">
    <main
      id="work"
      :data-awaited="awaited"
      tabindex="-1"
      class="min-w-0 flex-1 px-4 pt-3 pb-8 outline-none sm:px-7 lg:min-h-[calc(100vh-112px)]"
    >
      <p v-if="madeUp" class="mb-2 text-sm">
        {{ $t('app.thisHouseIsMadeUp') }}
        <a :href="otherHouse" class="button-quiet" data-other-house>{{
          $t('app.backToYourOwn')
        }}</a>
      </p>
      <CountsDiffer />
      <p v-if="furnishing" role="status" data-furnishing>
        {{ $t('app.thisHouseIsBeingFurnished') }}
      </p>
      <RouterView v-else />
    </main>
    <WhyColumn v-if="!bare" />
  </div>
  <p class="sr-only" aria-live="polite" data-page-said>{{ route.meta.title }}</p>
  <MessageBar />
  <KeyList :open="keysShown" @close="keysShown = false" />
</template>
