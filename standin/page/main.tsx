import { StrictMode } from 'react'
import { createRoot } from 'react-dom/client'
import './page.css'
import { Page } from './Page.tsx'

createRoot(document.getElementById('app') as HTMLElement).render(
  <StrictMode>
    <Page />
  </StrictMode>,
)
