import { createRouter, createWebHashHistory } from 'vue-router'
import { headAtOnce } from './shell/heading'
import BenchView from './views/bench/BenchView.vue'

/** Routes live behind the hash, so that the static build works from any base path of any host. */
export const router = createRouter({
  history: createWebHashHistory(),
  // Another place is begun at its top; going back goes back to where one was.
  scrollBehavior: (to, from, saved) => saved ?? (to.path === from.path ? undefined : { top: 0 }),
  routes: [
    { path: '/', component: BenchView, meta: { place: 'bench' } },
    {
      path: '/builds',
      component: () => import('./views/builds/BuildsView.vue'),
      meta: { place: 'builds' }
    },
    {
      path: '/cut-list',
      component: () => import('./views/builds/CutListView.vue'),
      meta: { place: 'builds' }
    },
    {
      path: '/builds/:id/cut-list',
      component: () => import('./views/builds/CutListView.vue'),
      meta: { place: 'builds' },
      props: true
    },
    {
      path: '/builds/:id/sheet',
      component: () => import('./views/builds/SheetView.vue'),
      props: true,
      meta: { place: 'builds' }
    },
    {
      path: '/builds/:id',
      component: () => import('./views/builds/BuildView.vue'),
      meta: { place: 'builds' },
      props: true
    },
    {
      path: '/kit/care',
      component: () => import('./views/kit/CareView.vue'),
      meta: { place: 'kit' }
    },
    {
      path: '/kit/item/:id',
      component: () => import('./views/kit/ToolLife.vue'),
      props: true,
      meta: { place: 'kit' }
    },
    {
      path: '/kit/back',
      component: () => import('./views/kit/BackView.vue'),
      meta: { place: 'kit' }
    },
    {
      path: '/kit/stock',
      component: () => import('./views/kit/SuppliesView.vue'),
      meta: { place: 'kit' }
    },
    {
      path: '/kit/due',
      component: () => import('./views/kit/DueView.vue'),
      meta: { place: 'kit' }
    },
    {
      path: '/kit/hours',
      component: () => import('./views/kit/HoursView.vue'),
      meta: { place: 'kit' }
    },
    { path: '/kit', component: () => import('./views/kit/KitView.vue'), meta: { place: 'kit' } },
    {
      path: '/weigh',
      component: () => import('./views/weigh/LadderView.vue'),
      meta: { place: 'weigh' }
    },
    {
      path: '/weigh/packages',
      component: () => import('./views/weigh/WeighView.vue'),
      meta: { place: 'weigh' }
    },
    {
      path: '/weigh/quality',
      component: () => import('./views/weigh/QualityView.vue'),
      meta: { place: 'weigh' }
    },
    {
      path: '/weigh/power',
      component: () => import('./views/weigh/PowerView.vue'),
      meta: { place: 'weigh' }
    },
    {
      path: '/weigh/schools',
      component: () => import('./views/weigh/SchoolsView.vue'),
      meta: { place: 'weigh' }
    },
    {
      path: '/weigh/list',
      component: () => import('./views/weigh/FoundListView.vue'),
      meta: { place: 'weigh' }
    },
    {
      path: '/prices',
      component: () => import('./views/prices/NowView.vue'),
      meta: { place: 'prices' }
    },
    {
      path: '/prices/seen',
      component: () => import('./views/prices/SeenView.vue'),
      meta: { place: 'prices' }
    },
    {
      path: '/prices/sales',
      component: () => import('./views/prices/SalesView.vue'),
      meta: { place: 'prices' }
    },
    {
      path: '/prices/find',
      component: () => import('./views/prices/FindView.vue'),
      meta: { place: 'prices' }
    },
    {
      path: '/prices/sheet/:tool/:power',
      component: () => import('./views/prices/SheetView.vue'),
      props: true,
      meta: { place: 'prices' }
    },
    {
      path: '/prices/board',
      component: () => import('./views/prices/BoardView.vue'),
      meta: { place: 'prices' }
    },
    {
      path: '/stages',
      component: () => import('./views/stages/StagesView.vue'),
      meta: { place: 'stages' }
    },
    {
      path: '/stages/scenarios',
      component: () => import('./views/stages/ScenariosView.vue'),
      meta: { place: 'stages' }
    },
    {
      path: '/stages/risk',
      component: () => import('./views/stages/RiskView.vue'),
      meta: { place: 'stages' }
    },
    {
      path: '/workshop',
      component: () => import('./views/workshop/FloorView.vue'),
      meta: { place: 'workshop' }
    },
    {
      path: '/workshop/today',
      component: () => import('./views/workshop/DayView.vue'),
      meta: { place: 'workshop' }
    },
    {
      path: '/workshop/power',
      component: () => import('./views/workshop/CircuitsView.vue'),
      meta: { place: 'workshop' }
    },
    {
      path: '/workshop/air',
      component: () => import('./views/workshop/AirView.vue'),
      meta: { place: 'workshop' }
    },
    {
      path: '/workshop/hazards',
      component: () => import('./views/workshop/HazardsView.vue'),
      meta: { place: 'workshop' }
    },
    {
      path: '/workshop/limits',
      component: () => import('./views/workshop/WorkshopView.vue'),
      meta: { place: 'workshop' }
    },
    {
      path: '/side',
      component: () => import('./views/side/MakeView.vue'),
      meta: { place: 'side' }
    },
    {
      path: '/side/prices',
      component: () => import('./views/side/PricesView.vue'),
      meta: { place: 'side' }
    },
    {
      path: '/side/stock',
      component: () => import('./views/side/StockView.vue'),
      meta: { place: 'side' }
    },
    {
      path: '/side/tools',
      component: () => import('./views/side/ToolsView.vue'),
      meta: { place: 'side' }
    },
    {
      path: '/side/books',
      component: () => import('./views/side/BooksView.vue'),
      meta: { place: 'side' }
    },
    {
      path: '/side/listing/:id',
      component: () => import('./views/side/ListingView.vue'),
      meta: { place: 'side' },
      props: true
    },
    {
      path: '/ledger',
      component: () => import('./views/ledger/LedgerView.vue'),
      meta: { place: 'ledger' }
    },
    {
      path: '/ledger/plan',
      component: () => import('./views/ledger/AgainstView.vue'),
      meta: { place: 'ledger' }
    },
    {
      path: '/ledger/inventory',
      component: () => import('./views/ledger/InventoryView.vue'),
      meta: { place: 'ledger' }
    },
    { path: '/keeping', component: () => import('./views/keeping/KeepingView.vue') },
    { path: '/incoming', component: () => import('./views/keeping/IncomingView.vue') },
    { path: '/pocket', component: () => import('./views/keeping/PocketView.vue') },
    { path: '/pocket/shop', component: () => import('./views/keeping/AisleView.vue') },
    {
      path: '/what/:kind/:id',
      component: () => import('./views/cards/CardView.vue'),
      props: true
    },
    { path: '/start', component: () => import('./views/start/StartView.vue') },
    { path: '/settings', component: () => import('./views/settings/SettingsView.vue') },
    { path: '/:rest(.*)*', redirect: '/' }
  ]
})

headAtOnce(router)

/** The router hears of addresses once it has shown its first page; one that is asked for meanwhile is remembered here, and gone to then. */
let askedMeanwhile: string | undefined
const remember = (): void => {
  askedMeanwhile = window.location.hash.slice(1) || '/'
}
// The second event of an address may come only after the router is ready, which has put its own address back by then.
const TOLD_BY = ['popstate', 'hashchange'] as const
for (const event of TOLD_BY) window.addEventListener(event, remember)
void router.isReady().then(() => {
  for (const event of TOLD_BY) window.removeEventListener(event, remember)
  if (askedMeanwhile !== undefined && askedMeanwhile !== router.currentRoute.value.fullPath)
    void router.push(askedMeanwhile)
})
