import { createRouter, createWebHistory } from 'vue-router'
import { get } from '@/api/client'
import { begin } from '@/api/working'
import { useNotices } from '@/edit/useNotices'
import type { Shape } from '@/look/AwaitedScreen.vue'

declare module 'vue-router' {
  interface RouteMeta {
    /** How the screen is laid out, drawn while it is awaited. */
    shape?: Shape
    /** Whether it is open to whoever is not signed in. */
    open?: boolean
  }
}

/** Each screen has its address; the site's id stands first. */
export const router = createRouter({
  history: createWebHistory(),
  routes: [
    { path: '/', name: 'start', component: () => import('@/frame/StartScreen.vue') },
    { path: '/-/come-in', meta: { open: true }, component: () => import('@/session/ComeInScreen.vue') },
    {
      path: '/-/new-password',
      meta: { open: true },
      component: () => import('@/session/NewPasswordScreen.vue'),
    },
    {
      path: '/-/new-address',
      meta: { open: true },
      component: () => import('@/session/NewAddressScreen.vue'),
    },
    {
      path: '/-',
      component: () => import('@/people/InstallationFrame.vue'),
      children: [
        { path: 'people', name: 'people', component: () => import('@/people/PeopleScreen.vue') },
        { path: 'sites', name: 'sites', component: () => import('@/people/SitesScreen.vue') },
        { path: 'account', name: 'account', component: () => import('@/people/AccountScreen.vue') },
        { path: 'new-site', name: 'new-site', component: () => import('@/setup/NewSiteScreen.vue') },
        { path: 'upkeep', name: 'upkeep', component: () => import('@/upkeep/UpkeepScreen.vue') },
        { path: 'record', name: 'record', component: () => import('@/people/RecordScreen.vue') },
      ],
    },
    {
      path: '/:site',
      component: () => import('@/frame/SiteFrame.vue'),
      children: [
        { path: '', redirect: (to) => ({ name: 'plan', params: to.params }) },
        {
          path: 'plan/:page?',
          name: 'plan',
          meta: { shape: 'outline' },
          component: () => import('@/plan/PlanScreen.vue'),
        },
        {
          path: 'page/:page',
          name: 'page',
          meta: { shape: 'halves' },
          component: () => import('@/page/PageScreen.vue'),
        },
        {
          path: 'page/:page/form',
          name: 'form',
          meta: { shape: 'halves' },
          component: () => import('@/page/PageScreen.vue'),
        },
        {
          path: 'new',
          name: 'new',
          meta: { shape: 'halves' },
          component: () => import('@/newpage/NewPageScreen.vue'),
        },
        { path: 'templates', name: 'templates', component: () => import('@/template/TemplatesScreen.vue') },
        { path: 'kinds', name: 'kinds', component: () => import('@/kind/KindsScreen.vue') },
        {
          path: 'kinds/:kind',
          name: 'kind',
          meta: { shape: 'halves' },
          component: () => import('@/kind/KindScreen.vue'),
        },
        {
          path: 'templates/:template',
          name: 'template',
          meta: { shape: 'halves' },
          component: () => import('@/template/TemplateScreen.vue'),
        },
        {
          path: 'patterns',
          name: 'patterns',
          meta: { shape: 'frames' },
          component: () => import('@/pattern/PatternsScreen.vue'),
        },
        {
          path: 'patterns/:pattern',
          name: 'pattern',
          meta: { shape: 'halves' },
          component: () => import('@/pattern/PatternScreen.vue'),
        },
        {
          path: 'roll-out/:item',
          name: 'roll-out',
          component: () => import('@/template/RollOutScreen.vue'),
        },
        {
          path: 'theme',
          name: 'theme',
          meta: { shape: 'halves' },
          component: () => import('@/theme/ThemeScreen.vue'),
        },
        {
          path: 'media/:media?',
          name: 'media',
          meta: { shape: 'frames' },
          component: () => import('@/media/MediaScreen.vue'),
        },
        {
          path: 'answers/:form?',
          name: 'answers',
          component: () => import('@/answers/AnswersScreen.vue'),
        },
        {
          path: 'forms/:form',
          name: 'form-item',
          meta: { shape: 'halves' },
          component: () => import('@/form/FormScreen.vue'),
        },
        {
          path: 'letters/:letter?',
          name: 'letters',
          component: () => import('@/letters/LettersScreen.vue'),
        },
        {
          path: 'subscribers/:list',
          name: 'subscribers',
          component: () => import('@/letters/LettersScreen.vue'),
        },
        { path: 'members', name: 'members', component: () => import('@/members/MembersScreen.vue') },
        { path: 'survey', name: 'survey', component: () => import('@/survey/SurveyScreen.vue') },
        {
          path: 'settings',
          name: 'settings',
          component: () => import('@/settings/SiteSettingsScreen.vue'),
        },
        { path: 'releases', name: 'releases', component: () => import('@/release/ReleaseScreen.vue') },
      ],
    },
    { path: '/:rest(.*)*', redirect: '/' },
  ],
})

/** A screen that is on its way is work that is seen. */
let arrived = () => {}
router.beforeEach(() => {
  arrived()
  arrived = begin()
})
router.afterEach(() => arrived())
router.onError((_, to) => {
  arrived()
  if (router.currentRoute.value.matched.length) void couldNotOpen(to.fullPath)
})

/** A screen's code could not be fetched: with a connection the window has an older one's, and is loaded anew. */
async function couldNotOpen(path: string) {
  const me = await get('/api/me')
  if (me.ok || me.problem.status) return location.assign(path)
  useNotices().say(
    'This screen can’t be opened: the server can’t be reached.',
    'You are where you were, and nothing is lost. Open it again when the connection is back.',
  )
}

/** A window is loaded for one site: what it may frame is told with the page, and another site is loaded anew. */
const loadedFor = location.pathname.split('/')[1]
router.beforeEach((to) => {
  const site = to.params.site
  if (!site || site === loadedFor) return true
  location.assign(to.fullPath)
  return false
})
