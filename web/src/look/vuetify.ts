import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'
import 'vuetify/styles'
import { COLOURS, coloursOf, type Scheme } from './colours'

function theme(scheme: Scheme) {
  const own = coloursOf(scheme)
  const { paper, sheet, ink, juniper, quiet, brick, ochre } = own
  const roles = { background: paper, surface: sheet, 'on-surface': ink, primary: juniper, secondary: quiet }
  return { dark: scheme === 'dark', colors: { ...own, ...roles, error: brick, warning: ochre } }
}

/** Vuetify as the mechanism: flat, hairlines, three-pixel corners, compact. */
export const vuetify = createVuetify({
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  theme: {
    defaultTheme: 'system',
    themes: { light: theme('light'), dark: theme('dark') },
  },
  defaults: {
    global: { ripple: false },
    VBtn: { variant: 'outlined', rounded: 'sm', size: 'small', class: 'btn' },
    VTextField: { variant: 'outlined', density: 'compact', hideDetails: 'auto' },
    VTextarea: { variant: 'outlined', density: 'compact', hideDetails: 'auto', rows: 2, autoGrow: true },
    VSelect: { variant: 'outlined', density: 'compact', hideDetails: 'auto', menuIcon: '$dropdown' },
    VAutocomplete: { variant: 'outlined', density: 'compact', hideDetails: 'auto' },
    VCheckbox: { density: 'compact', hideDetails: true, color: 'primary' },
    VRadioGroup: { density: 'compact', hideDetails: true },
    VRadio: { density: 'compact', color: 'primary' },
    VChip: { label: true, rounded: 'sm', variant: 'outlined', size: 'small' },
    VDialog: { maxWidth: 640, scrim: COLOURS.ink.light },
  },
})
