<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { type Api } from '../../api/client'
import LoadState from '../../parts/LoadState.vue'
import ViewHead from '../../parts/ViewHead.vue'
import { useAnswer } from '../../use/useLoaded'

/** How a figure is estimated: what the model counts, and what it does not know. */
const props = defineProps<{ model: string }>()
const model = computed(() => props.model as NonNullable<Api['Why']['model']>)
const {
  data: page,
  error,
  loading,
  reload,
} = useAnswer('/api/v1/estimates/{model}', () => ({ params: { path: { model: model.value } } }))
const router = useRouter()
</script>

<template>
  <LoadState :error="error" :loading="loading && !page" @again="reload" />
  <template v-if="page">
    <ViewHead :title="page.title" />
    <!-- eslint-disable vue/no-v-html -- our own pages, rendered by the server with every tag in them escaped -->
    <div class="prose max-w-2xl" data-how v-html="page.html" />
    <!-- eslint-enable vue/no-v-html -->
    <button type="button" class="button-plain mt-5" @click="router.back()">
      {{ $t('how.howView.back') }}
    </button>
  </template>
</template>
