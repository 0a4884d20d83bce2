import type { RouteLocationRaw } from 'vue-router'

/** Something people want to do, by the words in which they look for it; where it is done, or which page of help tells it. */
export interface Task {
  id: string
  name: string
  locator: string
  also: string
  to?: RouteLocationRaw
  help?: string
  /** Whether only managers do it. */
  managers?: boolean
}

const plan = { name: 'plan' }
const help = (id: string, name: string, page: string, also: string): Task => ({
  id,
  name,
  locator: 'help',
  also,
  help: page,
})

/** What is done on more than one screen, or from within a page: people know it by words that stand on none of our buttons. */
export const TASKS: Task[] = [
  {
    id: 'move',
    name: 'Move a page',
    locator: 'Plan',
    also: 'drag order reorder sort position parent hierarchy tree nest indent rearrange child subpage',
    to: plan,
  },
  {
    id: 'remove',
    name: 'Remove a page, or take it off the site',
    locator: 'Plan',
    also: 'delete trash bin erase unpublish hide archive discard get rid withdraw offline',
    to: plan,
  },
  {
    id: 'bin',
    name: 'Bring back a page that was removed',
    locator: 'Plan',
    also: 'bin trash restore undelete recover deleted lost',
    to: { name: 'plan', query: { sheet: 'bin' } },
  },
  {
    id: 'table',
    name: 'The plan as a table (CSV)',
    locator: 'Plan',
    also: 'export import spreadsheet excel outline structure migrate move here csv',
    to: { name: 'plan', query: { sheet: 'table' } },
  },
  {
    id: 'order',
    name: 'Put pages in order by title or date',
    locator: 'Plan',
    also: 'sort alphabetical newest oldest automatically',
    to: plan,
  },
  {
    id: 'many',
    name: 'Change many pages at once',
    locator: 'Plan',
    also: 'bulk mass batch select several edit all',
    to: plan,
  },
  { id: 'copy', name: 'Copy a page', locator: 'Plan', also: 'duplicate clone again same', to: plan },
  {
    managers: true,
    id: 'home',
    name: 'Choose the home page',
    locator: 'Plan',
    also: 'front landing start index static root first homepage',
    to: plan,
  },
  {
    id: 'menus',
    name: 'Change a menu',
    locator: 'Plan',
    also: 'navigation nav links dropdown submenu item label entry bar',
    to: plan,
  },
  {
    id: 'draft',
    name: 'See what visitors don’t see yet',
    locator: 'Releases',
    also: 'draft unpublished pending review changes preview waiting status',
    to: { name: 'releases' },
  },
  {
    id: 'design',
    name: 'Change how everything looks',
    locator: 'Theme',
    also: 'css stylesheet style design brand skin customise customize branding identity',
    to: { name: 'theme' },
  },
  {
    managers: true,
    id: 'columns',
    name: 'Columns beside the content, by kind',
    locator: 'Kinds',
    also: 'sidebar aside widget left right rail panel',
    to: { name: 'kinds' },
  },
  {
    managers: true,
    id: 'fields',
    name: 'Fields of a kind',
    locator: 'Kinds',
    also: 'custom content type model metadata attribute property schema input',
    to: { name: 'kinds' },
  },
  {
    id: 'links',
    name: 'Find links that lead nowhere',
    locator: 'Survey',
    also: 'broken dead checker 404 missing error wrong',
    to: { name: 'survey' },
  },
  {
    id: 'alt',
    name: 'Say what pictures show',
    locator: 'Media',
    also: 'alt text alternative description accessibility caption screen reader blind',
    to: { name: 'media' },
  },
  {
    id: 'crop',
    name: 'Cut a picture',
    locator: 'Media',
    also: 'crop resize focal point trim edit optimise scale',
    to: { name: 'media' },
  },
  help(
    'address',
    'Addresses of pages',
    'addresses',
    'address url slug permalink link redirect 301 rename path alias forward old',
  ),
  help(
    'everywhere',
    'Something on every page',
    'everywhere',
    'global shared footer header banner snippet reuse common sitewide',
  ),
  help(
    'history',
    'What a page was before',
    'page',
    'version revision restore undo compare diff back mistake',
  ),
  help(
    'text',
    'Write and set text',
    'page',
    'bold italic heading list quote link paste word formatting wysiwyg editor',
  ),
  help(
    'seo',
    'What search engines are told',
    'page',
    'seo meta description title results ranking robots noindex snippet keywords',
  ),
  help(
    'code',
    'Code of your own',
    'functional',
    'html embed iframe script javascript widget tracking analytics cookie consent',
  ),
  help(
    'feed',
    'Follow a listing',
    'listings',
    'rss atom feed calendar ics subscribe events blog posts news archive',
  ),
  help('tags', 'Topics', 'kinds', 'tag category label keyword taxonomy group classify filter'),
  help(
    'carry',
    'Carry pages to another site',
    'upkeep',
    'import export migrate transfer download zip static html move staging',
  ),
  help(
    'grow',
    'Change many pages at once',
    'roll-out',
    'bulk mass update push propagate inherit sync override',
  ),
  help('layout', 'Pages in another template', 'fitting', 'layout switch change convert format wireframe'),
  help(
    'rights',
    'Who may do what',
    'people',
    'permission role access admin administrator author contributor owner privilege',
  ),
  help(
    'words',
    'Places to fill',
    'patterns',
    'placeholder lorem ipsum sample dummy block component module partial slot',
  ),
]
