<script setup lang="ts">
import { t } from '../../words'
import PageTabs from '../../parts/PageTabs.vue'

const PAGES = [
  { to: '/record', name: 'story', words: t('record.recordPages.story') },
  { to: '/record/causes', name: 'judge', words: t('record.recordView.possibleCauses') },
  { to: '/record/rounds', name: 'rounds', words: t('record.recordView.everyRound') },
  { to: '/record/compare', name: 'beside', words: t('record.recordView.comparePeriods') },
  { to: '/record/costs', name: 'costs', words: t('record.recordView.costsAndUse') },
  { to: '/record/files', name: 'files', words: t('record.recordView.files') },
]
</script>

<template>
  <PageTabs :label="$t('record.recordPages.pages')" :pages="PAGES" />
</template>
