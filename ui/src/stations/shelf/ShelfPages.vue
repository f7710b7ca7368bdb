<script setup lang="ts">
import { t } from '../../words'
import PageTabs from '../../parts/PageTabs.vue'

const PAGES = [
  { to: '/shelf', name: 'bundles', words: t('shelf.shelfPages.bundles') },
  { to: '/shelf/stock', name: 'stock', words: t('shelf.shelfPages.stock') },
  { to: '/shelf/wear', name: 'wear', words: t('shelf.shelfPages.wear') },
  { to: '/week', name: 'week', words: t('shelf.shelfPages.week') },
]
</script>

<template>
  <PageTabs :label="$t('shelf.shelfPages.pages')" :pages="PAGES" />
</template>
