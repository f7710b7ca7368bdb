<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue'

defineProps<{ open: boolean }>()
defineEmits<{ close: [] }>()

const KEYS = [
  ['1 to 5', 'Gather, Sort, Wash, Dry, Shelf'],
  ['8', 'Reset'],
  ['9', 'Record'],
  ['0', 'Kit'],
  ['n', 'new entry in this view'],
  ['arrows', 'walk over what can be pressed'],
  ['Enter', 'open, or do the main thing of this view'],
  ['Space', 'start the wash, tick the running step off, or go on after a hold'],
  ['h', 'hold the running step'],
  ['u', 'undo the last thing'],
  ['Esc', 'close'],
  ['?', 'this list'],
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
        <button type="button" class="button-plain mt-4" @click="$emit('close')">
          {{ $t('parts.keyList.close') }}
        </button>
      </DialogPanel>
    </div>
  </Dialog>
</template>
