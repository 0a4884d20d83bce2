import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'
import 'vuetify/styles'
import { coloursOf, type Scheme } from './colours'

function theme(scheme: Scheme) {
  const own = coloursOf(scheme)
  const { paper, sheet, ink, juniper, quiet, brick, ochre } = own
  const roles = { background: paper, surface: sheet, 'on-surface': ink, primary: juniper, secondary: quiet }
  return { dark: scheme === 'dark', colors: { ...own, ...roles, error: brick, warning: ochre } }
}

const BOX = 'M4 6H18V20H4Z M5.2 7.2V18.8H16.8V7.2Z'
const STROKE =
  'M6.5 12.2C8.2 13.4 9.4 15 10.3 17C13 10.8 16.6 6.3 22.4 2.6L23 3.5C18 7.6 14.4 12.6 11.4 19.4L9.8 19.5C8.7 16.6 7.6 14.7 5.6 13.2Z'
const DASH = 'M6.8 12.4C9.6 11.8 12.4 11.8 15.4 12.2V13.6C12.4 13.3 9.6 13.4 6.8 14Z'
const RING =
  'M12 4.5a7.5 7.5 0 0 1 0 15a7.5 7.5 0 0 1 0-15Z M12 5.7a6.3 6.3 0 0 0 0 12.6a6.3 6.3 0 0 0 0-12.6Z'
const DOT = 'M12 8.4a3.6 3.6 0 0 1 0 7.2a3.6 3.6 0 0 1 0-7.2Z'
/** Boxes ticked by a stroke of the pen that runs over their edge; `look.css` draws the browser's own boxes so. */
const pen = {
  checkboxOff: BOX,
  checkboxOn: `${BOX} ${STROKE}`,
  checkboxIndeterminate: `${BOX} ${DASH}`,
  radioOff: RING,
  radioOn: `${RING} ${DOT}`,
}

/** A count that went with the focus would move what is pressed next from beneath the pointer. */
const STAYS = { persistentCounter: true }

/** Vuetify as the mechanism: flat, hairlines, three-pixel corners, compact. */
export const vuetify = createVuetify({
  icons: { defaultSet: 'mdi', aliases: { ...aliases, ...pen }, sets: { mdi } },
  theme: {
    defaultTheme: 'system',
    themes: { light: theme('light'), dark: theme('dark') },
  },
  defaults: {
    global: { ripple: false },
    VBtn: { variant: 'outlined', rounded: 'sm', size: 'small', class: 'btn' },
    VTextField: { variant: 'outlined', density: 'compact', hideDetails: 'auto', ...STAYS },
    VTextarea: {
      variant: 'outlined',
      density: 'compact',
      hideDetails: 'auto',
      rows: 2,
      autoGrow: true,
      ...STAYS,
    },
    VAutocomplete: {
      variant: 'outlined',
      density: 'compact',
      hideDetails: 'auto',
      menuIcon: '',
      autoSelectFirst: true,
    },
    VCheckbox: { density: 'compact', hideDetails: true, color: 'primary' },
    VRadioGroup: { density: 'compact', hideDetails: true },
    VRadio: { density: 'compact', color: 'primary' },
    VChip: { label: true, rounded: 'sm', variant: 'outlined', size: 'small' },
    VDialog: { maxWidth: 640, scrim: 'transparent' },
  },
})
