import { createRouter, createWebHistory } from 'vue-router'
import { house } from './api/house'
import GatherView from './stations/gather/GatherView.vue'

export const router = createRouter({
  history: createWebHistory(house || '/'),
  routes: [
    { path: '/', redirect: '/gather' },
    { path: '/gather', component: GatherView, meta: { title: 'Gather' } },
    {
      path: '/sort',
      component: () => import('./stations/sort/SortView.vue'),
      meta: { title: 'Sort' },
    },
    {
      path: '/wash',
      component: () => import('./stations/wash/WashStation.vue'),
      meta: { title: 'Wash' },
    },
    {
      path: '/card',
      component: () => import('./stations/wash/CardView.vue'),
      meta: { title: 'Wall card' },
    },
    { path: '/dry', component: () => import('./stations/dry/DryView.vue'), meta: { title: 'Dry' } },
    {
      path: '/shelf',
      component: () => import('./stations/shelf/ShelfView.vue'),
      meta: { title: 'Shelf' },
    },
    {
      path: '/week',
      component: () => import('./stations/shelf/WeekView.vue'),
      meta: { title: 'The week' },
    },
    {
      path: '/reset',
      component: () => import('./stations/reset/ResetView.vue'),
      meta: { title: 'Reset' },
    },
    {
      path: '/record',
      component: () => import('./stations/record/RecordView.vue'),
      meta: { title: 'Record' },
    },
    {
      path: '/record/:id',
      component: () => import('./stations/record/RoundView.vue'),
      meta: { title: 'A round' },
      props: true,
    },
    { path: '/kit', component: () => import('./stations/kit/KitView.vue'), meta: { title: 'Kit' } },
    {
      path: '/:rest(.*)*',
      component: () => import('./parts/NowhereView.vue'),
      meta: { title: 'No such page' },
    },
  ],
})

router.afterEach((to) => {
  document.title = `${String(to.meta.title ?? '')} · Nest Rinse`
})
