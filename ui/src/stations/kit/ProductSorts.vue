<script setup lang="ts">
import { t } from '../../words'
import { computed, ref, useTemplateRef } from 'vue'
import { answer, api, Problem, type Api } from '../../api/client'
import FieldForm from '../../parts/FieldForm.vue'
import type { Field, Values } from '../../parts/fields'

/** Plain sorts of products to tick, each with the scoop or cap it is measured with. */
const props = defineProps<{ sorts: Api['ProductChange'][]; have: string[]; part?: boolean }>()
const emit = defineEmits<{ added: [] }>()

/** Names of what was tapped, in that order. */
const ticked = ref<string[]>([])
const offered = computed(() => props.sorts.filter((p) => !props.have.includes(p.name ?? '')))
const chosen = computed(() =>
  ticked.value.flatMap((name) => offered.value.filter((p) => p.name === name)),
)
/** Where the fields of a product lie in the form; it stays the same while others are added. */
function keyOf(product: Api['ProductChange']) {
  return String(props.sorts.findIndex((p) => p.name === product.name))
}
const form = useTemplateRef<InstanceType<typeof FieldForm>>('form')
const scoops = computed<Field[]>(() =>
  chosen.value.flatMap((p) =>
    p.scoopMl == null
      ? []
      : [
          {
            key: `${keyOf(p)}.scoopMl`,
            label: t(
              p.form === 'POWDER' ? 'kit.productSorts.yourScoop' : 'kit.productSorts.yourCap',
              {
                name: p.name ?? '',
              },
            ),
            type: 'number' as const,
            unit: 'mL',
          },
        ],
  ),
)

function tick(name: string) {
  ticked.value = ticked.value.includes(name)
    ? ticked.value.filter((n) => n !== name)
    : [...ticked.value, name]
}

/** Adds the products one by one. If one fails, its field shows why, and those after it stay ticked. */
async function add(values: Values) {
  for (const product of chosen.value) {
    const key = keyOf(product)
    const typed = (values[key] ?? {}) as Pick<Api['ProductChange'], 'scoopMl'>
    try {
      await answer(api.POST('/api/v1/products', { body: { ...product, ...typed } }))
    } catch (error) {
      throw error instanceof Problem && error.field === 'scoopMl'
        ? new Problem(
            error.message,
            error.status,
            `${key}.scoopMl`,
            undefined,
            error.allowed,
            error,
          )
        : error
    } finally {
      emit('added')
    }
  }
  ticked.value = []
}
async function keep() {
  return chosen.value.length === 0 || (await form.value?.submit()) === true
}
defineExpose({ keep })
</script>

<template>
  <div class="flex flex-wrap gap-2">
    <button
      v-for="p in offered"
      :key="p.name ?? ''"
      type="button"
      class="chip min-h-11 px-3"
      :class="ticked.includes(p.name ?? '') ? 'bg-ink text-paper' : ''"
      :aria-pressed="ticked.includes(p.name ?? '')"
      :data-product="p.name"
      @click="tick(p.name ?? '')"
    >
      {{ p.name }}
    </button>
  </div>
  <FieldForm
    v-if="chosen.length"
    ref="form"
    :key="ticked.join()"
    :part="part"
    class="mt-4 max-w-xl"
    :fields="scoops"
    :initial="Object.fromEntries(chosen.map((p) => [keyOf(p), { scoopMl: p.scoopMl }]))"
    :save="add"
    :save-label="$t('kit.productsPanel.add')"
  />
</template>
