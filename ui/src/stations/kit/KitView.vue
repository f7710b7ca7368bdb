<script setup lang="ts">
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

const PANELS = [
  { name: 'House and water', panel: HousePanel },
  { name: 'People', panel: PeoplePanel },
  { name: 'Textiles', panel: TextilesPanel },
  { name: 'Products', panel: ProductsPanel },
  { name: 'Machine', panel: MachinePanel },
  { name: 'Schools', panel: SchoolsPanel },
  { name: 'Places and pails', panel: PlacesPanel },
  { name: 'Removed', panel: RemovedPanel },
]
</script>

<template>
  <ViewHead :title="$t('kit.kitView.kit')" :state="$t('kit.kitView.theFactsOfTheHousehold')">
    {{ $t('kit.kitView.everythingThatThePlansAre') }}
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
