import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'
import 'vuetify/styles'

const shared = { ember: '#B4521E', juniper: '#1F5E5B' }

/** Vuetify as the mechanism: flat, hairlines, three-pixel corners, compact. */
export const vuetify = createVuetify({
  icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
  theme: {
    defaultTheme: 'system',
    themes: {
      light: {
        dark: false,
        colors: {
          background: '#F7F5EF',
          surface: '#FFFFFF',
          'on-surface': '#20262B',
          primary: shared.juniper,
          secondary: '#5B6670',
          error: '#A3292B',
          warning: '#8A6100',
          ...shared,
        },
      },
      dark: {
        dark: true,
        colors: {
          background: '#171B1E',
          surface: '#1F2529',
          'on-surface': '#ECE8DE',
          primary: '#7FC0B6',
          secondary: '#A9B2B8',
          error: '#F09A94',
          warning: '#DDB55B',
          ...shared,
        },
      },
    },
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
    VDialog: { maxWidth: 640, scrim: '#20262B' },
  },
})
