import { t } from './words'
import { createRouter, createWebHistory } from 'vue-router'
import { house } from './api/house'
import GatherView from './stations/gather/GatherView.vue'

export const router = createRouter({
  history: createWebHistory(house || '/'),
  routes: [
    { path: '/', redirect: '/gather' },
    { path: '/gather', component: GatherView, meta: { title: t('router.gather') } },
    {
      path: '/sort',
      component: () => import('./stations/sort/SortView.vue'),
      meta: { title: t('router.sort') },
    },
    {
      path: '/wash',
      component: () => import('./stations/wash/WashStation.vue'),
      meta: { title: t('router.wash') },
    },
    {
      path: '/card',
      component: () => import('./stations/wash/CardView.vue'),
      meta: { title: t('router.wallCard') },
    },
    {
      path: '/dry',
      component: () => import('./stations/dry/DryView.vue'),
      meta: { title: t('router.dry') },
    },
    {
      path: '/shelf',
      component: () => import('./stations/shelf/ShelfView.vue'),
      meta: { title: t('router.shelf') },
    },
    {
      path: '/week',
      component: () => import('./stations/shelf/WeekView.vue'),
      meta: { title: t('router.theWeek') },
    },
    {
      path: '/reset',
      component: () => import('./stations/reset/ResetView.vue'),
      meta: { title: t('router.reset') },
    },
    {
      path: '/record',
      component: () => import('./stations/record/RecordView.vue'),
      meta: { title: t('router.record') },
    },
    {
      path: '/record/:id',
      component: () => import('./stations/record/RoundView.vue'),
      meta: { title: t('router.aRound') },
      props: true,
    },
    {
      path: '/how/:model',
      component: () => import('./stations/how/HowView.vue'),
      meta: { title: t('router.how') },
      props: true,
    },
    {
      path: '/kit',
      component: () => import('./stations/kit/KitView.vue'),
      meta: { title: t('router.kit') },
    },
    {
      path: '/:rest(.*)*',
      component: () => import('./parts/NowhereView.vue'),
      meta: { title: t('router.noSuchPage') },
    },
  ],
})

router.afterEach((to) => {
  document.title = t('router.nestRinse', { title: String(to.meta.title ?? '') })
})
