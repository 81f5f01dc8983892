import '@fontsource-variable/atkinson-hyperlegible-next'
import '@fontsource-variable/bitter'
import 'primeicons/primeicons.css'
import './theme/tokens.css'
import './theme/base.css'
import { createPinia } from 'pinia'
import PrimeVue from 'primevue/config'
import { createApp, markRaw } from 'vue'
import App from './App.vue'
import { router } from './router'
import { keepOffline } from './shell/offline'
import { speakAsAsked } from './shell/speaking'
import { preset } from './theme/preset'
import { lists } from './words/lists'

const nonce = document.querySelector<HTMLMetaElement>('meta[property="csp-nonce"]')?.nonce

/** Draws the application; what it says is in the language that is spoken by then. */
function begin(): void {
  const app = createApp(App)
  app
    .use(createPinia())
    .use(router)
    .use(PrimeVue, {
      // Never changed once it stands, so that nobody need watch each of its colours.
      theme: markRaw({
        preset,
        options: { darkModeSelector: '[data-theme="dark"]', cssLayer: false }
      }),
      ...(nonce ? { csp: { nonce } } : {})
    })
  const { locale } = app.config.globalProperties.$primevue.config
  if (locale) Object.assign(locale, lists, { aria: { ...locale.aria, ...lists } })
  app.mount('#app')
}
// Waited for here and not at the head of the module: parts that are fetched later share this file, which is then loaded in one.
void speakAsAsked().finally(begin)

/** The page is drawn and planned before the program is put away for later, ms. */
const AFTER_THE_FIRST_LOOK = 3000
setTimeout(() => void keepOffline(), AFTER_THE_FIRST_LOOK)
