import '@fontsource/barlow-condensed/latin-400.css'
import '@fontsource/barlow-condensed/latin-500.css'
import '@fontsource/barlow-condensed/latin-600.css'
import '@fontsource-variable/atkinson-hyperlegible-next/wght.css'
import './app/film.css'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { z } from 'zod'
import { App } from './app/App.js'
import { bringLanguage } from './app/language.js'

z.config({ jitless: true }) // the content policy has no eval, and zod would probe for it

const root = document.getElementById('root')
if (root === null) throw new Error('index.html has no root')
// What is loaded with this page asks for its texts when it shows them; places are loaded after, and may take them as they load.
void bringLanguage().then(() =>
  createRoot(root).render(
    <StrictMode>
      <App />
    </StrictMode>,
  ),
)
