<script setup lang="ts">
import type { Api } from '../api/client'

defineProps<{ why: Api['Why'] }>()

/** A longer value than this may break over lines. */
const LONG = 24
</script>

<template>
  <h3 class="text-lg first-letter:uppercase">{{ why.title }}</h3>
  <p class="mt-1">{{ why.sentence }}</p>
  <dl class="mt-3">
    <div
      v-for="(line, i) in why.lines"
      :key="i"
      class="flex justify-between gap-3 py-0.5"
      :class="line.total ? 'mt-1 border-t border-ink pt-1 font-bold' : ''"
    >
      <dt>{{ line.label }}</dt>
      <dd class="text-right" :class="line.value.length > LONG ? '' : 'whitespace-nowrap'">
        {{ line.value }}
      </dd>
    </div>
  </dl>
  <p class="mt-3 text-sm text-soft">{{ why.source }}</p>
  <RouterLink
    v-if="why.model"
    :to="`/how/${why.model}`"
    class="button-quiet mt-1 -ml-1.5 inline-block"
    data-how-link
  >
    {{ $t('parts.whyText.how') }}
  </RouterLink>
</template>
