<script setup lang="ts">
import { t } from '../words'
import { CircleAlert, Info, OctagonX } from '@lucide/vue'
import { computed } from 'vue'
import type { Api } from '../api/client'

/** A stop, a check or a note: by icon and word, never by colour alone. */
const props = defineProps<{ caution: Api['Caution']; confirmable?: boolean }>()
const read = defineModel<boolean>('read', { default: false })

const WORDS = {
  STOP: t('parts.cautionNote.stop'),
  CHECK: t('parts.cautionNote.check'),
  NOTE: t('parts.cautionNote.note'),
}
const ICONS = { STOP: OctagonX, CHECK: CircleAlert, NOTE: Info } as const
const TONES = { STOP: 'text-heat-word', CHECK: 'text-sun-word', NOTE: 'text-water-word' } as const
const icon = computed(() => ICONS[props.caution.strength])
</script>

<template>
  <div class="flex gap-2" :data-caution="caution.key" :data-strength="caution.strength">
    <component
      :is="icon"
      :size="17"
      aria-hidden="true"
      class="mt-0.5 shrink-0"
      :class="TONES[caution.strength]"
    />
    <div class="min-w-0">
      <p>
        <strong :class="TONES[caution.strength]">{{ WORDS[caution.strength] }}.</strong>{{ ' '
        }}<strong>{{ caution.title }}.</strong> {{ caution.sentence }}
      </p>
      <label v-if="confirmable" class="mt-1 inline-flex items-center gap-2 font-semibold">
        <input v-model="read" type="checkbox" /> {{ $t('parts.cautionNote.iHaveReadThis') }}
      </label>
    </div>
  </div>
</template>
