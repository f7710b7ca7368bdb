<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import { useAnswer } from '../../use/useLoaded'
import LabelForm from '../kit/LabelForm.vue'
import ProductSorts from '../kit/ProductSorts.vue'
import type { StepProps } from './setUp'

/** What goes in: plain sorts to tick, or a label as it is printed. */
defineProps<StepProps>()
const { data: shelf, reload } = useAnswer('/api/v1/products')
const have = computed(() => shelf.value?.map((p) => p.product.name) ?? [])
const sorts = useTemplateRef<InstanceType<typeof ProductSorts>>('sorts')

async function keep() {
  return (await sorts.value?.keep()) === true
}
defineExpose({ keep })
</script>

<template>
  <p v-if="have.length" class="mb-3" data-have>
    {{ $t('setup.putInStep.have', { names: have.join(', ') }) }}
  </p>
  <ProductSorts ref="sorts" part :sorts="setUp.sorts.products" :have="have" @added="reload" />
  <details class="mt-4 max-w-xl">
    <summary class="button-quiet px-0">{{ $t('setup.putInStep.typeALabel') }}</summary>
    <LabelForm class="mt-2" @added="reload" />
  </details>
</template>
