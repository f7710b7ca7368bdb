<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'
import { useMediaQuery } from '@vueuse/core'
import { storeToRefs } from 'pinia'
import { computed, watch } from 'vue'
import { useRoute } from 'vue-router'
import { useWhy } from '../stores/why'
import WhyText from './WhyText.vue'

const store = useWhy()
const { why, sheetOpen } = storeToRefs(store)
const wide = useMediaQuery('(min-width: 64rem)')
const asSheet = computed(() => !wide.value && sheetOpen.value && why.value !== undefined)
const route = useRoute()

watch(
  () => route.path,
  () => store.open(undefined),
)
</script>

<template>
  <aside
    v-if="why || !route.meta.plain"
    :aria-label="$t('parts.whyColumn.why')"
    class="hidden w-[284px] shrink-0 border-l border-ink bg-sheet lg:block print:hidden"
    data-why
  >
    <div class="sticky top-0 max-h-screen overflow-y-auto px-5 py-4" tabindex="0">
      <h2 class="mb-3 text-base">{{ $t('parts.whyColumn.why') }}</h2>
      <WhyText v-if="why" :why="why" />
      <p v-else class="text-soft">
        {{ $t('parts.whyColumn.tapADottedNumberTo') }}
      </p>
    </div>
  </aside>
  <Dialog :open="asSheet" class="relative z-40" @close="store.close()">
    <div class="fixed inset-0 bg-ink/40" aria-hidden="true" />
    <DialogPanel
      class="fixed inset-x-0 bottom-0 max-h-[75vh] overflow-y-auto border-t-2 border-ink bg-sheet p-5 pb-10"
      data-why
    >
      <div class="mb-2 flex items-center justify-between">
        <DialogTitle class="font-head font-semibold">{{ $t('parts.whyColumn.why') }}</DialogTitle>
        <button type="button" class="button-plain" @click="store.close()">
          {{ $t('parts.whyColumn.close') }}
        </button>
      </div>
      <WhyText v-if="why" :why="why" />
    </DialogPanel>
  </Dialog>
</template>
