<script setup lang="ts">
import { computed, ref } from 'vue'
import { useRoute, useRouter } from 'vue-router'
import NoticedTaps from '../../parts/NoticedTaps.vue'
import ViewHead from '../../parts/ViewHead.vue'
import JudgePanel from './JudgePanel.vue'
import RecordPages from './RecordPages.vue'

/** What somebody noticed, and what it may come from. */
const route = useRoute()
const router = useRouter()
const judge = ref<InstanceType<typeof JudgePanel>>()
const at = computed(() => (route.query.at ? String(route.query.at) : undefined))
const words = computed(() => (route.query.words ? String(route.query.words) : undefined))
</script>

<template>
  <ViewHead :title="$t('record.recordView.possibleCauses')" />
  <RecordPages />
  <details v-if="!at" class="mt-3" data-noticed>
    <summary class="button-quiet px-0">{{ $t('record.causesView.iNoticedSomething') }}</summary>
    <NoticedTaps class="mt-2" where="USE" @told="judge?.reload()" />
  </details>
  <JudgePanel
    ref="judge"
    class="mt-3"
    :at="at"
    :at-words="words"
    @changed="judge?.reload()"
    @now="router.push('/record/causes')"
  />
</template>
