<script setup lang="ts">
import { computed } from 'vue'
import type { Api } from '../api/client'

/** The kinds of a household to choose from: first those of the load at hand, then all others. */
const props = defineProps<{ kinds: Api['KindView'][]; inWash?: boolean }>()

const owned = computed(() => props.kinds.filter((k) => k.stock.owned > 0))
/** What is in the machine; beside it, away from the machine, what hangs. */
const atHand = computed(() =>
  owned.value.filter((k) => k.stock.washing > 0 || (!props.inWash && k.stock.drying > 0)),
)
const others = computed(() => owned.value.filter((k) => !atHand.value.includes(k)))
</script>

<template>
  <optgroup v-if="atHand.length" :label="$t('parts.kindOptions.ofThisLoad')" data-at-hand>
    <option v-for="k in atHand" :key="k.id" :value="k.name">{{ k.name }}</option>
  </optgroup>
  <optgroup :label="$t('parts.kindOptions.allOthers')">
    <option v-for="k in others" :key="k.id" :value="k.name">{{ k.name }}</option>
  </optgroup>
</template>
