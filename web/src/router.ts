import { createRouter, createWebHistory } from 'vue-router'
import TodayPage from '@/today/TodayPage.vue'

/** Every page but Today is loaded when it is first asked for. */
export const router = createRouter({
  history: createWebHistory(),
  scrollBehavior: (_to, _from, saved) => saved ?? { top: 0 },
  routes: [
    { path: '/', component: TodayPage, meta: { title: 'Today' } },
    { path: '/green', component: () => import('@/green/LotsPage.vue'), meta: { title: 'Green' } },
    { path: '/green/:id(\\d+)', component: () => import('@/green/LotPage.vue'), meta: { title: 'Lot' } },
    {
      path: '/green/samples/:id(\\d+)',
      component: () => import('@/green/InspectionPage.vue'),
      meta: { title: 'Inspection' },
    },
    {
      path: '/instruments',
      component: () => import('@/device/InstrumentsPage.vue'),
      meta: { title: 'Instruments' },
    },
    { path: '/plan', component: () => import('@/plan/PlansPage.vue'), meta: { title: 'Plans' } },
    { path: '/plan/new', component: () => import('@/plan/NewPlanPage.vue'), meta: { title: 'New plan' } },
    { path: '/plan/:id(\\d+)', component: () => import('@/plan/PlanPage.vue'), meta: { title: 'Plan' } },
    { path: '/plan/day', component: () => import('@/day/DayPage.vue'), meta: { title: 'The day' } },
    { path: '/machines', component: () => import('@/machine/MachinesPage.vue'), meta: { title: 'Roasters' } },
    {
      path: '/machines/:id(\\d+)',
      component: () => import('@/machine/MachinePage.vue'),
      meta: { title: 'Roaster' },
    },
    { path: '/roast', component: () => import('@/roast/RoastsPage.vue'), meta: { title: 'Roasts' } },
    {
      path: '/roast/import',
      component: () => import('@/roast/ImportPage.vue'),
      meta: { title: 'Import a log' },
    },
    { path: '/roast/desk', component: () => import('@/desk/DesksPage.vue'), meta: { title: 'Desk' } },
    {
      path: '/roast/desk/:id(\\d+)',
      component: () => import('@/desk/DeskPage.vue'),
      meta: { title: 'Desk' },
    },
    {
      path: '/roast/beside',
      component: () => import('@/roast/BesidePage.vue'),
      meta: { title: 'Roasts compared' },
    },
    { path: '/roast/:id(\\d+)', component: () => import('@/roast/RoastPage.vue'), meta: { title: 'Roast' } },
    {
      path: '/put-aside',
      component: () => import('@/shared/components/PutAsidePage.vue'),
      meta: { title: 'Put aside' },
    },
    { path: '/sample', component: () => import('@/sample/SamplesPage.vue'), meta: { title: 'Samples' } },
    { path: '/sample/meters', component: () => import('@/sample/MetersPage.vue'), meta: { title: 'Meters' } },
    {
      path: '/sample/:id(\\d+)',
      component: () => import('@/sample/SamplePage.vue'),
      meta: { title: 'Bench' },
    },
    { path: '/rest', component: () => import('@/rest/ShelfPage.vue'), meta: { title: 'Rest shelf' } },
    { path: '/cupping', component: () => import('@/cupping/CuppingsPage.vue'), meta: { title: 'Cupping' } },
    {
      path: '/cupping/:id(\\d+)',
      component: () => import('@/cupping/CuppingPage.vue'),
      meta: { title: 'Sheet' },
    },
    {
      path: '/cupping/:id(\\d+)/wall',
      component: () => import('@/cupping/WallPage.vue'),
      meta: { title: 'Wall' },
    },
    {
      path: '/cupping/:id(\\d+)/prepare',
      component: () => import('@/cupping/PreparePage.vue'),
      meta: { title: 'Prepare' },
    },
    {
      path: '/cupping/cuppers',
      component: () => import('@/cupping/CuppersPage.vue'),
      meta: { title: 'Cuppers' },
    },
    {
      path: '/cupping/cuppers/:name',
      component: () => import('@/cupping/CupperPage.vue'),
      meta: { title: 'Cupper' },
    },
    {
      path: '/cupping/house',
      component: () => import('@/cupping/HousePage.vue'),
      meta: { title: 'Our words, scales and lines' },
    },
    // from a cupper's own device: neither leads anywhere else
    {
      path: '/join',
      component: () => import('@/cupping/JoinPage.vue'),
      meta: { title: 'Join a table', seat: true },
    },
    {
      path: '/table/:id(\\d+)',
      component: () => import('@/cupping/SeatPage.vue'),
      meta: { title: 'Table', seat: true },
    },
    {
      path: '/decision',
      component: () => import('@/decision/DecisionsPage.vue'),
      meta: { title: 'Decisions' },
    },
    {
      path: '/decision/:id(\\d+)',
      component: () => import('@/decision/DecisionPage.vue'),
      meta: { title: 'Decision' },
    },
    {
      path: '/decision/profiles',
      component: () => import('@/decision/ProfilesPage.vue'),
      meta: { title: 'Profiles' },
    },
    {
      path: '/decision/profiles/:id(\\d+)',
      component: () => import('@/decision/ProfilePage.vue'),
      meta: { title: 'Profile' },
    },
    {
      path: '/decision/suppliers/:name',
      component: () => import('@/decision/SupplierPage.vue'),
      meta: { title: 'Supplier' },
    },
    {
      path: '/decision/questions',
      component: () => import('@/decision/QuestionsPage.vue'),
      meta: { title: 'Questions' },
    },
    {
      path: '/decision/blend/:id(\\d+)?',
      component: () => import('@/decision/BlendPage.vue'),
      meta: { title: 'Blend' },
    },
    {
      path: '/decision/bags',
      component: () => import('@/decision/BagsPage.vue'),
      meta: { title: 'Which bags?' },
    },
    { path: '/trace', component: () => import('@/trace/TracesPage.vue'), meta: { title: 'Traces' } },
    {
      path: '/trace/patterns',
      component: () => import('@/trace/PatternsPage.vue'),
      meta: { title: 'What this lab has learned' },
    },
    {
      path: '/trace/:what(lot|table)/:id(\\d+)',
      component: () => import('@/trace/TogetherPage.vue'),
      meta: { title: 'Traced together' },
    },
    {
      path: '/trace/beside',
      component: () => import('@/trace/BesideTraces.vue'),
      meta: { title: 'Traces side by side' },
    },
    {
      path: '/trace/over-time',
      component: () => import('@/trace/OverTimePage.vue'),
      meta: { title: 'Over time' },
    },
    {
      path: '/trace/record',
      component: () => import('@/trace/RecordPage.vue'),
      meta: { title: 'How often it was right' },
    },
    {
      path: '/trace/rules',
      component: () => import('@/trace/RulesPage.vue'),
      meta: { title: 'Rules' },
    },
    { path: '/trace/:id(\\d+)', component: () => import('@/trace/TraceGate.vue'), meta: { title: 'Trace' } },
    { path: '/people', component: () => import('@/people/PeoplePage.vue'), meta: { title: 'People' } },
    {
      path: '/:rest(.*)*',
      component: () => import('@/shared/components/LostPage.vue'),
      meta: { title: 'Not found' },
    },
  ],
})

router.afterEach((to) => {
  document.title = `${String(to.meta.title)} – Barrowmist`
})
