<script setup lang="ts">
import { computed, ref } from 'vue'
import { answer, api, type Api } from '../../api/client'
import NumberInput from '../../parts/NumberInput.vue'
import { unitSign } from '../../use/format'
import { useAct } from '../../use/useAct'
import { useAnswer } from '../../use/useLoaded'
import LabelForm from '../kit/LabelForm.vue'
import type { StepProps } from './setUp'

/** What goes in: plain sorts to tick, each with the scoop or cap it is measured with. */
const props = defineProps<StepProps>()
const { act } = useAct()
const { data: shelf, reload } = useAnswer('/api/v1/products')
const ticked = ref<Record<string, Api['ProductChange']>>({})
const have = computed(() => shelf.value?.map((p) => p.product.name) ?? [])
const sorts = computed(() =>
  props.setUp.sorts.products.filter((p) => !have.value.includes(p.name ?? '')),
)

function tick(product: Api['ProductChange']) {
  const name = product.name ?? ''
  if (ticked.value[name]) delete ticked.value[name]
  else ticked.value[name] = { ...product }
}
function scoop(name: string, ml: number | null) {
  const product = ticked.value[name]
  if (product) product.scoopMl = ml ?? undefined
}

async function keep() {
  for (const [name, body] of Object.entries(ticked.value)) {
    const done = await act(() => answer(api.POST('/api/v1/products', { body })))
    if (!done) return false
    delete ticked.value[name]
  }
  await reload()
  return true
}
defineExpose({ keep })
</script>

<template>
  <p v-if="have.length" class="mb-3" data-have>
    {{ $t('setup.putInStep.have', { names: have.join(', ') }) }}
  </p>
  <div class="flex flex-wrap gap-2">
    <button
      v-for="p in sorts"
      :key="p.name ?? ''"
      type="button"
      class="chip min-h-11 px-3"
      :class="ticked[p.name ?? ''] ? 'bg-ink text-paper' : ''"
      :aria-pressed="ticked[p.name ?? ''] !== undefined"
      :data-product="p.name"
      @click="tick(p)"
    >
      {{ p.name }}
    </button>
  </div>
  <ul class="mt-4 max-w-xl">
    <li
      v-for="(p, name) in ticked"
      :key="name"
      class="flex flex-wrap items-center gap-2 border-t border-line py-1"
    >
      <span class="flex-1">{{ name }}</span>
      <label v-if="p.scoopMl != null" class="text-sm">
        {{ p.form === 'POWDER' ? $t('setup.putInStep.yourScoop') : $t('setup.putInStep.yourCap') }}
        <NumberInput
          :model-value="p.scoopMl"
          unit="millilitre"
          class="w-20"
          @update:model-value="(ml: number | null) => scoop(String(name), ml)"
        />
        {{ unitSign('millilitre') }}
      </label>
    </li>
  </ul>
  <details class="mt-4 max-w-xl">
    <summary class="button-quiet px-0">{{ $t('setup.putInStep.typeALabel') }}</summary>
    <LabelForm class="mt-2" @added="reload" />
  </details>
</template>
