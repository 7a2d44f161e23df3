import '@fontsource/source-sans-3/400.css'
import '@fontsource/source-sans-3/600.css'
import '@fontsource/source-serif-4/600.css'
import './fonts/signs.css'
import './theme.scss'
import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import { App } from './app/App'

const root = document.getElementById('root')
if (root === null) throw new Error('index.html has no root')
createRoot(root).render(
  <StrictMode>
    <App />
  </StrictMode>,
)
