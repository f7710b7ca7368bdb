<script setup lang="ts">
import { t } from '../../words'
import { computed } from 'vue'
import PageTabs from '../../parts/PageTabs.vue'
import ViewHead from '../../parts/ViewHead.vue'
import HousePanel from './HousePanel.vue'
import MachinePanel from './MachinePanel.vue'
import PeoplePanel from './PeoplePanel.vue'
import PlacesPanel from './PlacesPanel.vue'
import ProductsPanel from './ProductsPanel.vue'
import RemovedPanel from './RemovedPanel.vue'
import SchoolsPanel from './SchoolsPanel.vue'
import TextilesPanel from './TextilesPanel.vue'
import VoicePanel from './VoicePanel.vue'

/** The facts of the household, a page for each sort of them. */
const props = defineProps<{ tab?: string }>()

const PANELS = [
  { name: 'house', words: t('kit.kitView.houseAndWater'), panel: HousePanel },
  { name: 'people', words: t('kit.kitView.people'), panel: PeoplePanel },
  { name: 'textiles', words: t('kit.kitView.textiles'), panel: TextilesPanel },
  { name: 'products', words: t('kit.kitView.products'), panel: ProductsPanel },
  { name: 'machine', words: t('kit.kitView.machine'), panel: MachinePanel },
  { name: 'methods', words: t('kit.kitView.schools'), panel: SchoolsPanel },
  { name: 'places', words: t('kit.kitView.placesAndPails'), panel: PlacesPanel },
  { name: 'language', words: t('kit.kitView.language'), panel: VoicePanel },
  { name: 'removed', words: t('kit.kitView.removed'), panel: RemovedPanel },
]
const PAGES = PANELS.map((p) => ({
  to: p.name === 'house' ? '/kit' : `/kit/${p.name}`,
  name: p.name,
  words: p.words,
}))
const here = computed(() => PANELS.find((p) => p.name === props.tab) ?? PANELS[0])
</script>

<template>
  <ViewHead :title="$t('kit.kitView.kit')" :state="$t('kit.kitView.aboutYourHousehold')">
    {{ $t('kit.kitView.plansAreWorkedOutFrom') }}
    <RouterLink to="/set-up/who" class="button-quiet px-0">{{
      $t('kit.kitView.setUpAgain')
    }}</RouterLink>
  </ViewHead>
  <PageTabs :label="$t('kit.kitView.kit')" :pages="PAGES" />
  <div class="mt-4"><component :is="here?.panel" :key="here?.name" /></div>
</template>
