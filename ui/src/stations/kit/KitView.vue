<script setup lang="ts">
import { t } from '../../words'
import { Tab, TabGroup, TabList, TabPanel, TabPanels } from '@headlessui/vue'
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

const PANELS = [
  { name: t('kit.kitView.houseAndWater'), panel: HousePanel },
  { name: t('kit.kitView.people'), panel: PeoplePanel },
  { name: t('kit.kitView.textiles'), panel: TextilesPanel },
  { name: t('kit.kitView.products'), panel: ProductsPanel },
  { name: t('kit.kitView.machine'), panel: MachinePanel },
  { name: t('kit.kitView.schools'), panel: SchoolsPanel },
  { name: t('kit.kitView.placesAndPails'), panel: PlacesPanel },
  { name: t('kit.kitView.language'), panel: VoicePanel },
  { name: t('kit.kitView.removed'), panel: RemovedPanel },
]
</script>

<template>
  <ViewHead :title="$t('kit.kitView.kit')" :state="$t('kit.kitView.aboutYourHousehold')">
    {{ $t('kit.kitView.plansAreWorkedOutFrom') }}
  </ViewHead>
  <TabGroup class="mt-3" as="div">
    <TabList class="flex flex-wrap gap-1.5 border-b border-ink pb-2">
      <Tab v-for="p in PANELS" :key="p.name" v-slot="{ selected }" as="template">
        <button
          type="button"
          class="chip"
          :class="selected ? 'bg-ink font-semibold text-paper' : ''"
        >
          {{ p.name }}
        </button>
      </Tab>
    </TabList>
    <TabPanels class="mt-4">
      <TabPanel v-for="p in PANELS" :key="p.name" tabindex="-1"
        ><component :is="p.panel"
      /></TabPanel>
    </TabPanels>
  </TabGroup>
</template>
