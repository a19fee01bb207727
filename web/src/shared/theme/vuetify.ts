import 'vuetify/styles'
import { createVuetify } from 'vuetify'
import { aliases, mdi } from 'vuetify/iconsets/mdi-svg'

const shared = { 'border-opacity': 1 }

/** Vuetify in our own colours. The tokens themselves stand in tokens.css. */
export function createTheme() {
  return createVuetify({
    icons: { defaultSet: 'mdi', aliases, sets: { mdi } },
    theme: {
      defaultTheme: 'light',
      themes: {
        light: {
          dark: false,
          colors: {
            background: '#F2F5F3',
            surface: '#FCFDFC',
            primary: '#3D6B52',
            secondary: '#51665F',
            error: '#A83E17',
            'surface-bright': '#FCFDFC',
            'surface-variant': '#51665F',
            'on-surface-variant': '#F2F5F3',
            'on-background': '#15302A',
            'on-surface': '#15302A',
          },
          variables: { ...shared, 'border-color': '#D3DCD6', 'medium-emphasis-opacity': 0.86 },
        },
        dark: {
          dark: true,
          colors: {
            background: '#0F1A17',
            surface: '#15231F',
            primary: '#86B894',
            secondary: '#9DB1A8',
            error: '#F0875A',
            'surface-bright': '#E6EEEA',
            'surface-variant': '#9DB1A8',
            'on-surface-variant': '#0F1A17',
            'on-background': '#E6EEEA',
            'on-surface': '#E6EEEA',
          },
          variables: { ...shared, 'border-color': '#2A3B35', 'medium-emphasis-opacity': 0.86 },
        },
      },
    },
    defaults: {
      VBtn: { variant: 'flat', rounded: 'sm', class: 'text-none' },
      VTextField: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' },
      VSelect: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' },
      VAutocomplete: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' },
      VCombobox: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' },
      VTextarea: { variant: 'outlined', density: 'comfortable', hideDetails: 'auto' },
      VDialog: { maxWidth: 640 },
      // else the track takes the opacity of our borders, and the bar looks full
      VProgressLinear: { bgOpacity: 0.2 },
    },
  })
}
