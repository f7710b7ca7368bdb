<script setup lang="ts">
import { t } from '../words'
import { shortcuts } from '../use/useKeys'
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'

defineProps<{ open: boolean }>()
defineEmits<{ close: [] }>()

const KEYS = [
  [t('parts.keyList.to'), t('parts.keyList.stations')],
  ['6', t('parts.keyList.week')],
  ['7', t('parts.keyList.stock')],
  ['8', t('parts.keyList.reset')],
  ['9', t('parts.keyList.record')],
  ['0', t('parts.keyList.kit')],
  ['n', t('parts.keyList.addSomethingOnThisPage')],
  [', .', t('parts.keyList.pageBeforeAndNext')],
  [t('parts.keyList.arrows'), t('parts.keyList.moveBetweenButtons')],
  [t('parts.keyList.enter'), t('parts.keyList.pressIt')],
  ['m', t('parts.keyList.mainButton')],
  ['h', t('parts.keyList.holdTheRunningStep')],
  ['u', t('parts.keyList.undoTheLastThing')],
  [t('parts.keyList.esc'), t('parts.keyList.close2')],
  ['?', t('parts.keyList.thisList')],
]
</script>

<template>
  <Dialog :open="open" class="relative z-50" @close="$emit('close')">
    <div class="fixed inset-0 bg-ink/40" aria-hidden="true" />
    <div class="fixed inset-0 flex items-center justify-center p-4">
      <DialogPanel class="w-full max-w-md border-2 border-ink bg-sheet p-6">
        <DialogTitle class="font-head text-xl font-semibold">{{
          $t('parts.keyList.keys')
        }}</DialogTitle>
        <dl class="mt-3">
          <div
            v-for="[key, what] in KEYS"
            :key="key"
            class="flex gap-4 border-t border-line py-1.5"
          >
            <dt class="w-20 shrink-0">
              <span class="keycap">{{ key }}</span>
            </dt>
            <dd>{{ what }}</dd>
          </div>
        </dl>
        <label class="mt-3 flex min-h-9 items-center gap-2">
          <input v-model="shortcuts" type="checkbox" data-shortcuts />
          {{ $t('parts.keyList.singleKeysWork') }}
        </label>
        <button type="button" class="button-plain mt-3" @click="$emit('close')">
          {{ $t('parts.keyList.close') }}
        </button>
      </DialogPanel>
    </div>
  </Dialog>
</template>
