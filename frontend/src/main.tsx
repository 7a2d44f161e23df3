import '@fontsource/source-sans-3/latin-400.css'
import '@fontsource/source-sans-3/latin-600.css'
import '@fontsource/source-serif-4/latin-600.css'
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
