import { t } from './words'
import { createRouter, createWebHistory } from 'vue-router'
import { api } from './api/client'
import { house } from './api/house'
import NowhereView from './parts/NowhereView.vue'
import GatherView from './stations/gather/GatherView.vue'

export const router = createRouter({
  // Whoever goes back finds the place where they were; a new page begins at its top.
  scrollBehavior: (to, from, before) => before ?? (to.path === from.path ? false : { top: 0 }),
  history: createWebHistory(house || '/'),
  routes: [
    {
      path: '/',
      component: NowhereView,
      // A house that is not set up opens on its set-up.
      beforeEnter: async () => {
        const { data } = await api.GET('/api/v1/line')
        return data?.next.station === 'set-up' ? '/set-up' : '/gather'
      },
    },
    {
      path: '/set-up/:step?',
      component: () => import('./stations/setup/SetUpView.vue'),
      meta: { title: t('router.setUp'), bare: true },
      props: true,
    },
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
      meta: { plain: true, title: t('router.wallCard') },
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
      path: '/shelf/stock',
      component: () => import('./stations/shelf/StockView.vue'),
      meta: { plain: true, title: t('router.stock') },
    },
    {
      path: '/shelf/wear',
      component: () => import('./stations/shelf/WearView.vue'),
      meta: { plain: true, title: t('router.wear') },
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
      meta: { plain: true, title: t('router.record') },
    },
    {
      path: '/record/causes',
      component: () => import('./stations/record/CausesView.vue'),
      meta: { title: t('record.recordView.possibleCauses') },
    },
    {
      path: '/record/rounds',
      component: () => import('./stations/record/RoundsView.vue'),
      meta: { plain: true, title: t('record.recordView.everyRound') },
    },
    {
      path: '/record/compare',
      component: () => import('./stations/record/CompareView.vue'),
      meta: { plain: true, title: t('record.recordView.comparePeriods') },
    },
    {
      path: '/record/costs',
      component: () => import('./stations/record/CostsView.vue'),
      meta: { plain: true, title: t('record.recordView.costsAndUse') },
    },
    {
      path: '/record/files',
      component: () => import('./stations/record/FilesView.vue'),
      meta: { plain: true, title: t('record.recordView.files') },
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
      meta: { plain: true, title: t('router.how') },
      props: true,
    },
    {
      path: '/kit/:tab?',
      component: () => import('./stations/kit/KitView.vue'),
      meta: { plain: true, title: t('router.kit') },
      props: true,
    },
    {
      path: '/:rest(.*)*',
      component: NowhereView,
      meta: { title: t('router.noSuchPage') },
    },
  ],
})

router.afterEach((to, from) => {
  // Readers begin at the top of what is new, too.
  if (from.matched.length && to.path !== from.path) document.getElementById('work')?.focus()
  document.title = t('router.nestRinse', { title: String(to.meta.title ?? '') })
})
