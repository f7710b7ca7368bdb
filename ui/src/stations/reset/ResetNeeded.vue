<script setup lang="ts">
import type { Api } from '../../api/client'

/** Which kinds may need a reset, and why; what can be taken for one at once. */
defineProps<{ look: Api['ResetOverview']; wanted: Api['ResetKindLine'][] }>()
defineEmits<{ take: [kind: Api['ResetKindLine']] }>()
</script>

<template>
  <section :aria-label="$t('reset.resetNeeded.isItNeeded')" data-needed>
    <h2 class="mt-3 text-lg">{{ $t('reset.resetNeeded.isItNeeded') }}</h2>
    <p v-if="look.judged" data-judged>
      {{ look.judged }}
      <RouterLink to="/record" class="button-quiet">{{
        $t('reset.resetNeeded.recordSaysWhy')
      }}</RouterLink>
    </p>
    <ul class="mt-1">
      <li
        v-for="k in wanted"
        :key="k.kindId"
        class="border-t border-line py-1.5"
        :data-need="k.kind"
        :data-state="k.state"
      >
        <strong>{{ k.kind }}</strong>: {{ k.says }}
        <span class="text-sm text-soft">
          {{
            $t('reset.resetNeeded.usualAYear', {
              yearly: k.yearly,
              lastWords: k.lastWords
                ? $t('reset.resetNeeded.last', { lastWords: k.lastWords })
                : '',
            })
          }}</span
        >
        <RouterLink
          v-if="k.state === 'ROUTINE_FIRST'"
          to="/record"
          class="button-quiet inline-block"
          >{{ $t('reset.resetNeeded.toTheCause') }}</RouterLink
        >
        <button
          v-if="k.clean"
          type="button"
          class="button-plain ml-2"
          :data-take="k.kind"
          @click="$emit('take', k)"
        >
          {{ $t('reset.resetNeeded.takeClean', { clean: k.clean }) }}
        </button>
      </li>
      <li v-if="!wanted.length" class="text-soft">
        {{ $t('reset.resetNeeded.noCheckSpeaksOfResidue') }}
      </li>
    </ul>
  </section>
</template>
